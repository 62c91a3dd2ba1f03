<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/** What a melt does to an element of an alloy. Source: Data/recoveries.php, row by row. */
final readonly class Recovery
{
    /**
     * @param Estimate $kept share of it that is there after one melt, beyond what all of the metal loses, 0…1
     * @param Estimate $added share that arrives of what is put into the liquid metal, 0…1
     * @param Estimate $gained share of the melt that comes in from pots and tools, 0…1
     */
    private function __construct(public Estimate $kept, public Estimate $added, public Estimate $gained)
    {
    }

    /** What is usual in a metal that is mostly $base; an element without a row keeps and brings what it has. */
    public static function of(string $base, string $element): self
    {
        return self::all()["{$base} {$element}"] ?? new self(Estimate::ratio(1.0), Estimate::ratio(1.0), Estimate::ratio(0.0));
    }

    /** @return list<string> elements that pots and tools bring into such a metal */
    public static function gainedIn(string $base): array
    {
        $gained = [];
        foreach (self::all() as $key => $one) {
            [$of, $element] = explode(' ', $key);
            if ($of === $base && $one->gained->highSi > 0.0) {
                $gained[] = $element;
            }
        }

        return $gained;
    }

    /** @return array<string, self> by "base element" */
    private static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= self::load();
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{base: string, element: string, kept: array{float, float}, added: array{float, float},
         *     gained: array{float, float}}> $rows
         */
        $rows = Table::rows(
            __DIR__.'/Data/recoveries.php',
            ['base', 'element'],
            ['kept' => [1.0, 1.0], 'added' => [1.0, 1.0], 'gained' => [0.0, 0.0]],
        );
        $between = static fn (float $low, float $high): Estimate => Estimate::ratio(($low + $high) / 2, $low, $high);
        $all = [];
        foreach ($rows as $row) {
            $all["{$row['base']} {$row['element']}"] = new self(
                $between(...$row['kept']),
                $between(...$row['added']),
                $between($row['gained'][0] / 100, $row['gained'][1] / 100),
            );
        }

        return $all;
    }
}
