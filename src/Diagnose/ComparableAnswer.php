<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Shared\Http\Answer;

/** Another pour of the same casting that this one can be held against. */
final readonly class ComparableAnswer extends Answer
{
    /** @param int $differs values told in both that differ */
    public function __construct(
        public string $id,
        public int $number,
        public ?string $verdict,
        public bool $better,
        public int $differs,
        public bool $chosen,
    ) {
    }
}
