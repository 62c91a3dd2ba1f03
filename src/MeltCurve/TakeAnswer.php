<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Shared\Http\Answer;

/** Something measured that can be written down: into which field of which part, and what stands there. */
final readonly class TakeAnswer extends Answer
{
    /**
     * @param 'heat'|'attempt' $part
     * @param string $field as a change names it: made.pour.ambient, melt.peak
     * @param array<string, mixed> $raw
     * @param array<string, mixed>|null $was what stands there as it is stored, so that a change of it is noticed; null where it is blank
     * @param string|null $had the same in words
     */
    public function __construct(
        public string $part,
        public string $id,
        public string $field,
        public string $label,
        public array $raw,
        public string $shown,
        public ?array $was,
        public ?string $had,
    ) {
    }
}
