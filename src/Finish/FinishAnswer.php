<?php

declare(strict_types=1);

namespace MoltenNotes\App\Finish;

use MoltenNotes\App\Shared\Http\Answer;

/** The route of a casting from the mould to the hand that uses it. */
final readonly class FinishAnswer extends Answer
{
    /**
     * @param list<FinishStepAnswer> $steps
     * @param list<TreatmentAnswer> $treatments that such metal bears
     * @param list<array{defect: string, label: string, repairs: list<RepairAnswer>}> $faults
     * @param list<array{field: string, label: string, choices: string|null, raw: mixed, shown: string, example: string}> $asks
     * @param list<string> $missing what would make it surer
     * @param string $chips what to collect, all together; empty where nothing is worth it
     */
    public function __construct(
        public string $attemptId,
        public string $castingId,
        public string $castingName,
        public int $number,
        public string $state,
        public string $sentence,
        public string $metal,
        public string $look,
        public array $steps,
        public array $treatments,
        public array $faults,
        public array $asks,
        public array $missing,
        public string $chips,
        public ?string $signedOff,
    ) {
    }
}
