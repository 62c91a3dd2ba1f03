<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\CauseOpinion;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Notebook\RecordedFinding;
use MoltenNotes\App\Notebook\Unreadable;
use MoltenNotes\App\PlanCasting\PlanView;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Record\ValueWords;
use MoltenNotes\Core\Safety\Cautions;
use Symfony\Component\Uid\Uuid;

/** An attempt as the API shows it: values both raw and in the caster's units. */
final readonly class AttemptView
{
    public function __construct(private Notebook $notebook)
    {
    }

    /** @return array<string, mixed> */
    public function detail(Attempt $attempt): array
    {
        $format = new QuantityFormatter($attempt->caster()->units());
        $record = $this->notebook->record($attempt);
        $all = $record->values();
        $basis = Basis::of($record, $format);
        $plan = PlanCasting::of($basis);

        return $this->summary($attempt) + [
            'casting_purpose' => $attempt->casting()->purpose(),
            'name' => $attempt->name(),
            'note' => $attempt->note(),
            'planned' => self::values($attempt->valuesOf('planned'), $format),
            'made' => self::values($attempt->valuesOf('made'), $format),
            'heat' => null === $attempt->heat() ? null : self::heat($attempt->heat(), $format),
            'observations' => $attempt->observations(),
            'findings' => array_map(static fn (RecordedFinding $finding): array => $finding->toArray(), $attempt->findings()),
            'answers' => (object) $record->answers,
            'opinions' => (object) array_map(static fn (CauseOpinion $opinion): array => $opinion->toArray(), $attempt->opinions()),
            'previous_id' => $attempt->previous()?->id()->toRfc4122(),
            'next_id' => $this->notebook->next($attempt)?->id()->toRfc4122(),
            'changed_fields' => self::changedFields($attempt),
            'cautions' => Cautions::for($all),
            'section' => PlanView::section($basis, $plan, 'planned' === $attempt->state() ? null : $record->planned),
            'risks' => $plan->risks(),
            'answers_of_plan' => $plan->answers($format),
            'unreadable' => array_map(static fn (Unreadable $thing): array => $thing->toArray(), $attempt->unreadable()),
        ];
    }

    /** @return array<string, mixed> */
    public function summary(Attempt $attempt): array
    {
        return self::line(
            $attempt->id()->toRfc4122(),
            $attempt->casting()->id()->toRfc4122(),
            $attempt->casting()->name(),
            $attempt->number(),
            $attempt->state(),
            $attempt->pouredOn()?->format('Y-m-d'),
            $attempt->verdict(),
            $attempt->process(),
            $attempt->alloy(),
            $attempt->pourTemperatureK(),
            $attempt->version(),
            $attempt->caster(),
        );
    }

    /**
     * One line of a list, from plain columns: building entities for a list would cost too much.
     *
     * @param array{id: string, casting_id: string, name: string, number: int|string, poured_on: string|null, verdict: string|null,
     *     process: string|null, alloy: string|null, pour_temperature_k: float|string|null, version: int|string, ...} $row
     *
     * @return array<string, mixed>
     */
    public static function row(array $row, Caster $caster): array
    {
        $verdict = Choices::known('verdict', $row['verdict']);

        return self::line(
            Uuid::fromBinary($row['id'])->toRfc4122(),
            Uuid::fromBinary($row['casting_id'])->toRfc4122(),
            $row['name'],
            (int) $row['number'],
            Attempt::stateOf($verdict, null !== $row['poured_on']),
            $row['poured_on'],
            $verdict,
            $row['process'],
            $row['alloy'],
            null === $row['pour_temperature_k'] ? null : (float) $row['pour_temperature_k'],
            (int) $row['version'],
            $caster,
        );
    }

    /** @return array<string, mixed> what every list and every view of an attempt begins with */
    private static function line(
        string $id,
        string $castingId,
        string $castingName,
        int $number,
        string $state,
        ?string $pouredOn,
        ?string $verdict,
        ?string $process,
        ?string $alloy,
        ?float $pourTemperatureK,
        int $version,
        Caster $caster,
    ): array {
        return [
            'id' => $id,
            'casting_id' => $castingId,
            'casting_name' => $castingName,
            'number' => $number,
            'state' => $state,
            'poured_on' => $pouredOn,
            'verdict' => $verdict,
            'process' => $process,
            'process_label' => null === $process ? null : Choices::label('process', $process),
            'alloy' => $alloy,
            'alloy_label' => null === $alloy ? null : Choices::label('alloy', $alloy),
            'pour_temperature' => null === $pourTemperatureK
                    ? null
                    : (new QuantityFormatter($caster->units()))->si($pourTemperatureK, Dimension::Temperature),
            'version' => $version,
        ];
    }

    /** @return object field → {raw, shown}; an object even when empty */
    public static function values(Values $values, QuantityFormatter $format): object
    {
        $raw = $values->toArray();
        $shown = [];
        foreach ($values->all() as $field => $value) {
            $shown[$field] = ['raw' => $raw[$field], 'shown' => ValueWords::of($field, $value, $format)];
        }

        return (object) $shown;
    }

    /** @return array<string, mixed> */
    public static function heat(Heat $heat, QuantityFormatter $format): array
    {
        return [
            'id' => $heat->id()->toRfc4122(),
            'name' => $heat->name(),
            'melted_on' => $heat->meltedOn()?->format('Y-m-d'),
            'version' => $heat->version(),
            'values' => self::values($heat->values(), $format),
        ];
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
