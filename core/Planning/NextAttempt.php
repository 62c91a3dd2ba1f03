<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Planning;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\ContextEvidence;
use MoltenNotes\Core\Diagnosis\Contribution;
use MoltenNotes\Core\Diagnosis\Diagnosis;
use MoltenNotes\Core\Diagnosis\FactSheet;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\AttemptRecord;
use MoltenNotes\Core\Record\History;
use MoltenNotes\Core\Record\Values;

/**
 * Plans the next attempt: the changes edit a copy of the plan, the evidence is weighed again on that copy, and each defect gets its chance
 * before and after.
 *
 * Chance of a defect = 1 − (1 − leak) Π over causes (1 − strength · P(cause)). Before: P(cause) as diagnosed, nothing changed.
 * After: the odds of each cause moved by what the record's evidence gains or loses on the changed plan, or by the remedy's own share where
 * no rule reads the change. Derived; it treats causes as independent once diagnosed.
 */
final readonly class NextAttempt
{
    /** A defect not seen yet is worth a warning from this rise of its chance on. */
    private const WARN_FROM = 0.10;

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
        $proposals = [];
        foreach ($causes as $cause) {
            foreach (Remedies::against($cause) as $remedy) {
                $new = $rule->newValue($remedy, $record);
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
        $after = $this->oddsAfter($record, $plan, $diagnosis->odds, $changes);

        return new ChangeSheet($changes, $this->predictions($record->defectKinds(), $diagnosis->odds, $after), $plan, self::teaches($changes));
    }

    /**
     * @param array<string, float> $before
     * @param list<Change>         $changes
     *
     * @return array<string, float> cause → probability
     */
    private function oddsAfter(AttemptRecord $record, Values $plan, array $before, array $changes): array
    {
        $then = $this->recordOdds($record, $record->values());
        $next = $this->recordOdds($record, $plan);
        $left = [];
        foreach ($changes as $change) {
            $cause = $change->remedy->cause;
            $left[$cause] = ($left[$cause] ?? 0.0) + log($change->remedy->left);
        }
        $after = [];
        foreach ($before as $cause => $probability) {
            $shift = ($next[$cause] ?? 0.0) - ($then[$cause] ?? 0.0);
            // A remedy that no rule can weigh, or that the rules only see in part, still does what the trade expects of it.
            $shift = isset($left[$cause]) ? min($shift, $left[$cause]) : $shift;
            $after[$cause] = 1 / (1 + exp(-ContextEvidence::logit($probability) - $shift));
        }

        return $after;
    }

    /** @return array<string, float> cause → log-odds from the plan's values alone; observations belong to the pour that is over */
    private function recordOdds(AttemptRecord $record, Values $values): array
    {
        $bare = new AttemptRecord($record->castingName, null, $record->number, null, $values, Values::none(), Values::none(), [], [], [], new History(), null);
        $facts = FactSheet::of($bare, $this->format);
        $context = new ContextEvidence($this->catalogue);

        return array_map(
            static fn ($cause): float => array_sum(array_map(
                static fn (Contribution $contribution): float => 'record' === $contribution->kind ? $contribution->logOdds : 0.0,
                $context->of($cause, $facts, [], new History()),
            )),
            $this->catalogue->causes,
        );
    }

    /**
     * @param list<string>         $seen
     * @param array<string, float> $before
     * @param array<string, float> $after
     *
     * @return list<Prediction>
     */
    private function predictions(array $seen, array $before, array $after): array
    {
        $predictions = [];
        $warnings = [];
        foreach ($this->catalogue->vocabulary->defects as $defect) {
            $chanceBefore = $this->chance($defect->code, $defect->leak, $before);
            $chanceAfter = $this->chance($defect->code, $defect->leak, $after);
            if (in_array($defect->code, $seen, true)) {
                $predictions[] = Prediction::of($defect->code, $chanceBefore, $chanceAfter);
            } elseif ($chanceAfter - $chanceBefore >= self::WARN_FROM) {
                $warnings[] = Prediction::of($defect->code, $chanceBefore, $chanceAfter);
            }
        }

        return [...$predictions, ...$warnings];
    }

    /** @param array<string, float> $odds */
    private function chance(string $defect, float $leak, array $odds): float
    {
        $absent = 1 - $leak;
        foreach ($this->catalogue->causesOf($defect) as $cause => $strength) {
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
            default => 'Changes against several causes at once: the best chance of a good part, but a success will not say which change did it.',
        };
    }

    /** A value for a change sheet's line, in the caster's units. */
    public function words(string $field, Measurement|string|int|bool|null $value): string
    {
        return ValueWords::of($field, $value, $this->format);
    }
}
