<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Notebook\CastingAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** A casting with its latest attempts in order. */
final readonly class CastingDetailAnswer extends Answer
{
    protected const AMONG_ITS_OWN = 'casting';

    /**
     * @param int|null $earlier the attempts before this number are not told here
     * @param list<TrailAttemptAnswer> $trail
     */
    public function __construct(
        public CastingAnswer $casting,
        public int $attempts,
        public int $nextNumber,
        public ?int $earlier,
        public array $trail,
    ) {
    }
}
