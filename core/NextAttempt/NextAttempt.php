<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\ContextEvidence;
use MoltenNotes\Core\Diagnosis\Contribution;
use MoltenNotes\Core\Diagnosis\Diagnosis;
use MoltenNotes\Core\Diagnosis\FactSheet;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\Values;

/**
 * Plans the next attempt: the changes edit a copy of the plan, the evidence is weighed again on that copy, and each defect gets its chance
 * before and after.
 *
 * A defect that was seen is put down to its causes in the shares strength · P(cause), the leak taking the rest. With nothing changed each
 * cause acts again, so the chance to see it again is the sum of the shares. A change leaves of a cause what the record's evidence on the
 * changed plan leaves of its odds, or the remedy's own share where that is less or no rule reads the change; a cause that the changed plan
 * makes likelier adds its new chance. Derived; it treats causes as independent once diagnosed.
 */
final readonly class NextAttempt
{
    /** A defect not seen yet is worth a warning from this rise of its chance on. */
    private const WARN_FROM = 0.1;
    /** Pour times nearer than this are the same. */
    private const SAME_PACE = 0.03;

    private QuantityFormatter $format;

    public function __construct(private Catalogue $catalogue, UnitPreferences $preferences)
    {
        $this->format = new QuantityFormatter($preferences);
    }

    /**
     * Remedies that have something to change here, for the causes given, in their order.
     *
     * @param list<string> $causes
     *
     * @return list<Change>
     */
    public function proposals(AttemptRecord $record, array $causes): array
    {
        $rule = new RemedyRule($this->format);
        $plan = PlanCasting::of(Basis::of($record, $this->format));
        $proposals = [];
        foreach ($causes as $cause) {
            foreach (Remedies::against($cause) as $remedy) {
                $new = $rule->newValue($remedy, $record, $plan);
                if ('habit' === $remedy->how || null !== $new) {
                    $proposals[] = new Change($remedy, null === $remedy->field ? null : $record->values()->get($remedy->field), $new);
                }
            }
        }

        return $proposals;
    }

    /** @param list<Change> $changes */
    public function sheet(AttemptRecord $record, Diagnosis $diagnosis, array $changes): ChangeSheet
    {
        $plan = $record->values();
        foreach ($changes as $change) {
            if (null !== $change->remedy->field && null !== $change->new) {
                $plan = $plan->with($change->remedy->field, $change->new);
            }
        }
        $before = PlanCasting::of(Basis::of($record, $this->format));
        $plan = $this->atOwnPace($before, $record, $plan);
        $left = $this->left($record, $plan, $changes);
        $moves = [] === $changes ? [] : PlanMove::between($before, $this->planOf($record, $plan));

        return new ChangeSheet(
            $changes,
            $this->predictions($record->defectKinds(), $diagnosis->odds, $left),
            $plan,
            self::teaches($changes),
            $moves,
        );
    }

    /**
     * Hands pour at their own pace: what the last pour took against what its sprue and gates let through holds for the next as well.
     * Where the pace cannot be told, the old time says nothing of other gates. Derived.
     */
    private function atOwnPace(CastingPlan $before, AttemptRecord $record, Values $plan): Values
    {
        $logged = $record->values()->measurement('pour.time');
        if (null === $logged || $plan->measurement('pour.time')?->si() !== $logged->si()) {
            return $plan;
        }
        $then = $before->figure('gating', 'fill_time')?->value->si;
        $next = $this->planOf($record, $plan)->figure('gating', 'fill_time')?->value->si;
        if (null === $then || null === $next || $then <= 0) {
            return $then === $next ? $plan : $plan->without('pour.time');
        }

        return abs($next / $then - 1) < self::SAME_PACE
            ? $plan
            : $plan->with(
                'pour.time',
                Measurement::of(round((UnitTable::get($logged->unitCode)->fromSi($logged->si()) * $next) / $then, 2), $logged->unitCode),
            );
    }

    private function planOf(AttemptRecord $record, Values $plan): CastingPlan
    {
        return PlanCasting::of(Basis::of($record, $this->format)->with($plan));
    }

    /**
     * @param list<Change> $changes
     *
     * @return array<string, float> cause → factor on its odds: below 1 less of it, above 1 more
     */
    private function left(AttemptRecord $record, Values $plan, array $changes): array
    {
        $then = $this->recordOdds($record, $record->values());
        $next = $this->recordOdds($record, $plan);
        $left = [];
        foreach (array_keys($this->catalogue->causes) as $cause) {
            $left[$cause] = exp($next[$cause] - $then[$cause]);
        }
        $own = [];
        foreach ($changes as $change) {
            $own[$change->remedy->cause] = ($own[$change->remedy->cause] ?? 1.0) * $change->remedy->left;
        }
        foreach ($own as $cause => $share) {
            $left[$cause] = min($left[$cause], $share);
        }

        return $left;
    }

    /** @return array<string, float> cause → log-odds from the plan's values alone; observations belong to the pour that is over */
    private function recordOdds(AttemptRecord $record, Values $values): array
    {
        $facts = FactSheet::of($record->with($values), $this->format);
        $context = new ContextEvidence($this->catalogue);

        return array_map(
            static fn ($cause): float => array_sum(
                array_map(
                    static fn (Contribution $contribution): float => 'record' === $contribution->kind ? $contribution->logOdds : 0.0,
                    $context->of($cause, $facts, new History()),
                ),
            ),
            $this->catalogue->causes,
        );
    }

    /**
     * @param list<string> $seen
     * @param array<string, float> $odds cause → probability as diagnosed
     * @param array<string, float> $left cause → factor
     *
     * @return list<Prediction>
     */
    private function predictions(array $seen, array $odds, array $left): array
    {
        $predictions = [];
        $warnings = [];
        foreach ($this->catalogue->vocabulary->defects as $defect) {
            $strengths = $this->catalogue->causesOf($defect->code);
            $raised = $this->raised($strengths, $odds, $left);
            if (in_array($defect->code, $seen, true)) {
                [$before, $after] = $this->again($strengths, $defect->leak, $odds, $left);
                $predictions[] = Prediction::of($defect->code, $before, 1 - (1 - $after) * (1 - $raised));
                continue;
            }
            $before = $this->chance($strengths, $defect->leak, $odds);
            $after = 1 - (1 - $before) * (1 - $raised);
            if ($after - $before > self::WARN_FROM) {
                $warnings[] = Prediction::of($defect->code, $before, $after);
            }
        }

        return [...$predictions, ...$warnings];
    }

    /**
     * @param array<string, float> $strengths
     * @param array<string, float> $odds
     * @param array<string, float> $left
     *
     * @return array{float, float} chance to see it again, unchanged and changed
     */
    private function again(array $strengths, float $leak, array $odds, array $left): array
    {
        $shares = [];
        foreach ($strengths as $cause => $strength) {
            $shares[$cause] = $strength * ($odds[$cause] ?? 0.0);
        }
        $total = $leak + array_sum($shares);
        $before = 0.0;
        $after = 0.0;
        foreach ($shares as $cause => $share) {
            $before += $share / $total;
            $after += ($share / $total) * min(1.0, $left[$cause] ?? 1.0);
        }

        return [$before, $after];
    }

    /**
     * Chance that what the changes make likelier shows this defect.
     *
     * @param array<string, float> $strengths
     * @param array<string, float> $odds
     * @param array<string, float> $left
     */
    private function raised(array $strengths, array $odds, array $left): float
    {
        $absent = 1.0;
        foreach ($strengths as $cause => $strength) {
            $now = $odds[$cause] ?? 0.0;
            $then = 1 / (1 + exp(-ContextEvidence::logit($now)) / max(1.0, $left[$cause] ?? 1.0));
            $absent *= 1 - $strength * max(0.0, $then - $now);
        }

        return 1 - $absent;
    }

    /**
     * @param array<string, float> $strengths
     * @param array<string, float> $odds
     */
    private function chance(array $strengths, float $leak, array $odds): float
    {
        $absent = 1 - $leak;
        foreach ($strengths as $cause => $strength) {
            $absent *= 1 - $strength * ($odds[$cause] ?? 0.0);
        }

        return 1 - $absent;
    }

    /** @param list<Change> $changes */
    private static function teaches(array $changes): string
    {
        $causes = count(array_unique(array_map(static fn (Change $change): string => $change->remedy->cause, $changes)));

        return match (true) {
            [] === $changes => 'Nothing is changed yet: the next pour would repeat this one.',
            1 === count($changes) => 'One change: if the fault goes, you know what it was.',
            1 === $causes => 'Several changes against one cause: if the fault goes, the cause is known, not which change did it.',
            default => 'Changes against several causes at once: the best chance of a good part, but a success will not say which change '
                .'did it.',
        };
    }
}
