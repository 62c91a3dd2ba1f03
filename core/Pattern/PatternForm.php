<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/** What a pattern or a mould that is used again is, and what is usual of such. The door to its table. */
final readonly class PatternForm
{
    /**
     * @param array{int, int}|null $uses after which the first fail, and most have; null where that is not counted
     * @param bool $once whether each casting uses one up
     * @param bool $holds whether metal goes into it
     * @param 'mould'|'casting' $counts what is one use
     * @param Estimate|null $contraction against what it was taken from, as a fraction; null where its alloy decides
     * @param list<string> $serves mould processes
     */
    private function __construct(
        public string $form,
        public ?array $uses,
        public bool $once,
        public bool $holds,
        public string $counts,
        public ?Estimate $contraction,
        public ?string $patternKind,
        public array $serves,
        public string $keep,
    ) {
    }

    /** Null where there is no such form. Source: common practice, row by row in the table. */
    public static function find(?string $form): ?self
    {
        /** @var array<string, self>|null $all */
        static $all = null;
        $all ??= self::load();

        return $all[$form ?? ''] ?? null;
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /**
         * @var list<array{form: string, uses: array{int, int}|null, once: bool, holds: bool, counts: 'mould'|'casting',
         *     contraction: array{float|int, float|int}|null, pattern_kind: string|null, serves: list<string>, keep: string}> $rows
         */
        $rows = Table::rows(
            __DIR__.'/Data/forms.php',
            ['form', 'uses', 'counts', 'contraction', 'pattern_kind', 'serves', 'keep'],
            ['once' => false, 'holds' => false],
        );
        $all = [];
        foreach ($rows as $row) {
            $ends = $row['contraction'];
            $all[$row['form']] = new self(
                $row['form'],
                $row['uses'],
                $row['once'],
                $row['holds'],
                $row['counts'],
                null === $ends ? null : Estimate::ratio(($ends[0] + $ends[1]) / 200, $ends[0] / 100, $ends[1] / 100),
                $row['pattern_kind'],
                $row['serves'],
                $row['keep'],
            );
        }

        return $all;
    }
}
