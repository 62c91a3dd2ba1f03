<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Melt\Pot;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;

/**
 * How long until the pot is as hot as wanted, from how it heats now: what is still solid must first reach its solidus, then take up the
 * heat of melting at the same net power, then go on as liquid. Derived; a probe in a heap of solid pieces reads its own neighbourhood, so
 * that what is still to melt has a spread of a quarter of its own (common practice).
 */
final readonly class TimeToTarget
{
    private const MELTING_WITHIN = 0.25;
    /** A hot pot radiates more than the straight line of the model says. Tried on simulated heats. */
    private const RISE_WITHIN = 0.15;
    /** K around the freezing range within which it is neither clearly solid nor clearly liquid. */
    private const EDGE_K = 4.0;

    /**
     * @param 'solid'|'melting'|'liquid'|'unknown' $phase
     * @param Estimate|null $seconds null where it cannot be told, or does not get there
     * @param Estimate|null $rate K/s now
     */
    private function __construct(
        public string $phase,
        public ?Estimate $seconds,
        public ?Estimate $rate,
        public ?Temperature $levelsOff,
        public string $words,
    ) {
    }

    /** @param Mass|null $crucible null: as usual for its size */
    public static function of(Curve $curve, Alloy $alloy, Temperature $target, Temperature $air, ?Mass $charge, ?Mass $crucible): self
    {
        $curve = $curve->withoutStrays();
        $now = $curve->latest();
        if (null === $now || $curve->count() < 4) {
            return new self('unknown', null, null, null, 'There are too few readings yet.');
        }
        $last = $curve->at[$curve->count() - 1];
        $phase = self::phase($now, $alloy);
        if ('liquid' === $phase) {
            $since = self::above($curve, $alloy->liquidus->kelvin() + self::EDGE_K);
            $model = HeatingModel::latest($curve->between($since, $last), $air);
            if (null !== $model) {
                return self::liquid($model, $now, $target);
            }
        }
        $kg = max(0.05, $charge?->si() ?? 1.0);
        $pot = Pot::usual($alloy, Mass::fromSi($kg), $crucible);
        $crucibleHeat = max(0.0, $pot->heatCapacity - $kg * $alloy->heatLiquid->si()) / $kg;
        $begins = KnownArrests::meltingBegins($alloy);
        $entered = 'solid' === $phase ? $last : self::above($curve, $begins->kelvin() - self::EDGE_K);
        $model = HeatingModel::latest($curve->between(-\INF, $entered), $air);
        if (null === $model) {
            return new self($phase, null, null, null, 'How it heated before it began to melt was not read, so the rest cannot be told.');
        }

        return 'liquid' === $phase
            // It has only just become liquid: what it took up while it was solid says how fast it goes on.
            ? self::liquid($model->withHeat(self::heavier($alloy, $crucibleHeat)), $now, $target, self::MELTING_WITHIN)
            : self::toMelt($model, $alloy, $now, $target, $crucibleHeat, $phase, $last - $entered);
    }

    private static function liquid(HeatingModel $model, Temperature $now, Temperature $target, float $within = 0.05): self
    {
        $rate = $model->rateAt($now);
        if ($now->si() >= $target->si()) {
            return new self('liquid', Estimate::exact(Dimension::Time, 0.0), $rate, $model->levelsOff(), 'It is as hot as wanted.');
        }
        if ($rate->si <= 0.0) {
            return new self('liquid', null, $rate, null, 'It is not getting hotter.');
        }
        $seconds = $model->secondsTo($now, $target);

        return new self(
            'liquid',
            $seconds?->widenedBy($within),
            $rate,
            $model->levelsOff(),
            null === $seconds ? 'At this power it does not get there: it levels off below.' : '',
        );
    }

    /**
     * @param float $crucibleHeat J/K of crucible for each kilogram of metal
     * @param 'solid'|'melting' $phase
     * @param float $elapsed seconds since it began to melt
     */
    private static function toMelt(
        HeatingModel $model,
        Alloy $alloy,
        Temperature $now,
        Temperature $target,
        float $crucibleHeat,
        string $phase,
        float $elapsed,
    ): self {
        $solidHeat = $alloy->heatSolid->si() + $crucibleHeat;
        $begins = KnownArrests::meltingBegins($alloy);
        $middle = Temperature::fromSi(($begins->kelvin() + $alloy->liquidus->kelvin()) / 2);
        $rate = $model->rateAt('melting' === $phase ? $middle : $now);
        if ($rate->si <= 0.0) {
            return new self($phase, null, $rate, null, 'It is not getting hotter.');
        }
        $range = $alloy->liquidus->minus($begins)->si();
        $need = $alloy->latentHeat->si() + $range * (($alloy->heatSolid->si() + $alloy->heatLiquid->si()) / 2 + $crucibleHeat);
        $net = $model->rateAt($middle);
        $liquid = $model->withHeat(self::heavier($alloy, $crucibleHeat));
        $rise = 'solid' === $phase ? $model->secondsTo($now, $begins) : Estimate::exact(Dimension::Time, 0.0);
        $super = $liquid->secondsTo($alloy->liquidus, $target);
        if (null === $rise || null === $super || $net->si <= 0.0) {
            return new self($phase, null, $rate, null, 'At this power it does not get there: it levels off below.');
        }
        $melting = Estimate::through(
            Dimension::Time,
            static fn (float $pace): float => $need / (max(0.05 * $net->si, $pace) * $solidHeat),
            $net,
        )->widenedBy(self::MELTING_WITHIN);
        $left = Estimate::between(
            Dimension::Time,
            max(0.0, $melting->si - $elapsed),
            max(0.0, $melting->lowSi - $elapsed),
            max(0.0, $melting->highSi - $elapsed),
        );

        return new self(
            $phase,
            $rise->plus($left)->plus($super)->widenedBy('solid' === $phase ? self::RISE_WITHIN : 0.0),
            $rate,
            null,
            'solid' === $phase ? 'It has to melt first; that is counted in.' : 'It is melting; what is left of that is counted in.',
        );
    }

    /** @return 'solid'|'melting'|'liquid' */
    private static function phase(Temperature $now, Alloy $alloy): string
    {
        return match (true) {
            $now->si() > $alloy->liquidus->si() + self::EDGE_K => 'liquid',
            $now->si() < KnownArrests::meltingBegins($alloy)->si() - self::EDGE_K => 'solid',
            default => 'melting',
        };
    }

    /** How many times the heat of the solid pot the liquid one takes for a kelvin. */
    private static function heavier(Alloy $alloy, float $crucibleHeat): float
    {
        return ($alloy->heatLiquid->si() + $crucibleHeat) / ($alloy->heatSolid->si() + $crucibleHeat);
    }

    /** The second since which it has been above this, all along. */
    private static function above(Curve $curve, float $kelvin): float
    {
        for ($i = $curve->count() - 1; $i >= 0; --$i) {
            if ($curve->kelvin[$i] < $kelvin) {
                return $curve->at[min($curve->count() - 1, $i + 1)];
            }
        }

        return $curve->at[0];
    }
}
