<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** A cause, and the defects that tell of it. */
final readonly class CauseKindAnswer extends Answer
{
    /**
     * @param list<string>|null $processes
     * @param list<string> $signs
     */
    public function __construct(
        public string $code,
        public string $label,
        public string $words,
        public ?array $processes,
        public array $signs,
    ) {
    }
}
