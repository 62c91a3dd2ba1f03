<?php

declare(strict_types=1);

namespace MoltenNotes\App\Handbook;

use MoltenNotes\App\Shared\Http\Answer;

/** The tables that the screens are made from. */
final readonly class HandbookAnswer extends Answer
{
    /**
     * @param list<FieldAnswer> $fields
     * @param array<string, list<ChoiceAnswer>> $choices
     * @param array<string, string> $classes
     * @param list<DefectAnswer> $defects
     * @param list<ObservationKindAnswer> $observations
     * @param list<CauseKindAnswer> $causes
     * @param list<array{code: string, fact: string, choices: list<string>, text: string}> $cautions
     * @param list<AlloyAnswer> $alloys
     * @param list<UnitListAnswer> $units
     */
    public function __construct(
        public array $fields,
        public array $choices,
        public array $classes,
        public array $defects,
        public array $observations,
        public array $causes,
        public array $cautions,
        public array $alloys,
        public array $units,
    ) {
    }
}
