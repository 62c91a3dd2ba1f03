<?php

declare(strict_types=1);

namespace MoltenNotes\App\Cost;

use MoltenNotes\App\Shared\Http\Answer;

/** What a pour cost, or would. */
final readonly class PourCostAnswer extends Answer
{
    /**
     * @param list<CostLineAnswer> $lines the most expensive first
     * @param string $hours hands on
     * @param list<array{field: string, label: string, hint: string, of: string, raw: mixed, shown: string}> $asks of: heat or made
     * @param list<array{id: string, name: string, shown: string, whole: bool}> $used
     * @param list<array{id: string, name: string}> $consumables
     */
    public function __construct(
        public string $attemptId,
        public string $castingId,
        public string $castingName,
        public int $number,
        public string $state,
        public string $sentence,
        public string $total,
        public string $currency,
        public array $lines,
        public string $hours,
        public ?string $heatId,
        public bool $sharesItsHeat,
        public array $asks,
        public array $used,
        public array $consumables,
        public GoodCastingAnswer $good,
    ) {
    }
}
