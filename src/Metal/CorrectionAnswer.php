<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** What to stir into a pot, and what it then is. */
final readonly class CorrectionAnswer extends Answer
{
    /**
     * @param list<CorrectionLineAnswer> $lines
     * @param list<string> $outside elements that cannot be put right
     */
    public function __construct(public string $words, public array $lines, public ?PotAnswer $after, public array $outside)
    {
    }
}
