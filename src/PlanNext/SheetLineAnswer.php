<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Shared\Http\Answer;

/** One change that a sheet makes, and against which cause. */
final readonly class SheetLineAnswer extends Answer
{
    /**
     * @param array<mixed>|string|int|bool|null $newRaw
     * @param string $open where no amount can be told: its range and what would narrow it
     * @param bool $ofPattern a change to the pattern, which stays with the casting
     */
    public function __construct(
        public string $remedy,
        public string $label,
        public string $cause,
        public string $causeLabel,
        public int $effort,
        public string $cost,
        public ?string $field,
        public ?string $fieldLabel,
        public ?string $old,
        public ?string $new,
        public array|string|int|bool|null $newRaw,
        public string $open,
        public bool $ofPattern,
    ) {
    }
}
