<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Quantity\Measurement;

/** How much of a consumable there is, by its book; kept by mass or by the piece. */
final readonly class Supply
{
    /**
     * @param float|null $kg null where it is not kept by mass
     * @param int|null $pieces null where it is not kept by the piece
     * @param bool $isShort whether it is under what it is bought at
     * @param bool $isOut whether there is nothing left
     */
    private function __construct(public ?float $kg, public ?int $pieces, public bool $isShort, public bool $isOut)
    {
    }

    /**
     * @param array<string, mixed> $columns as the table of things has them
     * @param list<array{string, array<string, mixed>}> $entries kind and columns, in the order of time
     */
    public static function of(array $columns, array $entries): self
    {
        $kg = self::kg($columns, 'mass');
        $pieces = self::count($columns, 'pieces');
        foreach ($entries as [$kind, $entry]) {
            $mass = self::kg($entry, 'mass');
            $count = self::count($entry, 'pieces');
            $kg = null === $mass ? $kg : match ($kind) {
                'consumable_counted' => $mass,
                'consumable_bought' => ($kg ?? 0.0) + $mass,
                default => null === $kg ? null : max(0.0, $kg - $mass),
            };
            $pieces = null === $count ? $pieces : match ($kind) {
                'consumable_counted' => $count,
                'consumable_bought' => ($pieces ?? 0) + $count,
                default => null === $pieces ? null : max(0, $pieces - $count),
            };
        }
        $least = self::kg($columns, 'least');
        $fewest = self::count($columns, 'least_pieces');

        return new self(
            $kg,
            $pieces,
            (null !== $kg && null !== $least && $kg < $least) || (null !== $pieces && null !== $fewest && $pieces < $fewest),
            (null !== $kg || null !== $pieces) && 0.0 >= ($kg ?? 0.0) && 0 >= ($pieces ?? 0),
        );
    }

    /** @param array<string, mixed> $columns */
    private static function kg(array $columns, string $key): ?float
    {
        return ($columns[$key] ?? null) instanceof Measurement ? $columns[$key]->si() : null;
    }

    /** @param array<string, mixed> $columns */
    private static function count(array $columns, string $key): ?int
    {
        return is_int($columns[$key] ?? null) ? $columns[$key] : null;
    }
}
