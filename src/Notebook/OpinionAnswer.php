<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\App\Shared\Http\Answer;

/** What the caster thinks of a cause. */
final readonly class OpinionAnswer extends Answer
{
    /** @param 'confirmed'|'suspected'|'ruled_out' $opinion */
    public function __construct(public string $opinion, public ?string $note, public ?string $sure)
    {
    }
}
