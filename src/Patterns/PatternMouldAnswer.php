<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Shared\Http\Answer;

/** A mould that was made of it, or is planned. */
final readonly class PatternMouldAnswer extends Answer
{
    /**
     * @param string|null $pouredOn null while it is planned
     * @param list<string> $found defects, in words
     */
    public function __construct(
        public string $attemptId,
        public string $name,
        public int $number,
        public ?string $pouredOn,
        public ?string $metal,
        public ?string $verdict,
        public int $castings,
        public array $found,
    ) {
    }
}
