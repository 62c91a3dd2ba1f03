<?php

declare(strict_types=1);

namespace MoltenNotes\App\Finish;

use MoltenNotes\App\Shared\Http\Answer;

/** One step of the route of finishing. */
final readonly class FinishStepAnswer extends Answer
{
    /**
     * @param string $hands of somebody's hands, in words
     * @param string|null $waits that it then takes by itself
     * @param string|null $chips worth collecting
     * @param list<string> $cautions
     * @param list<int> $grits
     * @param list<string> $repairs
     * @param array<string, mixed>|null $working
     * @param array{at: float, minutes: int|null, note: string|null}|null $done
     */
    public function __construct(
        public string $code,
        public string $label,
        public string $words,
        public string $hold,
        public string $why,
        public string $hands,
        public ?string $waits,
        public ?string $chips,
        public array $cautions,
        public array $grits,
        public array $repairs,
        public ?array $working,
        public ?array $done,
    ) {
    }
}
