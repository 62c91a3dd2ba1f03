<?php

declare(strict_types=1);

namespace MoltenNotes\Core\PourDay;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;

/**
 * In which order several moulds are filled from one melt: what needs the hottest metal first, for it only cools; where that cannot be told,
 * the thinnest wall first, and what says nothing last. Common practice: thinnest first, heaviest last.
 */
final readonly class PouringOrder
{
    /** Moulds whose need lies nearer than this are told apart by their walls, K. */
    private const SAME_K = 3.0;

    /** @param string|null $needs temperature in the furnace that it asks for, in the caster's units; null where it cannot be told */
    private function __construct(public string $key, public ?string $needs)
    {
    }

    /**
     * @param array<string, AttemptRecord> $records by any key
     *
     * @return list<self> first to be poured first
     */
    public static function of(array $records, QuantityFormatter $format): array
    {
        $rows = [];
        foreach ($records as $key => $record) {
            $plan = PlanCasting::of(Basis::of($record, $format));
            $need = $plan->most('filling', 'needed_in_furnace')?->value->si;
            $rows[] = ['key' => $key, 'need' => $need, 'wall' => self::wall($record)];
        }
        usort($rows, static function (array $a, array $b): int {
            if (null === $a['need'] || null === $b['need'] || abs($a['need'] - $b['need']) < self::SAME_K) {
                return [null === $a['need'], $a['wall']] <=> [null === $b['need'], $b['wall']];
            }

            return $b['need'] <=> $a['need'];
        });

        return array_map(
            static fn (array $row): self => new self(
                $row['key'],
                null === $row['need'] ? null : $format->quantity(Temperature::fromSi($row['need'])),
            ),
            $rows,
        );
    }

    /** Thinnest wall in metres; infinite where none is told. */
    private static function wall(AttemptRecord $record): float
    {
        $walls = [$record->values()->measurement('casting.wall')?->si() ?? \INF];
        foreach ($record->values()->sections()?->all() ?? [] as $section) {
            $walls[] = $section->si('thickness') ?? $section->si('wall') ?? \INF;
        }

        return min($walls);
    }
}
