<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\FreezingClass;
use MoltenNotes\Core\Feeding\FeedingDistance;
use MoltenNotes\Core\Feeding\Riser;
use MoltenNotes\Core\Feeding\RiserKind;
use MoltenNotes\Core\Geometry\Shape;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Volume;
use MoltenNotes\Core\Working\StageSheet;

/** What a riser on a section must be, whether one that is there is enough, and how far it reaches. */
final readonly class RiserAdvice
{
    /** A section narrower than this many thicknesses is a bar. Derived: a plate cools from two sides, a bar from four. */
    private const BAR_BELOW = 3.0;

    /** @param array<string, float> $moduli section id → modulus in metres, chills counted */
    public function __construct(private Basis $basis, private Alloy $alloy, private StageSheet $sheet, private array $moduli)
    {
    }

    /** Riser and neck for a section, of metal that comes so hot. */
    public function wanted(string $id, string $label, Temperature $metal): void
    {
        $superheat = $this->alloy->superheatAt($metal)->si();
        $kind = self::kind($this->basis);
        $byModulus = Riser::byModulus(Length::fromSi($this->moduli[$id] / $this->sleeve()), $kind);
        $demand = Riser::demand($this->alloy->shrinkage, $superheat);
        $fed = Volume::fromSi($this->basis->bodies[$id]->volume);
        $byVolume = Riser::byVolume($fed, $demand, true === $this->basis->values->flag('feeding.insulated'), $kind);
        $diameter = max($byModulus->si(), $byVolume?->si() ?? 0.0);
        $rounded = ceil($diameter * 1000) / 1000;
        $this->sheet->add(
            code: 'riser_diameter',
            label: "Riser for {$label}",
            value: Estimate::between(Dimension::Length, $rounded, $rounded * 0.95, $rounded * 1.1),
            formula: 'D = max('.substr(self::formula($kind), 4).', (4 V β/(η − β)/π)^⅓)',
            inputs: [
                $this->sheet->input('M', 'Modulus', Estimate::exact(Dimension::Length, $this->moduli[$id])),
                $this->sheet->input('D_M', 'By modulus', Estimate::exact(Dimension::Length, $byModulus->si())),
                ...null === $byVolume ? [] : [$this->sheet->input('D_V', 'By volume', Estimate::exact(Dimension::Length, $byVolume->si()))],
                $this->sheet->input('β', 'Shrinkage to feed', Estimate::ratio($demand->si())),
            ],
            source: 'R. Wlodawer; AFS',
            mark: Mark::RecalledFromMemory,
            standing: null === $byVolume ? 'risky' : 'plain',
            note: match (true) {
                null === $byVolume => 'So much shrinkage cannot be fed by a plain riser; cover or insulate it.',
                $kind->isBlind => self::place($kind).' A blind riser gives metal only while the air presses on it: a pin of sand or a core '
                    .'from its top into the hot metal.',
                default => self::place($kind),
            },
            subject: $id,
        );
        $neck = ceil(4 * Riser::NECK_FACTOR * $this->moduli[$id] * 1000) / 1000;
        $room = self::room($this->basis, $id);
        $this->sheet->add(
            code: 'riser_neck',
            label: "Neck for {$label}",
            value: Estimate::exact(Dimension::Length, min($neck, $room)),
            formula: 'd = 4 · 1.1 M',
            inputs: [$this->sheet->input('M', 'Modulus', Estimate::exact(Dimension::Length, $this->moduli[$id]))],
            source: 'R. Wlodawer',
            mark: Mark::RecalledFromMemory,
            standing: 'plain',
            note: $neck > $room
                ? 'No wider than what it feeds; '.$this->basis->shown($neck, Dimension::Length).' would be wanted: keep it short and hot.'
                : '',
            subject: $id,
        );
    }

    /** A feeder of this modulus against the section it is to feed, both m. */
    public function compare(float $feeder, float $section, string $id, string $label): void
    {
        $ratio = $feeder / (Riser::MODULUS_FACTOR * $section);
        $this->sheet->add(
            code: 'feeder_ratio',
            label: "Feeder against {$label}",
            value: Estimate::ratio($ratio, $ratio * 0.9, $ratio * 1.1),
            formula: 'M_feeder / (1.2 M_section)',
            inputs: [
                $this->sheet->input('M_feeder', 'Feeder', Estimate::exact(Dimension::Length, $feeder)),
                $this->sheet->input('M_section', ucfirst($label), Estimate::exact(Dimension::Length, $section)),
            ],
            source: 'R. Wlodawer',
            mark: Mark::RecalledFromMemory,
            standing: $ratio < 0.85 ? 'bad' : ($ratio < 1 ? 'risky' : 'good'),
            note: $ratio < 1 ? 'The feeder freezes too early for '.$label.'.' : '',
            subject: $id,
        );
    }

    /** Whether the riser on a section reaches its far end. */
    public function reach(string $id, string $label): void
    {
        $body = $this->basis->bodies[$id];
        $section = $this->basis->sections?->get($id);
        if (null === $section || !in_array($section->shape, [Shape::Plate, Shape::Bar, Shape::Wedge], true)) {
            return;
        }
        $thick = Length::fromSi($body->thickness);
        $sides = [$body->across, $body->depth, $body->height];
        sort($sides);
        $isBar = $sides[1] < self::BAR_BELOW * $body->thickness;
        $reaches = $isBar ? FeedingDistance::bar($thick) : FeedingDistance::plate($thick, $section->chill);
        // From the rim of a riser over its middle, along its longest side.
        $far = max(0.0, max($body->across, $body->depth, $body->height) / 2 - ($this->basis->si('feeding.riser_diameter') ?? 0.0) / 2);
        $short = $far > $reaches->si() && FreezingClass::Long !== $this->alloy->freezing;
        $this->sheet->add(
            code: 'feeding_distance',
            label: "A riser reaches, {$label}",
            value: Estimate::about($reaches, 0.2),
            formula: $isBar ? '6 √T, in inches' : '4.5 T'.($section->chill ? ' + 50 mm' : ''),
            inputs: [
                $this->sheet->input('T', 'Thickness', Estimate::exactly($thick)),
                $this->sheet->input('x', 'From the riser to the far end', Estimate::exact(Dimension::Length, $far)),
            ],
            source: 'W. S. Pellini and co-workers, for steel; short-freezing alloys reach about as far',
            mark: Mark::RecalledFromMemory,
            standing: $short ? 'risky' : 'plain',
            note: match (true) {
                $short => ucfirst($label).': its far end lies '.$this->basis->shown($far, Dimension::Length)
                    .' from the riser and may open along its middle: a second riser, a chill at the end, or a taper towards the riser.',
                FreezingClass::Long === $this->alloy->freezing => 'Fine pores come at any distance in this alloy: chills and taper help.',
                default => '',
            },
            subject: $id,
        );
    }

    private static function place(RiserKind $kind): string
    {
        return 'As high as wide; stands '.($kind->isBeside ? 'beside the section, cooled all round.' : 'on the section.');
    }

    /** How the risers of a casting are made, as told; open and on the casting where nothing is. */
    public static function kind(Basis $basis): RiserKind
    {
        return new RiserKind(
            isBlind: 'blind' === $basis->values->choice('feeding.riser'),
            isBeside: 'side' === $basis->values->choice('feeding.riser_stands'),
        );
    }

    /** Diameter by modulus in words, for one as high as wide. */
    public static function formula(RiserKind $kind): string
    {
        return 'D = '.rtrim(rtrim(number_format(Riser::timesModulus($kind), 2), '0'), '.').' M';
    }

    /** Of a riser of the kind there is, metres. */
    public function modulusOf(float $diameter, float $height): float
    {
        return Riser::modulusOf(Length::fromSi($diameter), Length::fromSi($height), self::kind($this->basis))->si();
    }

    /** A sleeve or cover keeps a riser liquid as long as a larger one. */
    public function sleeve(): float
    {
        return true === $this->basis->values->flag('feeding.insulated') ? Riser::SLEEVE : 1.0;
    }

    /** How wide a neck on this section may be: no wider than the section itself, metres. */
    public static function room(Basis $basis, string $id): float
    {
        $body = $basis->bodies[$id] ?? null;

        return null === $body ? \INF : min($body->across, $body->depth);
    }
}
