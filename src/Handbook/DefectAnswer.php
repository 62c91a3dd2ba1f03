<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** A kind of defect. */
final readonly class DefectAnswer extends Answer
{
    /** @param list<string> $looks parts of a look that say something of it */
    public function __construct(
        public string $code,
        public string $class,
        public string $label,
        public string $words,
        public array $looks,
    ) {
    }
}
