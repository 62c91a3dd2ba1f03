<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

use MoltenNotes\Core\Table;

/** How a plan is walked through: its steps in the order of the work, and what each asks for. The door to both tables. */
final class Steps
{
    /**
     * In the order of the work. stages: what is computed in the step; asks: the fields it is computed from.
     *
     * @return list<array{step: string, title: string, stages: list<string>, asks: list<FieldKey>}>
     */
    public static function all(): array
    {
        /** @var list<array{step: string, title: string, stages: list<string>, asks: list<FieldKey>}> $steps */
        $steps = Table::rows(__DIR__.'/Data/steps.php', ['step', 'title', 'stages', 'asks']);

        return $steps;
    }

    /** @return array<string, list<FieldKey>> way to know the volume → what it asks for; described in sections it asks for none */
    public static function volumeWays(): array
    {
        /** @var list<array{way: string, asks: list<FieldKey>}> $ways */
        $ways = Table::rows(__DIR__.'/Data/volume_ways.php', ['way', 'asks']);

        return array_column($ways, 'asks', 'way');
    }
}
