<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Notebook\CastingAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** A casting with the last steps of its trail. */
final readonly class CastingInListAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'casting';

    /** @param list<TrailStepAnswer> $trail */
    public function __construct(public CastingAnswer $casting, public array $trail)
    {
    }
}
