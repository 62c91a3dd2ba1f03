<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Heaps\MadeOfView;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\FindingAnswer;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\OpinionAnswer;
use MoltenNotes\App\Notebook\RecordedFinding;
use MoltenNotes\App\Patterns\MouldedOfView;
use MoltenNotes\App\PlanCasting\PlanView;
use MoltenNotes\App\PlanNext\KeepList;
use MoltenNotes\App\PourDay\MeasuredValues;
use MoltenNotes\App\Shared\Http\ShownValueAnswer;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Safety\Cautions;

/** An attempt as the API shows it: values both raw and in the caster's units. */
final readonly class AttemptView
{
    public function __construct(
        private Notebook $notebook,
        private KeepList $keeps,
        private MadeOfView $madeOf,
        private MouldedOfView $mouldedOf,
    ) {
    }

    public function of(Attempt $attempt): AttemptAnswer
    {
        $format = new QuantityFormatter($attempt->caster()->units());
        $record = $this->notebook->record($attempt);
        $basis = Basis::of($record, $format);
        $plan = PlanCasting::of($basis);

        return new AttemptAnswer(
            line: AttemptLineAnswer::of($attempt),
            castingPurpose: $attempt->casting()->purpose(),
            name: $attempt->name(),
            note: $attempt->note(),
            planned: ShownValueAnswer::each($attempt->valuesOf('planned'), $format),
            made: ShownValueAnswer::each($attempt->valuesOf('made'), $format),
            heat: null === $attempt->heat() ? null : self::heat($attempt->heat(), $format),
            observations: $attempt->observations(),
            findings: array_map(static fn (RecordedFinding $finding): FindingAnswer => $finding->toAnswer(), $attempt->findings()),
            answers: (object) $record->answers,
            opinions: (object) array_map(static fn (CauseOpinion $opinion): OpinionAnswer => $opinion->toAnswer(), $attempt->opinions()),
            previousId: $attempt->previous()?->id()->toRfc4122(),
            nextId: $this->notebook->next($attempt)?->id()->toRfc4122(),
            changedFields: self::changedFields($attempt),
            cautions: Cautions::for($record->values()),
            section: PlanView::section($basis, $plan, 'planned' === $attempt->state() ? null : $record->planned),
            risks: $plan->risks(),
            answersOfPlan: $plan->answers($format),
            unreadable: $attempt->unreadable(),
            kept: $attempt->kept(),
            keeps: $this->keeps->heldBy($attempt),
            measured: MeasuredValues::measured($attempt),
            sand: $this->madeOf->of($attempt, $format),
            pattern: $this->mouldedOf->of($attempt, $format),
            recipe: $attempt->recipe(),
        );
    }

    public static function heat(Heat $heat, QuantityFormatter $format): HeatAnswer
    {
        return new HeatAnswer(
            id: $heat->id()->toRfc4122(),
            name: $heat->name(),
            meltedOn: $heat->meltedOn()?->format('Y-m-d'),
            version: $heat->version(),
            values: ShownValueAnswer::each($heat->values(), $format),
        );
    }

    /** @return list<string> fields that the change sheet before this attempt altered */
    private static function changedFields(Attempt $attempt): array
    {
        $fields = [];
        foreach ($attempt->previous()?->changeSheet() ?? [] as $change) {
            $field = $change->remedy->field;
            if (null !== $field) {
                $fields[] = $field;
            }
        }

        return array_values(array_unique($fields));
    }
}
