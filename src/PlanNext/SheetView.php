<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Diagnose\WhyView;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\PredictionAnswer;
use MoltenNotes\App\Notebook\WrittenPrediction;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnosis;
use MoltenNotes\Core\Diagnosis\RankedCause;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\NextAttempt\Outcome;
use MoltenNotes\Core\NextAttempt\PlanMove;
use MoltenNotes\Core\NextAttempt\Score;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueWords;
use MoltenNotes\Core\Working\Figure;

/** The change sheet of an attempt: what may be changed, what is accepted, what it should do, and later what it did. */
final readonly class SheetView
{
    /** Remedies are offered against this many leading causes. */
    private const CAUSES_OFFERED = 6;

    public function __construct(private Catalogue $catalogue, private WhyView $why, private Notebook $notebook)
    {
    }

    public function of(Attempt $attempt): ChangeSheetAnswer
    {
        $units = $attempt->caster()->units();
        $planner = new NextAttempt($this->catalogue, $units);
        $format = new QuantityFormatter($units);
        $record = $this->notebook->record($attempt);
        $diagnosis = $this->why->diagnosis($attempt);
        $ruledOut = array_keys(
            array_filter($attempt->opinions(), static fn (CauseOpinion $opinion): bool => 'ruled_out' === $opinion->opinion()),
        );
        $suspects = array_values(
            array_diff(array_map(static fn (RankedCause $ranked): string => $ranked->cause->code, $diagnosis->ranked), $ruledOut),
        );
        $causes = array_slice($suspects, 0, self::CAUSES_OFFERED);
        $accepted = $attempt->changeSheet();
        $offered = $this->offered([...array_values($accepted), ...$planner->proposals($record, $causes)], $accepted, $diagnosis, $format);
        $next = $this->notebook->next($attempt);
        $sheet = $planner->sheet($record, $diagnosis, array_values($accepted));

        return new ChangeSheetAnswer(
            proposals: $offered,
            predictions: null === $next ? array_map(PredictionAnswer::of(...), $sheet->predictions) : self::written($attempt),
            teaches: $sheet->teaches,
            moves: array_map(
                static fn (PlanMove $move): PlanMoveAnswer => new PlanMoveAnswer(
                    stage: $move->stage,
                    code: $move->code,
                    label: $move->label,
                    before: null === $move->before ? null : Figure::shown($move->before->value, $format),
                    beforeStanding: $move->before->standing ?? 'plain',
                    after: null === $move->after ? null : Figure::shown($move->after->value, $format),
                    afterStanding: $move->after->standing ?? 'plain',
                ),
                $sheet->moves,
            ),
            nextId: $next?->id()->toRfc4122(),
            version: $attempt->version(),
        );
    }

    /**
     * What may be changed, the change against the likeliest cause first. One place of the plan is changed once, whichever causes would have
     * it so: the accepted change counts, else the one against the likeliest.
     *
     * @param list<Change> $changes
     * @param array<string, Change> $accepted
     *
     * @return list<ProposalAnswer>
     */
    private function offered(array $changes, array $accepted, Diagnosis $diagnosis, QuantityFormatter $format): array
    {
        $offered = [];
        $taken = array_fill_keys(array_filter(array_map(static fn (Change $change): ?string => $change->remedy->field, $accepted)), true);
        foreach ($changes as $change) {
            $code = $change->remedy->code;
            $field = $change->remedy->field;
            if (isset($offered[$code]) || (null !== $field && !isset($accepted[$code]) && isset($taken[$field]))) {
                continue;
            }
            $taken[$field ?? $code] = true;
            $offered[$code] = new ProposalAnswer(
                $this->line($change, $format),
                isset($accepted[$code]),
                round($diagnosis->odds[$change->remedy->cause] ?? 0.0, 4),
            );
        }
        $rank = array_flip(array_keys($diagnosis->odds));
        usort(
            $offered,
            static fn (ProposalAnswer $a, ProposalAnswer $b): int => $b->causeProbability <=> $a->causeProbability
                ?: ($rank[$a->line->cause] ?? 0) <=> ($rank[$b->line->cause] ?? 0),
        );

        return $offered;
    }

    /** @return list<PredictionAnswer> what was written down before the pour */
    private static function written(Attempt $from): array
    {
        return array_values(array_map(static fn (WrittenPrediction $told): PredictionAnswer => $told->toAnswer(), $from->predictions()));
    }

    /** The sheet between two attempts, scored as far as the second one is judged. */
    public function followed(Attempt $from, Attempt $to): FollowedSheetAnswer
    {
        $format = new QuantityFormatter($from->caster()->units());
        $expected = array_map(static fn (WrittenPrediction $prediction): Outcome => $prediction->expected(), $from->predictions());
        $scores = Score::of($expected, $from->toRecord(new History(), null), $to->toRecord(new History(), null));

        return new FollowedSheetAnswer(
            array_values(array_map(fn (Change $change): SheetLineAnswer => $this->line($change, $format), $from->changeSheet())),
            self::written($from),
            array_map(ScoreAnswer::of(...), $scores),
        );
    }

    private function line(Change $change, QuantityFormatter $format): SheetLineAnswer
    {
        $remedy = $change->remedy;
        $new = $change->new;

        return new SheetLineAnswer(
            remedy: $remedy->code,
            label: $remedy->label,
            cause: $remedy->cause,
            causeLabel: $this->catalogue->causes[$remedy->cause]->label,
            effort: $remedy->effort,
            cost: $remedy->cost,
            field: $remedy->field,
            fieldLabel: null === $remedy->field ? null : Fields::get($remedy->field)->label,
            old: null === $remedy->field ? null : ValueWords::of($remedy->field, $change->old, $format),
            new: null === $remedy->field ? null : ValueWords::of($remedy->field, $new, $format),
            newRaw: $new instanceof Measurement || $new instanceof Sections ? $new->toArray() : $new,
        );
    }
}
