<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Shared\Http\Answer;

/** Which alloys of the table stand still where this metal did. */
final readonly class ScrapCheckAnswer extends Answer
{
    /**
     * @param 'named'|'cannot_tell'|'none' $verdict
     * @param list<array{code: string, name: string, share: float, fits: bool, off: string}> $alloys likeliest first
     * @param string|null $written what it says of the metal that is written down; null where it says nothing
     */
    public function __construct(
        public string $verdict,
        public string $words,
        public array $alloys,
        public ?string $written,
    ) {
    }
}
