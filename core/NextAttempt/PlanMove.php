<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Working\Figure;

/** One number of the plan before and after the changes: whether it moves into its band. */
final readonly class PlanMove
{
    /** Numbers worth watching: stage and code; of several sections the one that stood worst. */
    private const WATCHED = [
        ['filling', 'fill_ratio'],
        ['gating', 'gate_speed_share'],
        ['feeding', 'feeder_ratio'],
        ['venting', 'vent_share'],
        ['venting', 'steam'],
        ['mould', 'cope_share'],
        ['filling', 'at_mould'],
        ['gating', 'fill_time'],
    ];
    /** A change below this share is not worth a line. */
    private const LEAST_MOVE = 0.03;

    /** @param FigureCode $code */
    private function __construct(
        public string $stage,
        public string $code,
        public string $label,
        public ?Figure $before,
        public ?Figure $after,
    ) {
    }

    /** How it turned: above 0 better, below 0 worse, by how it stands to its band. */
    public function turn(): int
    {
        $rank = ['bad' => 0, 'risky' => 1, 'plain' => 2, 'good' => 2];
        $then = $rank[$this->before->standing ?? ''] ?? null;
        $now = $rank[$this->after->standing ?? ''] ?? null;

        return null === $then || null === $now ? 0 : $now <=> $then;
    }

    /** @return list<self> */
    public static function between(CastingPlan $before, CastingPlan $after): array
    {
        $moves = [];
        foreach (self::WATCHED as [$stage, $code]) {
            $then = $before->least($stage, $code);
            $now =
                null === $then
                    ? $after->least($stage, $code)
                    : $after->figure($stage, $code, $then->subject) ?? $after->least($stage, $code);
            if (
                null === $now
                || (null !== $then
                    && abs($now->value->si - $then->value->si) < self::LEAST_MOVE * abs($then->value->si)
                    && 'at_mould' !== $code)
            ) {
                continue;
            }
            if ('at_mould' === $code && (null === $then || abs($now->value->si - $then->value->si) < 3)) {
                continue;
            }
            $moves[] = new self($stage, $code, $now->label, $then, $now);
        }

        return $moves;
    }
}
