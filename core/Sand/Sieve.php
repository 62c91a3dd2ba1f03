<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Table;

/** A test sieve of the series. The door to the table of sieves. */
final class Sieve
{
    /** @var array<int|string, self>|null */
    private static ?array $sieves = null;

    /**
     * @param string $mesh its number, or pan
     * @param float $openingMm 0 for the pan
     * @param int $multiplier of what stays on it, for the grain fineness number
     */
    private function __construct(public readonly string $mesh, public readonly float $openingMm, public readonly int $multiplier)
    {
    }

    /** @return array<int|string, self> by number, coarse first */
    public static function all(): array
    {
        if (null === self::$sieves) {
            /** @var list<array{mesh: string, opening: float, multiplier: int}> $rows */
            $rows = Table::rows(__DIR__.'/Data/sieves.php', ['mesh', 'opening', 'multiplier']);
            self::$sieves = [];
            foreach ($rows as $row) {
                self::$sieves[$row['mesh']] = new self($row['mesh'], $row['opening'], $row['multiplier']);
            }
        }

        return self::$sieves;
    }
}
