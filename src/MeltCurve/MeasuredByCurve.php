<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Record\Field;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Working\StageResult;

/**
 * What instruments measured for fields of the record. It is offered and never written by itself: only who was there knows whether the probe
 * was in the melt.
 *
 * @phpstan-import-type Series from HeatReadings
 */
final readonly class MeasuredByCurve
{
    /** Field of the melt → the figure that measures it. */
    private const FIGURES = [
        'melt.peak' => 'hottest',
        'melt.energy' => 'energy_read',
        'melt.arrest_upper' => 'upper_arrest',
        'melt.arrest_lower' => 'lower_arrest',
    ];

    private QuantityFormatter $format;

    private function __construct(private Heat $heat)
    {
        $this->format = new QuantityFormatter($heat->caster()->units());
    }

    /**
     * @param list<Attempt> $attempts poured from it
     * @param list<Series> $series
     *
     * @return list<TakeAnswer>
     */
    public static function of(Heat $heat, array $attempts, StageResult $result, ?Temperature $air, array $series): array
    {
        $offers = new self($heat);
        $take = [];
        foreach (self::FIGURES as $field => $code) {
            $figure = $result->figure($code);
            $take[] = null === $figure ? null : $offers->ofTheHeat($field, $figure->value->si);
        }
        foreach ($series as $one) {
            $last = array_slice($one['value'], -1)[0] ?? null;
            $take[] = Dimension::Mass === $one['quantity'] && null !== $last ? $offers->ofTheHeat('metal.charge', $last) : null;
        }
        foreach ($attempts as $attempt) {
            if (null === $air) {
                break;
            }
            $had = $attempt->valuesOf('made')->measurement('pour.ambient');
            $id = $attempt->id()->toRfc4122();
            $take[] = $offers->offer('attempt', $id, Fields::get('pour.ambient'), 'made.pour.ambient', $air->si(), $had);
        }

        return array_values(array_filter($take, static fn (?TakeAnswer $one): bool => null !== $one));
    }

    /** @param FieldKey $field */
    private function ofTheHeat(string $field, float $si): ?TakeAnswer
    {
        $had = $this->heat->values()->measurement($field);

        return $this->offer('heat', $this->heat->id()->toRfc4122(), Fields::get($field), $field, $si, $had);
    }

    /** @param 'heat'|'attempt' $part */
    private function offer(string $part, string $id, Field $about, string $field, float $si, ?Measurement $had): ?TakeAnswer
    {
        if (null === $about->unit) {
            return null;
        }
        $unit = $this->heat->caster()->units()->unit($about->unit->dimension);
        $value = Measurement::of(round($unit->fromSi($si), 3), $unit->code);

        return !$about->takes($value) ? null : new TakeAnswer(
            $part,
            $id,
            $field,
            $about->label,
            $value->toArray(),
            $this->format->measurement($value),
            $had?->toArray(),
            null === $had ? null : $this->format->measurement($had),
        );
    }
}
