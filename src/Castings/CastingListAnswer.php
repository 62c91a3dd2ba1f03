<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Shared\Http\Answer;

/** A page of castings, the latest first. */
final readonly class CastingListAnswer extends Answer
{
    /** @param list<CastingInListAnswer> $castings */
    public function __construct(public array $castings, public int $page, public bool $more)
    {
    }
}
