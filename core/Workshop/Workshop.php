<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Quantity\Measurement;

/** What a caster owns and goes by: furnaces, crucibles, flasks, cutters, stock, tariffs, safe lift, school. Everything may be blank. */
final readonly class Workshop
{
    /**
     * @param list<array{name: string, source: string|null, power: Measurement|null, efficiency: Measurement|null}> $furnaces
     * @param list<array{name: string, volume: Measurement|null, mass: Measurement|null, family: string|null}> $crucibles
     * @param list<array{name: string, length: Measurement|null, width: Measurement|null, cope: Measurement|null,
     *     drag: Measurement|null}> $flasks
     * @param list<array{name: string, kind: string, size: Measurement}> $cutters
     * @param list<array{name: string, mass: Measurement|null, alloy: string|null, least: Measurement|null, price: float|null,
     *     loss: Measurement|null, composition: array<string, float>}> $stock
     * @param array<string, float> $tariffs energy source → price of a kWh, kilogram or cubic metre
     * @param Measurement|null $safeLift the most one person here lifts
     */
    public function __construct(
        public array $furnaces = [],
        public array $crucibles = [],
        public array $flasks = [],
        public array $cutters = [],
        public array $stock = [],
        public array $tariffs = [],
        public ?Measurement $safeLift = null,
        public string $currency = 'EUR',
        public ?string $school = null,
    ) {
    }

    /** The smallest of the caster's tools of a kind that is not smaller than this; metres, or null when there is none. */
    public function cutterFor(float $metres, string ...$kinds): ?Measurement
    {
        $best = null;
        foreach ($this->cutters as $cutter) {
            if (
                in_array($cutter['kind'], $kinds, true)
                && $cutter['size']->si() >= $metres * (1 - 1e-6)
                && (null === $best || $cutter['size']->si() < $best->si())
            ) {
                $best = $cutter['size'];
            }
        }

        return $best;
    }

    /** @return array{name: string, source: string|null, power: Measurement|null, efficiency: Measurement|null}|null */
    public function furnace(?string $name): ?array
    {
        foreach ($this->furnaces as $furnace) {
            if (null !== $name && mb_strtolower($furnace['name']) === mb_strtolower(trim($name))) {
                return $furnace;
            }
        }

        return 1 === count($this->furnaces) && null === $name ? $this->furnaces[0] : null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'furnaces' => self::written($this->furnaces),
            'crucibles' => self::written($this->crucibles),
            'flasks' => self::written($this->flasks),
            'cutters' => self::written($this->cutters),
            // Compositions are written as they are read: in per cent.
            'stock' => self::written(
                array_map(
                    static fn (array $row): array => [
                        'composition' => array_map(static fn (float $share): float => round(100 * $share, 8), $row['composition']),
                    ] + $row,
                    $this->stock,
                ),
            ),
            'tariffs' => $this->tariffs,
            'safe_lift' => $this->safeLift?->toArray(),
            'currency' => $this->currency,
            'school' => $this->school,
        ];
    }

    /**
     * @param list<array<string, mixed>> $rows
     *
     * @return list<array<string, mixed>>
     */
    private static function written(array $rows): array
    {
        $written = [];
        foreach ($rows as $row) {
            $line = [];
            foreach ($row as $key => $value) {
                if (null !== $value) {
                    $line[$key] = $value instanceof Measurement ? $value->toArray() : $value;
                }
            }
            $written[] = $line;
        }

        return $written;
    }
}
