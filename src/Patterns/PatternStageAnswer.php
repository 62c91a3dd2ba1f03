<?php

declare(strict_types=1);

namespace MoltenNotes\App\Patterns;

use MoltenNotes\App\Shared\Http\Answer;

/** One stage on the way from the first pattern to the metal. */
final readonly class PatternStageAnswer extends Answer
{
    /**
     * @param string|null $id null for the metal itself
     * @param string|null $step how much smaller than the one before it; null for the first
     * @param 'measured'|'typed'|'usual'|'first' $how it is known
     * @param float $scale how much larger than the casting
     * @param string|null $size of the edge that was asked for
     * @param array<string, mixed>|null $working null for the metal itself
     */
    public function __construct(
        public ?string $id,
        public string $name,
        public string $form,
        public ?string $step,
        public string $how,
        public float $scale,
        public string $shown,
        public ?string $size,
        public ?array $working,
    ) {
    }
}
