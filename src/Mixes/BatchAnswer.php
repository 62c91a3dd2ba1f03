<?php

declare(strict_types=1);

namespace MoltenNotes\App\Mixes;

use MoltenNotes\App\Shared\Http\Answer;

/**
 * A batch: masses in the order of mixing, timers, warnings. Nothing to mix is no lines. What of a line lies on the
 * shelf is its consumable.
 */
final readonly class BatchAnswer extends Answer
{
    /**
     * @param string|null $mass of all of it, in words
     * @param string|null $fills what it is for, in words
     * @param list<array{name: string, each: string, how: string, figure: array<string, mixed>, consumable: string|null}> $lines
     * @param list<array{code: string, label: string, seconds: float, shown: string}> $timers at the cautious end of their spread
     * @param list<array{standing: string, words: string}> $warnings
     * @param list<string> $cautions
     */
    public function __construct(
        public string $recipe,
        public ?string $mass,
        public ?string $fills,
        public int $batches,
        public array $lines,
        public array $timers,
        public array $warnings,
        public array $cautions,
    ) {
    }
}
