<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Diagnose\WhyView;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\PredictionAnswer;
use MoltenNotes\App\Notebook\WrittenPrediction;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnosis;
use MoltenNotes\Core\Diagnosis\RankedCause;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\Effect;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\NextAttempt\Outcome;
use MoltenNotes\Core\NextAttempt\PlanMove;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Core\NextAttempt\Score;
use MoltenNotes\Core\NextAttempt\Trial;
use MoltenNotes\Core\NextAttempt\Way;
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
    /** What each change alone would do is worked out for this many. */
    private const MOST_WEIGHED = 14;

    public function __construct(
        private Catalogue $catalogue,
        private WhyView $why,
        private Notebook $notebook,
        private KeepList $keeps,
    ) {
    }

    public function of(Attempt $attempt): ChangeSheetAnswer
    {
        $units = $attempt->caster()->units();
        $planner = new NextAttempt($this->catalogue, $units);
        $format = new QuantityFormatter($units);
        $record = $this->notebook->record($attempt);
        $diagnosis = $this->why->diagnosis($attempt, $record);
        $suspects = array_values(array_diff(
            array_map(static fn (RankedCause $ranked): string => $ranked->cause->code, $diagnosis->ranked),
            self::ruledOut($attempt),
        ));
        $next = $this->notebook->next($attempt);
        $accepted = null === $next ? self::standing($attempt) : $attempt->changeSheet();
        $changes = $this->offered(
            [...array_values($accepted), ...$planner->proposals($record, array_slice($suspects, 0, self::CAUSES_OFFERED))],
            $accepted,
            $diagnosis,
        );
        $effects = array_map(
            static fn (Change $change): Effect => $planner->effect($record, $diagnosis, $change, $suspects),
            null === $next ? array_slice($changes, 0, self::MOST_WEIGHED) : [],
        );
        $sheet = $planner->sheet($record, $diagnosis, array_values($accepted));
        $keeps = $this->keeps->of($attempt);

        return new ChangeSheetAnswer(
            proposals: array_map(
                fn (Change $change, ?Effect $effect): ProposalAnswer => new ProposalAnswer(
                    $this->line($change, $format),
                    isset($accepted[$change->remedy->code]),
                    round($diagnosis->odds[$change->remedy->cause] ?? 0.0, 4),
                    array_map(fn (string $cause): string => $this->catalogue->causes[$cause]->label, $effect->also ?? []),
                    $effect->better ?? [],
                    $effect->worse ?? [],
                    null === $change->remedy->field || null === $change->new ? null : $keeps[$change->remedy->field] ?? null,
                ),
                $changes,
                $effects,
            ),
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
            ways: null === $next ? $this->ways($planner, $record, $diagnosis, $changes, $effects) : [],
            own: self::own($attempt, null),
            trial: null === $next && isset($suspects[0]) ? $this->trial($suspects[0], $record, $format) : null,
            nextId: $next?->id()->toRfc4122(),
            version: $attempt->version(),
        );
    }

    /** @return list<string> causes that the caster ruled out */
    private static function ruledOut(Attempt $attempt): array
    {
        return array_keys(
            array_filter($attempt->opinions(), static fn (CauseOpinion $opinion): bool => 'ruled_out' === $opinion->opinion()),
        );
    }

    /**
     * What stands on the sheet, less the changes against causes that the caster ruled out since.
     *
     * @return array<string, Change>
     */
    public static function standing(Attempt $attempt): array
    {
        $out = self::ruledOut($attempt);

        return array_filter($attempt->changeSheet(), static fn (Change $change): bool => !in_array($change->remedy->cause, $out, true));
    }

    /**
     * What may be changed, the change against the likeliest cause first. One place of the plan is changed once, whichever causes would have
     * it so: the accepted change counts, else the one against the likeliest.
     *
     * @param list<Change> $changes
     * @param array<string, Change> $accepted
     *
     * @return list<Change>
     */
    private function offered(array $changes, array $accepted, Diagnosis $diagnosis): array
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
            $offered[$code] = $change;
        }
        $rank = array_flip(array_keys($diagnosis->odds));
        $odds = static fn (Change $change): float => $diagnosis->odds[$change->remedy->cause] ?? 0.0;
        usort(
            $offered,
            static fn (Change $a, Change $b): int => $odds($b) <=> $odds($a)
                ?: ($rank[$a->remedy->cause] ?? 0) <=> ($rank[$b->remedy->cause] ?? 0),
        );

        return $offered;
    }

    /**
     * @param list<Change> $changes
     * @param list<Effect> $effects of the first of them
     *
     * @return list<WayAnswer>
     */
    private function ways(NextAttempt $planner, AttemptRecord $record, Diagnosis $diagnosis, array $changes, array $effects): array
    {
        $weighed = array_map(
            static fn (Change $change, Effect $effect): array => ['change' => $change, 'again' => $effect->again],
            array_slice($changes, 0, count($effects)),
            $effects,
        );

        return array_map(
            static fn (Way $way): WayAnswer => new WayAnswer(
                $way->code,
                $way->remedies,
                array_map(static fn (string $code): string => Remedies::get($code)->label, $way->remedies),
                round($way->again, 4),
                $way->teaches,
            ),
            $planner->ways($record, $diagnosis, $weighed),
        );
    }

    private function trial(string $cause, AttemptRecord $record, QuantityFormatter $format): ?TrialAnswer
    {
        $trial = Trial::against($cause, $record->values(), $format);

        return null === $trial
            ? null
            : new TrialAnswer($trial->label, $this->catalogue->causes[$cause]->label, $trial->words, $trial->common);
    }

    /**
     * The caster's own changes, scored by the fault each is meant against where the attempt after is judged.
     *
     * @return list<OwnChangeAnswer>
     */
    private static function own(Attempt $from, ?Attempt $to): array
    {
        $own = [];
        foreach ($from->ownChanges() as $id => ['words' => $words, 'against' => $against]) {
            $found = null;
            if (null !== $to && null !== $against) {
                $scores = Score::of([$against => Outcome::Gone], $from->toRecord(new History(), null), $to->toRecord(new History(), null));
                $found = ($scores[0] ?? null)?->found->value;
            }
            $own[] = new OwnChangeAnswer($id, $words, $against, $found);
        }

        return $own;
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
            self::own($from, $to),
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
            new: null === $remedy->field || '' !== $change->open ? null : ValueWords::of($remedy->field, $new, $format),
            newRaw: $new instanceof Measurement || $new instanceof Sections ? $new->toArray() : $new,
            open: $change->open,
            ofPattern: null !== $remedy->field && 'pattern' === Fields::get($remedy->field)->stage,
        );
    }
}
