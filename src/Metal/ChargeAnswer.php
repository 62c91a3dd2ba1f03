<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** The metal of a pour: what it asks for, what went in, what that is, what came back. */
final readonly class ChargeAnswer extends Answer
{
    /**
     * @param string $sentence what is wanted, what went in and what that is
     * @param array<string, mixed>|null $need figure of the plan
     * @param string|null $holds what the crucible holds, in words
     * @param float|null $roomKg the same
     * @param list<ChargeLineAnswer> $lines
     * @param PotAnswer|null $found the pot as it was found to be
     * @param list<string> $elements that the alloy is asked for
     * @param object $shares element → ToldAnswer, as it was found
     * @param array{element: string, shown: string, percent: float}|null $cup what a cooled cup says of the main addition
     * @param list<ChargeLineAnswer> $returned
     * @param string $balance in words
     * @param list<LotLineAnswer> $lots
     * @param list<CareAnswer> $crucibles
     * @param list<string> $cautions
     */
    public function __construct(
        public string $attemptId,
        public string $castingName,
        public int $number,
        public string $state,
        public string $sentence,
        public string $standing,
        public ?string $heatId,
        public ?string $alloy,
        public ?string $metal,
        public ?array $need,
        public ?string $holds,
        public ?float $roomKg,
        public array $lines,
        public ?PotAnswer $pot,
        public ?PotAnswer $found,
        public array $elements,
        public object $shares,
        public ?string $foundBy,
        public ?array $cup,
        public array $returned,
        public string $balance,
        public ?string $cost,
        public array $lots,
        public ?string $crucible,
        public array $crucibles,
        public array $cautions,
    ) {
    }
}
