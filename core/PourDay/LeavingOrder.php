<?php

declare(strict_types=1);

namespace MoltenNotes\Core\PourDay;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/**
 * Two metals ready at once: the pot that loses its heat faster leaves the furnace last. Common practice; how fast is that of the plan, over
 * the first half minute outside.
 */
final readonly class LeavingOrder
{
    private const OUTSIDE_S = 30.0;

    /** @param string|null $loses in the first half minute outside, in the caster's units; null where the plan cannot tell */
    private function __construct(public string $key, public ?string $loses)
    {
    }

    /**
     * @param array<string, AttemptRecord> $records by any key
     *
     * @return list<self> first to leave the furnace first; those that nobody can tell of last
     */
    public static function of(array $records, QuantityFormatter $format): array
    {
        $rows = [];
        foreach ($records as $key => $record) {
            $rows[$key] = self::lost(Basis::of($record, $format));
        }
        uasort($rows, static fn (?float $a, ?float $b): int => [null === $a, $a] <=> [null === $b, $b]);

        return array_map(
            static fn (string $key, ?float $lost): self => new self(
                $key,
                null === $lost ? null : $format->si($lost, Dimension::TemperatureDifference),
            ),
            array_map(strval(...), array_keys($rows)),
            array_values($rows),
        );
    }

    /** Kelvin lost in half a minute; null where the plan does not tell how hot it comes. */
    private static function lost(Basis $basis): ?float
    {
        $first = AtTheMould::after($basis, 0.0)?->value->si;
        $later = AtTheMould::after($basis, self::OUTSIDE_S)?->value->si;

        return null === $first || null === $later ? null : $first - $later;
    }
}
