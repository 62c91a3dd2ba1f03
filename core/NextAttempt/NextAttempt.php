<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Cause;
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
use MoltenNotes\Core\Working\Figure;

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
    /** A change serves a suspect when it leaves at most this of its odds. */
    private const SERVES = 0.8;
    /** Chances nearer than this are the same to a caster. */
    private const WORTH_SAYING = 0.03;
    /** More changes at once than these are no plan. */
    private const MOST_AT_ONCE = 4;
    /** Pour times nearer than this are the same. */
    private const SAME_PACE = 0.03;

    private QuantityFormatter $format;

    /** @var \WeakMap<AttemptRecord, array{plan: CastingPlan, odds: array<string, float>}> what stands before any change, worked out once */
    private \WeakMap $grounds;

    public function __construct(private Catalogue $catalogue, UnitPreferences $preferences)
    {
        $this->format = new QuantityFormatter($preferences);
        $this->grounds = new \WeakMap();
    }

    /** @return array{plan: CastingPlan, odds: array<string, float>} */
    private function ground(AttemptRecord $record): array
    {
        return $this->grounds[$record] ??= [
            'plan' => PlanCasting::of(Basis::of($record, $this->format)),
            'odds' => $this->recordOdds($record, $record->values()),
        ];
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
        $plan = $this->ground($record)['plan'];
        $proposals = [];
        foreach ($causes as $cause) {
            foreach (Remedies::against($cause) as $remedy) {
                if (!$remedy->isPossibleIn($record->values()->choice('mould.process'))) {
                    continue;
                }
                $new = $rule->newValue($remedy, $record, $plan);
                $open = null === $new ? $rule->open($remedy, $record, $plan) : '';
                if ('habit' === $remedy->how || null !== $new || '' !== $open) {
                    $old = null === $remedy->field ? null : $record->values()->get($remedy->field);
                    $proposals[] = new Change($remedy, $old, $new, $open);
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
        $before = $this->ground($record)['plan'];
        $plan = $this->atOwnPace($before, $record, $plan);
        $left = $this->left($record, $plan, $changes);
        $moves = [] === $changes ? [] : PlanMove::between($before, $this->planOf($record, $plan));

        return new ChangeSheet(
            $changes,
            $this->predictions($record->defectKinds(), $diagnosis->odds, $left),
            $plan,
            self::teaches($changes),
            $moves,
            $left,
        );
    }

    /**
     * What one change alone would do: which other suspects it serves, what gets better and what worse.
     *
     * @param list<string> $suspects causes, the likeliest first
     */
    public function effect(AttemptRecord $record, Diagnosis $diagnosis, Change $change, array $suspects): Effect
    {
        if (null === $change->new && 'habit' !== $change->remedy->how) {
            return new Effect([], [], [], null);
        }
        $sheet = $this->sheet($record, $diagnosis, [$change]);
        $also = array_values(array_filter(
            $suspects,
            static fn (string $cause): bool => $cause !== $change->remedy->cause && ($sheet->left[$cause] ?? 1.0) <= self::SERVES,
        ));
        $better = $worse = [];
        foreach ($sheet->predictions as $prediction) {
            $words = $this->catalogue->vocabulary->defects[$prediction->defect]->label
                .': '.self::inHundred($prediction->before).' → '.self::inHundred($prediction->after).' in 100';
            if ($prediction->after < $prediction->before - self::WORTH_SAYING) {
                $better[] = $words;
            } elseif ($prediction->after > $prediction->before + self::WORTH_SAYING) {
                $worse[] = $words;
            }
        }
        foreach ($sheet->moves as $move) {
            $turn = $move->turn();
            if (0 !== $turn && null !== $move->before && null !== $move->after) {
                $words = $move->label.': '.Figure::shown($move->before->value, $this->format).' → '
                    .Figure::shown($move->after->value, $this->format);
                $turn > 0 ? $better[] = $words : $worse[] = $words;
            }
        }

        return new Effect($also, $better, $worse, self::anyAgain($sheet->predictions, $record->defectKinds()));
    }

    /**
     * One change or several: what each way would leave of the faults, and what the pour after it can tell.
     *
     * @param list<array{change: Change, again: float|null}> $weighed changes with what each alone leaves, the likeliest cause first
     *
     * @return list<Way> the dearest to learn from first
     */
    public function ways(AttemptRecord $record, Diagnosis $diagnosis, array $weighed): array
    {
        $known = array_values(array_filter($weighed, static fn (array $row): bool => null !== $row['again']));
        if ([] === $known || [] === $record->defectKinds()) {
            return [];
        }
        $byEffect = $known;
        usort($byEffect, static fn (array $a, array $b): int => $a['again'] <=> $b['again']);
        $best = $byEffect[0];
        $ways = [new Way('one', [$best['change']->remedy->code], $best['again'], self::teaches([$best['change']]))];
        $each = [];
        foreach ($known as ['change' => $change]) {
            $each[$change->remedy->cause] ??= $change;
        }
        $all = array_values(array_slice($each, 0, self::MOST_AT_ONCE));
        if (count($all) > 1) {
            $after = self::anyAgain($this->sheet($record, $diagnosis, $all)->predictions, $record->defectKinds());
            $ways[] = new Way(
                'all',
                array_map(static fn (Change $change): string => $change->remedy->code, $all),
                (float) $after,
                self::teaches($all),
            );
        }

        return $ways;
    }

    /**
     * Chance to see any of the faults again, as if they came independently.
     *
     * @param list<Prediction> $predictions
     * @param list<string> $seen
     */
    private static function anyAgain(array $predictions, array $seen): ?float
    {
        $none = 1.0;
        foreach ($predictions as $prediction) {
            $none *= in_array($prediction->defect, $seen, true) ? 1 - $prediction->after : 1.0;
        }

        return [] === $seen ? null : 1 - $none;
    }

    private static function inHundred(float $chance): string
    {
        return (string) round(100 * $chance);
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
        $then = $this->ground($record)['odds'];
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
            static fn (Cause $cause): float => Contribution::sum($context->of($cause, $facts, new History()), 'record'),
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
