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
     * @param list<PatternChangeAnswer> $patternChanges what was changed about the pattern, the latest last
     * @param list<SectionTrailAnswer> $bySection what each section showed, try by try; empty where no fault names a section
     */
    public function __construct(
        public CastingAnswer $casting,
        public int $attempts,
        public int $nextNumber,
        public ?int $earlier,
        public array $trail,
        public array $patternChanges,
        public array $bySection,
    ) {
    }
}
