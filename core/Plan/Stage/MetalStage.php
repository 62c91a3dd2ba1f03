<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Charge\EnergySource;
use MoltenNotes\Core\Charge\MeltEnergy;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\RiserSeat;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;
use MoltenNotes\Core\Working\WorkingInput;

/** Metal to melt: poured mass with every part of the gating, yield, charge, crucible and lift, energy, time and cost. */
final class MetalStage
{
    private const RESERVE = 0.12;

    private readonly StageSheet $sheet;
    /** Gating and risers that are not sized, in times the castings: a yield of 70, 55 and 40 of every 100. Common practice. */
    private const UNSIZED = [0.43, 0.82, 1.5];

    private float $gatingMass = 0.0;

    private function __construct(private readonly Basis $basis, private readonly Alloy $alloy)
    {
        $this->sheet = new StageSheet($basis->format);
    }

    /**
     * @param array<string, float> $sizes of the gating, metres
     * @param list<RiserSeat> $risers of one casting
     */
    public static function compute(Basis $basis, ?Estimate $castingVolume, array $sizes, array $risers): StageResult
    {
        if (null === $basis->alloy || null === $castingVolume) {
            $sheet = new StageSheet($basis->format);
            $sheet->lacks(
                'metal',
                null === $basis->alloy ? ['metal.alloy'] : ['casting.sections'],
                null === $basis->alloy ? 'Choose the metal.' : 'The volume of the casting is wanted first.',
            );

            return $sheet->result();
        }
        $stage = new self($basis, $basis->alloy);
        $poured = $stage->poured($castingVolume, $sizes, $risers);
        $charge = $stage->charge($poured, $stage->gatingMass);
        $stage->crucible($charge);
        $stage->energy($charge);

        return $stage->sheet->result();
    }

    /**
     * @param array<string, float> $sizes
     * @param list<RiserSeat> $risers
     */
    private function poured(Estimate $castingVolume, array $sizes, array $risers): Estimate
    {
        $density = $this->alloy->densitySolid->si();
        $castings = Estimate::through(
            Dimension::Mass,
            fn (float $volume, float $density): float => $volume * $density * $this->basis->castings(),
            $castingVolume,
            Estimate::about($this->alloy->densitySolid, $this->alloy->densityWithin),
        );
        $inputs = [
            new WorkingInput(
                'm',
                "{$this->basis->castings()} × casting",
                $this->basis->format->si($castings->si, Dimension::Mass),
                'computed',
            ),
        ];
        $extra = 0.0;
        foreach (GatingVolume::parts($this->basis, $sizes, $risers) as $label => $volume) {
            $extra += $volume * $density;
            $inputs[] = new WorkingInput('m', $label, $this->basis->format->si($volume * $density, Dimension::Mass), 'computed');
        }
        $unsized = 0.0;
        if (!isset($sizes['sprue_base'])) {
            $unsized = $castings->si;
            $inputs[] = $this->sheet->input(
                'm',
                'Gating, not sized yet',
                Estimate::between(Dimension::Mass, self::UNSIZED[1] * $unsized, self::UNSIZED[0] * $unsized, self::UNSIZED[2] * $unsized),
                'default',
            );
            $this->sheet->assume(
                'Sprue, runner and gates are not sized yet: as much as is usual is counted for them, with a wide spread.',
                'gating.sprue_height',
            );
        }
        $this->gatingMass = $extra + self::UNSIZED[1] * $unsized;
        $mass = Estimate::between(
            Dimension::Mass,
            $castings->si + $this->gatingMass,
            $castings->lowSi + $extra * 0.9 + self::UNSIZED[0] * $unsized,
            $castings->highSi + $extra * 1.15 + self::UNSIZED[2] * $unsized,
        );
        $this->sheet->add(
            code: 'poured',
            label: 'Metal poured',
            value: $mass,
            formula: 'castings + basin + sprue + runner + gates + risers',
            inputs: $inputs,
            source: 'each part from its own dimensions, at solid density',
            mark: Mark::Derived,
            standing: PatternStage::standing($this->basis),
            note: PatternStage::without($this->basis),
        );
        $yield = $castings->si / $mass->si;
        $this->sheet->add(
            code: 'yield',
            label: 'Yield, casting of every 100 poured',
            value: Estimate::ratio(round(100 * $yield)),
            formula: 'casting / poured',
            inputs: [$this->sheet->input('casting', 'Castings', $castings), $this->sheet->input('poured', 'Metal poured', $mass)],
            source: '40 to 70 is usual in sand',
            mark: Mark::CommonPractice,
        );

        return $mass;
    }

    private function charge(Estimate $poured, float $gating): Estimate
    {
        $typed = $this->basis->estimate('metal.loss');
        $loss =
            null === $typed
                ? MetalFamily::of($this->alloy)->usualLoss($this->basis->values->choice('metal.source'))
                : Estimate::ratio($typed->si, $typed->lowSi, $typed->highSi);
        if (null === $typed) {
            $this->sheet->assume(
                'Melt loss '.round(100 * $loss->lowSi).' to '.round(100 * $loss->highSi).' %, as usual for such a charge.',
                'metal.loss',
            );
        }
        $reserve = $this->basis->si('metal.reserve') ?? self::RESERVE;
        if (!$this->basis->values->has('metal.reserve')) {
            $this->sheet->assume('A reserve of 12 %, or one sprue if that is more; the rest goes into an ingot mould.', 'metal.reserve');
        }
        $spare = max($reserve * $poured->si, $this->basis->values->has('metal.reserve') ? 0.0 : 0.4 * $gating);
        $charge = Estimate::through(Dimension::Mass, static fn (float $m, float $l): float => $m / (1 - $l) + $spare, $poured, $loss);
        $this->sheet->add(
            code: 'charge',
            label: 'Metal to charge',
            value: $charge,
            formula: 'm / (1 − loss) + reserve',
            inputs: [
                $this->sheet->input('m', 'Poured', $poured),
                $this->sheet->input(
                    'loss',
                    'Melt loss',
                    Estimate::between(Dimension::Ratio, $loss->si, $loss->lowSi, $loss->highSi),
                    null === $typed ? 'table' : 'typed',
                ),
                $this->sheet->input(
                    'reserve',
                    'Reserve',
                    Estimate::exact(Dimension::Mass, $spare),
                    $this->basis->values->has('metal.reserve') ? 'typed' : 'default',
                ),
            ],
            source: 'melt losses and reserve of the trade',
            mark: Mark::CommonPractice,
            standing: PatternStage::standing($this->basis),
            note: PatternStage::without($this->basis),
        );
        $this->stock($charge);
        $this->againstCharge($poured, $loss, $charge);

        return $charge;
    }

    /** What is charged, as typed, against what this mould wants; the rest of a melt may be for other moulds. */
    private function againstCharge(Estimate $poured, Estimate $loss, Estimate $charge): void
    {
        $typed = $this->basis->estimate('metal.charge');
        if (null === $typed) {
            return;
        }
        $least = $poured->si / (1 - min(0.95, $loss->si));
        $words = fn (float $short): string => $this->basis->shown($short, Dimension::Mass);
        if ($typed->si < $least) {
            $this->sheet->warn(
                'charge_short',
                "The charge is short by {$words($least - $typed->si)}: it does not fill this mould.",
                'bad',
            );
        } elseif ($typed->si < $charge->si) {
            $this->sheet->warn(
                'charge_short',
                "The charge fills this mould, but {$words($charge->si - $typed->si)} of the reserve is missing.",
                'risky',
            );
        }
    }

    /** What there is on the shelf of this metal; of a lot whose alloy nobody wrote down, it may be. */
    private function stock(Estimate $charge): void
    {
        $there = $listed = 0.0;
        foreach ($this->basis->workshop->stock as $stock) {
            $mass = $stock['mass']?->si() ?? 0.0;
            $listed += $mass;
            $family = AlloyTable::find($stock['alloy'] ?? '')?->family;
            $there += null === $family || $family === $this->alloy->family ? $mass : 0.0;
        }
        if ($listed > 0 && $there < $charge->si) {
            $family = lcfirst(MetalFamily::of($this->alloy)->label);
            $this->sheet->warn(
                'stock',
                $there > 0
                    ? "Of {$family} there are ".$this->basis->shown($there, Dimension::Mass).' on your shelf: too little for this.'
                    : "There is no {$family} on your shelf.",
                'risky',
            );
        }
    }

    private function crucible(Estimate $charge): void
    {
        $volume = $this->basis->si('crucible.volume');
        $own = OwnCrucible::of($this->basis, $this->alloy, $charge->si);
        if (null === $volume && null !== $own) {
            $volume = $own->volume;
            if ($volume * OwnCrucible::FULL * $this->alloy->densityLiquid->si() >= $charge->si) {
                $this->sheet->assume("The smallest of your crucibles that holds it: {$own->name}.", 'crucible.volume');
            } else {
                $this->sheet->assume("The largest of your crucibles: {$own->name}.", 'crucible.volume');
            }
        }
        if (null === $volume) {
            $this->sheet->lacks('crucible', ['crucible.volume'], 'Give the crucible’s volume, or list your crucibles in the workshop.');

            return;
        }
        $holds = $volume * OwnCrucible::FULL * $this->alloy->densityLiquid->si();
        $heats = (int) ceil($charge->si / $holds - 1e-9);
        $this->sheet->add(
            code: 'crucible_holds',
            label: 'The crucible holds',
            value: Estimate::between(Dimension::Mass, $holds, $holds * 0.97, $holds * 1.03),
            formula: '0.8…0.85 V_brim ρ_l',
            inputs: [
                $this->sheet->input(
                    'V',
                    'To the brim',
                    Estimate::exact(Dimension::Volume, $volume),
                    $this->basis->values->has('crucible.volume') ? 'typed' : 'default',
                ),
                $this->sheet->input('ρ', 'Liquid metal', Estimate::exactly($this->alloy->densityLiquid), 'table'),
            ],
            source: 'never to the brim',
            mark: Mark::CommonPractice,
            standing: $heats > 1 ? 'bad' : 'good',
            note: $heats > 1 ? "It does not hold the charge: {$heats} heats. Two heats into one mould meet cold." : '',
        );
        $this->lift($charge, $own->mass ?? null);
    }

    private function lift(Estimate $charge, ?float $own): void
    {
        $typed = $this->basis->si('crucible.mass');
        $crucible = $typed ?? $own;
        if (null === $crucible) {
            $this->sheet->lacks('lift', ['crucible.mass'], 'Weigh the empty crucible with its tongs to know what there is to lift.');

            return;
        }
        $limit = $this->basis->workshop->safeLift;
        $total = Estimate::through(Dimension::Mass, static fn (float $kg): float => $kg + $crucible, $charge);
        $heavy = null !== $limit && $total->si > $limit->si();
        $this->sheet->add(
            code: 'lift',
            label: 'Crucible and metal to lift',
            value: $total,
            formula: 'charge + crucible',
            inputs: [
                $this->sheet->input('m', 'Charge', $charge),
                $this->sheet->input(
                    'm_c',
                    'Empty crucible with tongs',
                    Estimate::exact(Dimension::Mass, $crucible),
                    null === $typed ? 'default' : 'typed',
                ),
            ],
            source: 'your own limit',
            mark: Mark::Derived,
            standing: $heavy ? 'bad' : 'plain',
            note: $heavy
                ? 'More than one person here lifts ('.$this->basis->format->measurement($limit).'): two people, or two smaller pots.'
                : '',
        );
    }

    private function energy(Estimate $charge): void
    {
        $pour = $this->basis->si('pour.temperature');
        if (null === $pour) {
            $this->sheet->lacks('energy', ['pour.temperature'], 'The pour temperature is wanted for energy and cost.');

            return;
        }
        // All of it must melt, however cool it is poured.
        $hottest = max($pour, $this->alloy->liquidus->kelvin());
        $heat = Estimate::through(
            Dimension::Energy,
            fn (float $kg): float => MeltEnergy::of(
                $this->alloy,
                Mass::fromSi(max(0.0, $kg)),
                $this->basis->air(),
                Temperature::fromSi($hottest),
            )->si(),
            $charge,
        );
        $this->sheet->add(
            code: 'melt_energy',
            label: 'Heat into the metal',
            value: $heat,
            formula: 'm [c_s (T_liq − T₀) + L + c_l (T − T_liq)]',
            inputs: [$this->sheet->input('m', 'Charge', $charge)],
            source: 'M. P. Groover, Fundamentals of Modern Manufacturing',
            mark: Mark::RecalledFromMemory,
        );
        $source = $this->basis->energySource();
        if (null === $source) {
            $this->sheet->lacks('cost', ['melt.energy_source'], 'Say what heats the furnace.');

            return;
        }
        $efficiency = $this->efficiency($source);
        $drawn = Estimate::through(Dimension::Energy, static fn (float $q, float $eta): float => $q / max(0.005, $eta), $heat, $efficiency);
        $this->sheet->add(
            code: 'drawn_energy',
            label: 'Energy drawn',
            value: $drawn,
            formula: 'Q / η',
            inputs: [$this->sheet->input('η', 'Share that reaches the metal', $efficiency)],
            source: 'your own heats, else the usual for the kind of furnace',
            mark: Mark::CommonPractice,
        );
        $this->time($heat, $drawn);
        $this->cost($source, $drawn);
    }

    /** How long it takes: as long as this furnace took before, else from its power. */
    private function time(Estimate $heat, Estimate $drawn): void
    {
        $pace = $this->basis->heats->pace();
        $power = $this->basis->si('melt.power') ?? ($this->basis->furnace['power'] ?? null)?->si();
        if (null !== $pace && $pace->lowSi > 0.0) {
            $words = $this->basis->heats->words(pace: true);
            $this->sheet->add(
                code: 'melt_time',
                label: 'Melting takes',
                value: Estimate::through(Dimension::Time, static fn (float $q, float $p): float => $q / $p, $heat, $pace),
                formula: 't = Q / p',
                inputs: [
                    $this->sheet->input('Q', 'Heat into the metal', $heat),
                    $this->sheet->input('p', "What went into the metal, by {$words}", $pace),
                ],
                source: 'your own heats: heat of the charge over the time from lighting to all liquid',
                mark: Mark::Derived,
                note: "Learnt from {$words}.",
            );
        } elseif (null !== $power) {
            $this->sheet->add(
                code: 'melt_time',
                label: 'Melting takes',
                value: Estimate::through(Dimension::Time, static fn (float $q): float => $q / $power, $drawn),
                formula: 't = Q / P',
                inputs: [$this->sheet->input('P', 'Power', Estimate::exact(Dimension::Power, $power))],
                source: 'warm-up of the furnace is in the efficiency',
                mark: Mark::Derived,
            );
        }
    }

    private function efficiency(EnergySource $source): Estimate
    {
        $typed = $this->basis->estimate('melt.efficiency');
        if (null !== $typed) {
            return Estimate::ratio($typed->si, $typed->lowSi, $typed->highSi);
        }
        $own = $this->basis->heats->efficiency();
        if (null !== $own) {
            $this->sheet->assume('Efficiency learnt from '.$this->basis->heats->words(pace: false).'.', 'melt.efficiency');

            return $own;
        }
        $known = $this->basis->furnace['efficiency'] ?? null;
        if (null !== $known) {
            return Estimate::of($known);
        }
        $this->sheet->assume(
            'Efficiency as usual for such a furnace; log the energy of your heats and it learns yours.',
            'melt.efficiency',
        );

        return $source->efficiency;
    }

    private function cost(EnergySource $source, Estimate $drawn): void
    {
        $tariffs = $this->basis->workshop->tariffs;
        $tariff = $tariffs[$source->code] ?? ($tariffs[$source->paidAs] ?? null);
        $amount = $drawn->times(1 / $source->joulesPerFuelUnit);
        if ('kWh' !== $source->fuelUnit) {
            $this->sheet->add(
                code: 'fuel',
                label: "Fuel, {$source->fuelUnit}",
                value: Estimate::ratio($amount->si, $amount->lowSi, $amount->highSi),
                formula: 'Q / heating value',
                inputs: [
                    $this->sheet->input('Q', 'Energy drawn', $drawn),
                    new WorkingInput(
                        'H',
                        'Heating value',
                        round($source->joulesPerFuelUnit / 1e6, 1)." MJ per {$source->fuelUnit}",
                        'table',
                    ),
                ],
                source: 'fuel tables',
                mark: Mark::RecalledFromMemory,
            );
        }
        if (null === $tariff) {
            $this->sheet->lacks('cost', [], 'Put your tariff into the workshop to see what it costs.');

            return;
        }
        $cost = $amount->times($tariff);
        $this->sheet->add(
            code: 'energy_cost',
            label: "Energy cost, {$this->basis->workshop->currency}",
            value: Estimate::ratio(round($cost->si, 2), round($cost->lowSi, 2), round($cost->highSi, 2)),
            formula: "Q · {$tariff} per {$source->fuelUnit}",
            inputs: [$this->sheet->input('Q', 'Energy drawn', $drawn)],
            source: 'your tariff',
            mark: Mark::Derived,
        );
    }
}
