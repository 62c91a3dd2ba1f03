<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Diagnose\WhyView;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\WrittenPrediction;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\RankedCause;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\NextAttempt\Outcome;
use MoltenNotes\Core\NextAttempt\PlanMove;
use MoltenNotes\Core\NextAttempt\Prediction;
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

    /** @return array<string, mixed> */
    public function of(Attempt $attempt): array
    {
        $units = $attempt->caster()->units();
        $planner = new NextAttempt($this->catalogue, $units);
        $format = new QuantityFormatter($units);
        $record = $this->notebook->record($attempt);
        $diagnosis = $this->why->diagnosis($attempt);
        $ruledOut = array_keys(
            array_filter($attempt->opinions(), static fn (CauseOpinion $opinion): bool => 'ruled_out' === $opinion->toArray()['opinion']),
        );
        $suspects = array_values(
            array_diff(array_map(static fn (RankedCause $ranked): string => $ranked->cause->code, $diagnosis->ranked), $ruledOut),
        );
        $causes = array_slice($suspects, 0, self::CAUSES_OFFERED);
        $accepted = $attempt->changeSheet();
        $offered = [];
        $taken = array_fill_keys(array_filter(array_map(static fn (Change $change): ?string => $change->remedy->field, $accepted)), true);
        foreach ([...array_values($accepted), ...$planner->proposals($record, $causes)] as $change) {
            $code = $change->remedy->code;
            $field = $change->remedy->field;
            // One place of the plan is changed once, whichever causes would have it so: the accepted change counts, else the one against
            // the likeliest.
            if (isset($offered[$code]) || (null !== $field && !isset($accepted[$code]) && isset($taken[$field]))) {
                continue;
            }
            $taken[$field ?? $code] = true;
            $offered[$code] = $this->line($change, $format) + [
                'accepted' => isset($accepted[$code]),
                'cause_probability' => round($diagnosis->odds[$change->remedy->cause] ?? 0.0, 4),
            ];
        }
        $rank = array_flip(array_keys($diagnosis->odds));
        $likeliest = static fn (array $a, array $b): int => $b['cause_probability'] <=> $a['cause_probability']
            ?: ($rank[is_string($a['cause']) ? $a['cause'] : ''] ?? 0) <=> ($rank[is_string($b['cause']) ? $b['cause'] : ''] ?? 0);
        uasort($offered, $likeliest);
        $next = $this->notebook->next($attempt);
        $sheet = $planner->sheet($record, $diagnosis, array_values($accepted));

        return [
            'proposals' => array_values($offered),
            'predictions' => null === $next
                ? array_map(static fn (Prediction $told): array => $told->toArray(), $sheet->predictions)
                : array_values(array_map(static fn (WrittenPrediction $told): array => $told->toArray(), $attempt->predictions())),
            'teaches' => $sheet->teaches,
            'moves' => array_map(
                static fn (PlanMove $move): array => [
                    'stage' => $move->stage,
                    'code' => $move->code,
                    'label' => $move->label,
                    'before' => null === $move->before ? null : Figure::shown($move->before->value, $format),
                    'before_standing' => $move->before->standing ?? 'plain',
                    'after' => null === $move->after ? null : Figure::shown($move->after->value, $format),
                    'after_standing' => $move->after->standing ?? 'plain',
                ],
                $sheet->moves,
            ),
            'next_id' => $next?->id()->toRfc4122(),
            'version' => $attempt->version(),
        ];
    }

    /** @return array<string, mixed> the sheet between two attempts, scored as far as the second one is judged */
    public function followed(Attempt $from, Attempt $to): array
    {
        $format = new QuantityFormatter($from->caster()->units());
        $expected = array_map(static fn (WrittenPrediction $prediction): Outcome => $prediction->expected(), $from->predictions());
        $scores = Score::of($expected, $from->toRecord(new History(), null), $to->toRecord(new History(), null));

        return [
            'changes' => array_values(array_map(fn (Change $change): array => $this->line($change, $format), $from->changeSheet())),
            'predictions' => array_values(
                array_map(static fn (WrittenPrediction $prediction): array => $prediction->toArray(), $from->predictions()),
            ),
            'scores' => array_map(
                static fn (Score $score): array => [
                    'defect' => $score->defect,
                    'expected' => $score->expected?->value,
                    'found' => $score->found->value,
                    'held' => $score->held,
                ],
                $scores,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function line(Change $change, QuantityFormatter $format): array
    {
        $remedy = $change->remedy;
        $raw = static fn (Measurement|Sections|string|int|bool|null $value): array|string|int|bool|null => $value instanceof Measurement
        || $value instanceof Sections
            ? $value->toArray()
            : $value;

        return [
            'remedy' => $remedy->code,
            'label' => $remedy->label,
            'cause' => $remedy->cause,
            'cause_label' => $this->catalogue->causes[$remedy->cause]->label,
            'effort' => $remedy->effort,
            'cost' => $remedy->cost,
            'field' => $remedy->field,
            'field_label' => null === $remedy->field ? null : Fields::get($remedy->field)->label,
            'old' => null === $remedy->field ? null : ValueWords::of($remedy->field, $change->old, $format),
            'new' => null === $remedy->field ? null : ValueWords::of($remedy->field, $change->new, $format),
            'new_raw' => $raw($change->new),
        ];
    }
}
