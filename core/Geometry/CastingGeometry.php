<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * What the body of a casting says to those who plan its mould; they know nothing of how it was read. Metres, x to the right, y to the back,
 * z up from the lowest point, as it lies in the mould.
 */
final readonly class CastingGeometry
{
    /**
     * @param array{float, float, float} $box along x, y and z
     * @param array<string, PartGeometry> $parts section id → what it is
     * @param array<string, array<string, float>> $contacts part → part → face by which they touch, m²; told both ways
     * @param array<string, array<string, float>> $overlaps part → part → volume that both were given, m³; told once
     * @param list<string> $apart parts that touch nothing of the rest
     * @param list<HighPoint> $highPoints the highest first
     * @param list<HotSpot> $hotSpots the thickest first
     * @param list<float> $lastToFill x, y, z of the place farthest from every gate
     * @param float $way of the metal to that place
     * @param list<list<float>> $meets places where fronts of metal meet, x, y, z
     * @param float $sandwiched m² of upper side that other metal stands over: it lifts a core or an undercut
     * @param float $acrossWall cells across the thinnest wall
     * @param BodyFields $fields what it says at every place
     * @param MeshOutlines|null $outlines of a mesh, to be drawn by; sections are drawn from their measurements
     */
    public function __construct(
        public array $box,
        public array $parts,
        public array $contacts,
        public array $overlaps,
        public array $apart,
        public array $highPoints,
        public array $hotSpots,
        public array $lastToFill,
        public float $way,
        public array $meets,
        public float $sandwiched,
        public float $acrossWall,
        public BodyFields $fields,
        public ?MeshOutlines $outlines = null,
    ) {
    }

    /** Of the whole casting without what two parts share, m³. */
    public function volume(): float
    {
        $shared = array_sum(array_map(array_sum(...), $this->overlaps));

        return max(0.0, array_sum(array_map(static fn (PartGeometry $part): float => $part->volume, $this->parts)) - $shared);
    }

    /**
     * Thick places that nothing feeds, the thickest first.
     *
     * @param bool $risers whether metal is poured into any
     *
     * @return list<HotSpot>
     */
    public function unfed(bool $risers): array
    {
        return array_values(array_filter($this->hotSpots, static fn (HotSpot $spot): bool => !$risers || !$spot->isFed()));
    }

    /**
     * Each pair that touches once, cm².
     *
     * @return list<array{sections: list<string>, area: float}>
     */
    private function touching(): array
    {
        $pairs = [];
        foreach ($this->contacts as $one => $others) {
            foreach ($others as $other => $area) {
                $pair = [$one, $other];
                sort($pair);
                $pairs[implode('/', $pair)] = ['sections' => $pair, 'area' => round($area * 1e4, 3)];
            }
        }

        return array_values($pairs);
    }

    /**
     * For documents and screens: lengths in mm, areas in cm², volumes in mL, to three places.
     *
     * @param bool $risers whether metal is poured into any
     *
     * @return array<string, mixed>
     */
    public function toArray(bool $risers): array
    {
        $mm = static fn (float $metres): float => round($metres * 1e3, 3);
        /** @param array<float> $at */
        $place = static function (array $at) use ($mm): array {
            /** @var array<float> $at */
            return array_map($mm, $at);
        };

        return [
            'unit' => 'mm',
            'box' => $place($this->box),
            'volume' => round($this->volume() * 1e6, 3),
            'parts' => array_values(
                array_map(
                    static fn (PartGeometry $part): array => [
                        'section' => $part->id,
                        'volume' => round($part->volume * 1e6, 3),
                        'cooled' => round($part->cooled * 1e4, 3),
                        'modulus' => null === $part->modulus() ? null : $mm($part->modulus()),
                        'thickest' => $mm($part->thickest),
                        'open_above' => round($part->open * 1e4, 3),
                        'from' => $mm($part->bottom),
                        'to' => $mm($part->top),
                        'way' => $mm($part->far),
                    ],
                    $this->parts,
                ),
            ),
            'contacts' => $this->touching(),
            'apart' => $this->apart,
            'way' => $mm($this->way),
            'last_to_fill' => $place($this->lastToFill),
            'fronts_end' => array_map($place, $this->meets),
            'high_points' => array_map(
                static fn (HighPoint $high): array => [
                    'at' => $place($high->place), 'area' => round($high->area * 1e4, 3), 'sections' => $high->parts,
                ],
                $this->highPoints,
            ),
            'hot_spots' => array_map(
                static fn (HotSpot $spot): array => [
                    'at' => $place($spot->place),
                    'thickness' => $mm($spot->thickness),
                    'section' => $spot->part,
                    'neck' => null === $spot->neck ? null : $mm($spot->neck),
                    'fed' => $risers && $spot->isFed(),
                ],
                $this->hotSpots,
            ),
            'cells_across_wall' => round($this->acrossWall, 1),
        ];
    }
}
