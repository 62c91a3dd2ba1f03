<?php

declare(strict_types=1);

namespace MoltenNotes\App\Diagnose;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\OpinionAnswer;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Comparison;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Diagnosis\Diagnosis;

/** The diagnosis of an attempt, with the caster's own answers and opinions beside it. */
final readonly class WhyView
{
    public function __construct(private Catalogue $catalogue, private Notebook $notebook)
    {
    }

    /** @param AttemptRecord|null $record everything known of the attempt, where whoever asks has it already */
    public function diagnosis(Attempt $attempt, ?AttemptRecord $record = null): Diagnosis
    {
        return (new Diagnose($this->catalogue, $attempt->caster()->units()))->attempt($record ?? $this->notebook->record($attempt));
    }

    public function of(Attempt $attempt): WhyAnswer
    {
        $record = $this->notebook->record($attempt);
        $answers = $record->answers;
        $diagnosis = $this->diagnosis($attempt, $record)->toArray();

        return new WhyAnswer(
            basis: $diagnosis['basis'],
            method: $diagnosis['method'],
            causes: $diagnosis['causes'],
            beside: $diagnosis['beside'],
            cleared: $diagnosis['cleared'],
            sound: $diagnosis['sound'],
            compared: $diagnosis['compared'],
            comparable: $this->comparable($attempt),
            unexplained: $diagnosis['unexplained'],
            nextChecks: $diagnosis['next_checks'],
            blank: $diagnosis['blank'],
            workings: (object) $diagnosis['workings'],
            answers: array_map(
                fn (string $check, string $answer): GivenAnswer => new GivenAnswer(
                    $check,
                    $this->catalogue->vocabulary->checks[$check]->label ?? $check,
                    $answer,
                ),
                array_keys($answers),
                array_values($answers),
            ),
            opinions: (object) array_map(static fn (CauseOpinion $opinion): OpinionAnswer => $opinion->toAnswer(), $attempt->opinions()),
        );
    }

    /** @return list<ComparableAnswer> */
    private function comparable(Attempt $attempt): array
    {
        $here = $attempt->toRecord(new History(), null);
        $others = array_map(static function (Attempt $other) use ($attempt, $here): ComparableAnswer {
            $there = $other->toRecord(new History(), null);

            return new ComparableAnswer(
                $other->id()->toRfc4122(),
                $other->number(),
                $other->verdict(),
                Comparison::isBetter($there, $here),
                count(Comparison::differing($here, $there)),
                true === $attempt->beside()?->id()->equals($other->id()),
            );
        }, $this->notebook->otherPours($attempt));
        usort(
            $others,
            static fn (ComparableAnswer $a, ComparableAnswer $b): int => [$b->better, $a->differs] <=> [$a->better, $b->differs],
        );

        return $others;
    }
}
