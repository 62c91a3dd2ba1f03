<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;

/** A mesh as it lies one way up, what that costs, and the section it becomes. */
final readonly class LyingMeshAnswer extends Answer
{
    /**
     * @param list<MeasuredAnswer> $box
     * @param list<PartingAnswer> $partings
     * @param MeasuredAnswer $depth of cope and drag together
     * @param MeasuredAnswer $seen area seen from above
     * @param list<array{outline: list<array{float, float}>, holes: list<list<array{float, float}>>}> $front in mm, z up
     * @param array<string, mixed> $section
     */
    public function __construct(
        public string $up,
        public string $label,
        public array $box,
        public MeasuredAnswer $undercut,
        public MeasuredAnswer $parting,
        public array $partings,
        public int $highPoints,
        public MeasuredAnswer $seen,
        public MeasuredAnswer $depth,
        public MeasuredAnswer $steep,
        public MeasuredAnswer $thickestAt,
        public array $front,
        public array $section,
    ) {
    }
}
