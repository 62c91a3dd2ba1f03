<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** A value that worked and is to stay, and how this attempt has it. */
final readonly class KeptAnswer extends Answer
{
    /**
     * @param int $number of the attempt it worked in
     * @param string|null $here how this attempt has it; null where it is not told
     */
    public function __construct(
        public string $field,
        public string $label,
        public int $number,
        public string $kept,
        public ?string $here,
        public bool $stays,
    ) {
    }
}
