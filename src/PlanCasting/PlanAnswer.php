<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\Core\Record\FieldProblem;

/** A plan with its drawing. */
final readonly class PlanAnswer extends Answer
{
    /**
     * @param list<array<string, mixed>> $stages
     * @param list<array<string, string>> $risks
     * @param list<array{stage: string, title: string, words: string, standing: string}> $answers a sentence for each stage
     * @param array<string, mixed>|null $solid what the body of the casting says; null where its sections do not tell one
     * @param array<string, mixed>|null $above the casting seen from above; null where no section is measured
     * @param list<array<string, mixed>> $figures each section by itself, with the measures nobody should have to guess
     * @param list<array<string, mixed>> $layers what can be laid over the drawings, section by section
     * @param array<string, mixed> $section
     * @param array{pours: int, factor: float} $calibration
     * @param list<FieldProblem> $problems entries that could not be read; the rest is planned without them
     * @param list<FieldProblem> $questions
     */
    public function __construct(
        public string $format,
        public int $version,
        public array $stages,
        public array $risks,
        public array $answers,
        public ?array $solid,
        public ?array $above,
        public array $layers,
        public array $figures,
        public array $section,
        public array $calibration,
        public array $problems,
        public array $questions,
    ) {
    }
}
