<?php

declare(strict_types=1);

namespace MoltenNotes\App\Finish;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Finishing\Repair;
use MoltenNotes\Core\Finishing\Route;
use MoltenNotes\Core\Finishing\RouteFacts;
use MoltenNotes\Core\Finishing\RouteStep;
use MoltenNotes\Core\Finishing\Treatment;
use MoltenNotes\Core\Finishing\TreatmentStage;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueWords;

/** The route of finishing as the API shows it. */
final readonly class FinishView
{
    private const ASKED = [
        'finish.look' => '', 'finish.treatment' => '', 'finish.fit' => '', 'finish.machined' => '12 cm2', 'finish.allowance' => '1.5 mm',
    ];

    public function __construct(private Notebook $notebook)
    {
    }

    public function of(Attempt $attempt): FinishAnswer
    {
        $format = new QuantityFormatter($attempt->caster()->units());
        $record = $this->notebook->record($attempt);
        $basis = Basis::of($record, $format);
        $faults = array_values(array_unique($record->defectKinds()));
        $facts = RouteFacts::ofPlan($basis, PlanCasting::of($basis), $attempt->casting()->purpose(), $faults, $attempt->mends());
        $route = Route::of($facts, $format);
        $done = $attempt->finished();
        $chips = null;
        foreach ($route->steps as $step) {
            $chips = null === $step->chips ? $chips : (null === $chips ? $step->chips : $chips->plus($step->chips));
        }
        $signed = $done['sign_off'] ?? null;

        return new FinishAnswer(
            attemptId: $attempt->id()->toRfc4122(),
            castingId: $attempt->casting()->id()->toRfc4122(),
            castingName: $attempt->casting()->name(),
            number: $attempt->number(),
            state: $attempt->state(),
            sentence: self::sentence($route, $done, $format),
            metal: $facts->alloy->name ?? 'metal not said',
            look: Choices::label('finish_look', $facts->look()).match (true) {
                null !== $facts->look => '',
                null !== $facts->purpose => ', as its purpose asks',
                default => ', where nobody says otherwise',
            },
            steps: array_map(static fn (RouteStep $one): FinishStepAnswer => new FinishStepAnswer(
                code: $one->code,
                label: $one->label,
                words: $format->words($one->words),
                hold: $one->hold,
                why: $one->why,
                hands: $format->estimate($one->hands),
                waits: null === $one->waits ? null : $format->estimate($one->waits),
                chips: null === $one->chips ? null : $format->estimate($one->chips),
                cautions: array_map($format->words(...), $one->cautions),
                grits: $one->grits,
                repairs: $one->repairs,
                working: $one->working?->toArray(),
                done: $done[$one->code] ?? null,
            ), $route->steps),
            treatments: array_map(
                static fn (Treatment $one): TreatmentAnswer => self::treatment($one, $facts, $format),
                Treatment::of($facts->alloy),
            ),
            faults: array_map(static fn (string $fault): array => [
                'defect' => $fault,
                'label' => Vocabulary::standard()->defects[$fault]->label ?? $fault,
                'repairs' => array_map(
                    static fn (Repair $one): RepairAnswer => self::repair($one, in_array($one->code, $attempt->mends(), true), $format),
                    Repair::of($fault, $facts->alloy?->family, $facts->purpose, $facts->look()),
                ),
            ], $faults),
            asks: self::asks($attempt, $basis, $format),
            missing: $route->missing,
            chips: null === $chips ? '' : $format->estimate($chips),
            signedOff: null === $signed ? null : $signed['note'] ?? '',
        );
    }

    /** @param array<string, array{at: float, minutes: int|null, note: string|null}> $done */
    private static function sentence(Route $route, array $done, QuantityFormatter $format): string
    {
        $left = array_values(array_filter($route->steps, static fn (RouteStep $step): bool => !isset($done[$step->code])));
        if ([] === $left) {
            $minutes = array_sum(array_map(static fn (array $one): int => $one['minutes'] ?? 0, $done));

            return 'It is finished and signed off'.($minutes > 0
                ? ', after '.$format->si(60.0 * $minutes, Dimension::Time).' hands on.'
                : '.');
        }
        $hands = $waits = Estimate::exact(Dimension::Time, 0.0);
        foreach ($left as $step) {
            $hands = $hands->plus($step->hands);
            $waits = null === $step->waits ? $waits : $waits->plus($step->waits);
        }

        return ([] === $done ? '' : 'Still ').$format->estimate($hands).' hands on'
            .($waits->si > 0.0 ? ', and '.$format->estimate($waits).' that go by themselves' : '').'; next: '.lcfirst($left[0]->label).'.';
    }

    private static function treatment(Treatment $one, RouteFacts $facts, QuantityFormatter $format): TreatmentAnswer
    {
        return new TreatmentAnswer(
            code: $one->code,
            name: $one->name,
            gives: $one->gives,
            stages: array_map(static fn (TreatmentStage $stage): array => [
                'label' => $stage->label,
                'set' => $format->quantity(Temperature::fromCelsius(($stage->lowC + $stage->highC) / 2)),
                'limit' => $format->quantity(Temperature::fromCelsius($stage->highC)),
                'celsius' => ($stage->lowC + $stage->highC) / 2,
                'hold' => $format->estimate($stage->hold),
                'seconds' => $stage->hold->si,
                'then' => $format->words($stage->then),
            ], $one->stages($facts->wall)),
            cautions: array_map($format->words(...), $one->cautions),
            source: $one->source.', recalled from memory',
            chosen: $one->code === $facts->treatment,
        );
    }

    private static function repair(Repair $one, bool $chosen, QuantityFormatter $format): RepairAnswer
    {
        $labels = array_column(Route::labels(), 'label', 'code');

        return new RepairAnswer(
            code: $one->code,
            label: $one->label,
            words: $format->words($one->words),
            bears: null === $one->bears ? null : $format->quantity(Temperature::fromCelsius($one->bears)),
            caution: $one->caution,
            at: $labels[$one->step] ?? $one->step,
            chosen: $chosen,
        );
    }

    /** @return list<array{field: string, label: string, choices: string|null, raw: mixed, shown: string, example: string}> */
    private static function asks(Attempt $attempt, Basis $basis, QuantityFormatter $format): array
    {
        $asks = [];
        $group = 'planned' === $attempt->state() ? 'planned' : 'made';
        foreach (self::ASKED as $key => $example) {
            $field = Fields::get($key);
            $own = $attempt->valuesOf($group)->all()[$key] ?? null;
            $counts = $basis->values->all()[$key] ?? null;
            $asks[] = [
                'field' => "{$group}.{$key}",
                'label' => $field->label,
                'choices' => $field->choices,
                'raw' => $own instanceof Measurement ? $own->toArray() : $own,
                'shown' => null === $counts ? '' : (is_string($counts) ? $counts : ValueWords::of($key, $counts, $format)),
                'example' => $example,
            ];
        }

        return $asks;
    }
}
