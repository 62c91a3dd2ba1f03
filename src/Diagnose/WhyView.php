<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Diagnosis\Diagnosis;

/** The diagnosis of an attempt, with the caster's own answers and opinions beside it. */
final readonly class WhyView
{
    public function __construct(private Catalogue $catalogue, private Notebook $notebook)
    {
    }

    public function diagnosis(Attempt $attempt): Diagnosis
    {
        return (new Diagnose($this->catalogue, $attempt->caster()->units()))->attempt($this->notebook->record($attempt));
    }

    /** @return array<string, mixed> */
    public function of(Attempt $attempt): array
    {
        $answers = $this->notebook->record($attempt)->answers;
        $diagnosis = $this->diagnosis($attempt)->toArray();
        $diagnosis['workings'] = (object) $diagnosis['workings'];

        return $diagnosis + [
            'answers' => array_map(fn (string $check, string $answer): array => [
                'check' => $check, 'question' => $this->catalogue->vocabulary->checks[$check]->label ?? $check, 'answer' => $answer,
            ], array_keys($answers), $answers),
            'opinions' => (object) array_map(static fn (CauseOpinion $opinion): array => $opinion->toArray(), $attempt->opinions()),
        ];
    }
}
