<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Cooling\InTheMould;
use MoltenNotes\Core\Feeding\FreezingTime;
use MoltenNotes\Core\Feeding\Riser;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * When may it be opened: solid right through, stiff, below where the mould flares, and when it can be handled.
 *
 * A caster stands beside these times. They follow the slowest part, riser with it, and the late end of the spread is the one that counts;
 * no time is told where the mould or the metal is not known.
 */
final class CoolingStage
{
    /** Within a quarter of a numerical solution; a hand-made mould is known no better. Common practice. */
    private const EARLY = 0.75;
    private const LATE = 1.3;
    /** Handled with bare hands below this. Common practice; local rules come first. */
    private const HAND_WARM_C = 50.0;

    private readonly StageSheet $sheet;

    /**
     * @param float $modulus of the part that is solid last, m
     * @param float $mean of the whole casting, m
     */
    private function __construct(
        private readonly Basis $basis,
        private readonly Alloy $alloy,
        private readonly MouldMaterial $mould,
        private readonly MouldProcess $process,
        private readonly Temperature $metal,
        private readonly float $modulus,
        private readonly float $mean,
        private readonly string $slowest,
    ) {
        $this->sheet = new StageSheet($basis->format);
    }

    /**
     * @param Estimate|null $arrival temperature of the metal at the mould
     * @param float|null $sprue its bore at the top, m, as cut or sized
     * @param float|null $castingVolume m³ of one casting
     * @param Estimate|null $sand in the flask, kg
     */
    public static function compute(
        Basis $basis,
        ?Estimate $arrival,
        FeedResult $feeding,
        ?float $sprue,
        ?float $castingVolume,
        ?Estimate $sand,
    ): StageResult {
        $sheet = new StageSheet($basis->format);
        $process = MouldProcess::find($basis->values->choice('mould.process'));
        if (null === $basis->alloy || null === $basis->mould || null === $process) {
            $sheet->lacks(
                'cooling',
                null === $basis->alloy ? ['metal.alloy'] : ['mould.process'],
                null === $basis->alloy ? 'Choose the metal.' : 'Choose the mould process.',
            );

            return $sheet->result();
        }
        [$modulus, $slowest] = self::slowest($basis, $feeding, $sprue);
        if ($basis->freezesNothing() || null === $modulus) {
            $sheet->lacks(
                'cooling',
                null === $modulus ? ['casting.sections', 'casting.heaviest'] : ['mould.temperature'],
                null === $modulus
                    ? 'Describe the casting in sections, or give its heaviest, to know when it is solid.'
                    : 'The mould is as hot as the metal’s solidus: nothing freezes in it, so no time can be told.',
            );

            return $sheet->result();
        }
        $metal = max($arrival->highSi ?? 0.0, $basis->alloy->liquidus->kelvin() + (null === $arrival ? 80.0 : 0.0));
        $stage = new self(
            $basis,
            $basis->alloy,
            $basis->mould,
            $process,
            Temperature::fromSi($metal),
            $modulus,
            self::mean($basis, $feeding, $modulus),
            $slowest,
        );
        $stage->run($castingVolume, $sand, null === $arrival);

        return $stage->sheet->result();
    }

    /**
     * The part that is solid last: the heaviest section, a riser on it, or the sprue.
     *
     * @return array{float|null, string} modulus in metres and what it is
     */
    private static function slowest(Basis $basis, FeedResult $feeding, ?float $sprue): array
    {
        $most = null;
        $what = '';
        foreach ($feeding->moduli as $id => $modulus) {
            if (null === $most || $modulus > $most) {
                [$most, $what] = [$modulus, mb_strtolower($basis->sections?->get($id)->label ?? $id)];
            }
        }
        $heaviest = $basis->si('casting.heaviest');
        if (null === $most && null !== $heaviest) {
            [$most, $what] = [$heaviest / 4, 'heaviest part'];
        }
        foreach (null === $most ? [] : $feeding->risers as $riser) {
            $of = $riser->modulus();
            if ($of > $most) {
                [$most, $what] = [$of, 'riser'];
            }
        }
        // A long round: a fourth of its bore.
        if (null !== $most && null !== $sprue && $sprue / 4 > $most) {
            [$most, $what] = [$sprue / 4, 'sprue'];
        }

        return [$most, $what];
    }

    /** Volume over cooled area of the whole casting, never more than its slowest part's; m. */
    private static function mean(Basis $basis, FeedResult $feeding, float $slowest): float
    {
        $volume = $area = 0.0;
        foreach ($feeding->moduli as $id => $modulus) {
            $all = $basis->bodies[$id]->volume * ($basis->sections?->get($id)->count ?? 1);
            $volume += $all;
            $area += $all / $modulus;
        }

        return $area > 0.0 ? min($slowest, $volume / $area) : $slowest;
    }

    private function run(?float $castingVolume, ?Estimate $sand, bool $assumed): void
    {
        if ($assumed) {
            $this->sheet->assume(
                'Poured '.$this->basis->shown(80.0, Dimension::TemperatureDifference).' above the liquidus.',
                'pour.temperature',
            );
        }
        $solid = $this->solid();
        $this->againstOpening($solid);
        if ($this->mould->isMetal() || null !== $this->mould->wall) {
            // What is thin or of metal warms right through: sand's law says nothing of it.
            $words = 'How such a mould cools after that is not told: it is itself as hot as the casting by then.';
            $this->sheet->lacks('in_mould', [], $words);
            $this->breakingOut($solid);

            return;
        }
        $soaks = $this->soaks($castingVolume, $sand);
        $stiff = Temperature::fromSi(MetalFamily::of($this->alloy)->stiffBelow + 273.15);
        $this->cools('stiff_after', 'Stiff: flat parts no longer warp', $stiff, $solid, $soaks);
        if (null !== $this->process->openBelow) {
            $this->cools(
                'flare_end',
                'The mould no longer flares when air gets at it',
                Temperature::fromSi($this->process->openBelow + 273.15),
                $solid,
                $soaks,
            );
        }
        $this->cools('hand_warm', 'Hand-warm in the mould', Temperature::fromSi(self::HAND_WARM_C + 273.15), $solid, $soaks);
        $this->inAir($stiff);
        $this->breakingOut($solid);
    }

    private function solid(): Estimate
    {
        $seconds = FreezingTime::lastLiquid(
            $this->alloy,
            $this->mould,
            Length::fromSi($this->modulus),
            $this->metal,
            $this->basis->coolsAgainst(),
        )->si();
        $solid = Estimate::between(Dimension::Time, $seconds, $seconds * self::EARLY, $seconds * self::LATE);
        if (null !== $this->mould->wall) {
            $this->sheet->assume(
                'The shell is '.$this->basis->shown($this->mould->wall, Dimension::Length).' thick and stands free in the air.',
                'shell.wall',
            );
        }
        $this->sheet->add(
            code: 'solid_through',
            label: 'Solid right through after',
            value: $solid,
            formula: null === $this->mould->wall ? 't = B M²' : 't = ρ M (L + cΔT) / q',
            inputs: $this->inputs(),
            source: null === $this->mould->wall
                ? 'N. Chvorinov 1940, last-liquid form'
                : 'heat through the wall, radiated and carried off outside it',
            mark: Mark::Derived,
            standing: 'plain',
            note: ucfirst("the {$this->slowest} is solid last. Open not before ".$this->basis->shown($solid->highSi, Dimension::Time).'.'),
        );

        return $solid;
    }

    /** What is typed for the opening, against the late end. */
    private function againstOpening(Estimate $solid): void
    {
        $opened = $this->basis->estimate('cooling.open_after');
        if (null === $opened) {
            return;
        }
        $share = Estimate::between(
            Dimension::Ratio,
            $opened->si / $solid->highSi,
            $opened->lowSi / $solid->highSi,
            $opened->highSi / max(1e-9, $solid->lowSi),
        );
        $this->sheet->add(
            code: 'open_share',
            label: 'Left, in times what it needs to be solid',
            value: $share,
            formula: 't_open / t_solid, late end',
            inputs: [
                $this->sheet->input('t_open', 'Opened after', $opened, 'typed'),
                $this->sheet->input('t_solid', 'Solid right through', $solid),
            ],
            source: 'both from above',
            mark: Mark::Derived,
            standing: $share->si < 1 ? 'bad' : ($share->si < 1.5 ? 'risky' : 'good'),
            note: $share->si < 1
                ? 'Opened so early the inside may still be liquid: leave it '.$this->basis->shown($solid->highSi, Dimension::Time).'.'
                : ($share->si < 1.5 ? 'Solid by then, but barely.' : ''),
        );
    }

    /** Where casting and sand even out; null where one of them is not known. */
    private function soaks(?float $castingVolume, ?Estimate $sand): ?Temperature
    {
        if (null === $castingVolume || null === $sand || $sand->lowSi <= 0.0) {
            return null;
        }
        $mass = Mass::fromSi($castingVolume * $this->basis->castings() * $this->alloy->densitySolid->si());
        $soaks = InTheMould::soaks(
            $this->alloy,
            $mass,
            Mass::fromSi($sand->si),
            $this->mould,
            $this->metal,
            $this->basis->mouldTemperature(),
        );
        $this->sheet->add(
            code: 'soaks',
            label: 'Casting and sand even out at',
            value: Estimate::exactly($soaks),
            formula: 'T₀ + E / (m_sand c + m c_s)',
            inputs: [
                $this->sheet->input('m', 'Castings', Estimate::exactly($mass)),
                $this->sheet->input('m_sand', 'Sand in the flask', $sand),
            ],
            source: 'the heat of the casting shared with the sand',
            mark: Mark::Derived,
            standing: 'plain',
            note: 'Below this it cools only as the flask loses heat outward.',
        );

        return $soaks;
    }

    /** @param 'stiff_after'|'flare_end'|'hand_warm' $code */
    private function cools(string $code, string $label, Temperature $wanted, Estimate $solid, ?Temperature $soaks): void
    {
        $shown = $this->basis->shown($wanted->kelvin(), Dimension::Temperature);
        if (null !== $soaks && $soaks->kelvin() > $wanted->kelvin()) {
            $this->sheet->lacks('in_mould', [], "{$label}: not told. The sand is too little to take it down to {$shown} by itself.");

            return;
        }
        $time = InTheMould::until(
            $wanted,
            $this->alloy,
            $this->mould,
            Length::fromSi($this->modulus),
            $this->metal,
            $this->basis->mouldTemperature(),
        );
        if (null === $time) {
            $this->sheet->lacks('in_mould', ['mould.temperature'], "{$label}: the mould itself is as warm as {$shown}.");

            return;
        }
        // Nothing is stiff before it is solid. The slowest part rules; as a whole the casting may be there as early as its mean says.
        $seconds = max($time->si(), $solid->si);
        $early = max($solid->lowSi, self::EARLY * $time->si() * ($this->mean / $this->modulus) ** 2);
        $this->sheet->add(
            code: $code,
            label: "{$label} after",
            value: Estimate::between(Dimension::Time, $seconds, min($seconds, $early), max($seconds * self::LATE, $solid->highSi)),
            formula: 't = [E / (b (T − T₀))]² / π',
            inputs: [
                $this->sheet->input('T', 'Casting below', Estimate::exactly($wanted), 'table'),
                ...$this->inputs(),
            ],
            source: 'H. S. Carslaw, J. C. Jaeger; all heat as one plane source on thick sand',
            mark: Mark::RecalledFromMemory,
            standing: 'plain',
            note: 'flare_end' === $code ? 'Earlier: open outside, with something to put it out at hand.' : '',
        );
    }

    /** Opened when it is stiff, it cools in the air. */
    private function inAir(Temperature $from): void
    {
        $time = InTheMould::inAir(
            $this->alloy,
            Length::fromSi($this->modulus),
            $from,
            Temperature::fromSi(self::HAND_WARM_C + 273.15),
            $this->basis->air(),
        );
        if (null !== $time) {
            $this->sheet->add(
                code: 'air_cools',
                label: 'Hand-warm in the air, from when it is stiff, after',
                value: self::spread($time),
                formula: 't = ρ M c / h · ln[(T − T_air)/(T₂ − T_air)]',
                inputs: [
                    $this->sheet->input('T', 'Taken out at', Estimate::exactly($from), 'table'),
                    $this->sheet->input('M', 'Volume over face', Estimate::exact(Dimension::Length, $this->modulus)),
                ],
                source: 'Newton’s cooling, 15 W/m²K',
                mark: Mark::CommonPractice,
            );
        }
    }

    /** What the process and the metal say to breaking out and to water. */
    private function breakingOut(Estimate $solid): void
    {
        if ('' !== $this->process->breakingOut) {
            $this->sheet->assume($this->process->breakingOut);
        }
        $quenched = true === $this->basis->values->flag('cooling.quenched');
        if ($quenched && !MetalFamily::of($this->alloy)->bearsWater) {
            $this->sheet->warn('quenched', 'This metal is not quenched from the mould: it cracks, and water under it bursts.', 'bad');
        } elseif ($quenched) {
            $this->sheet->warn(
                'quenched',
                'Water only on what is solid right through, after '.$this->basis->shown($solid->highSi, Dimension::Time).' at the least.',
                'risky',
            );
        }
    }

    /** @return list<WorkingInput> */
    private function inputs(): array
    {
        return [
            $this->sheet->input('M', "Volume over cooled area, {$this->slowest}", Estimate::exact(Dimension::Length, $this->modulus)),
            $this->sheet->input('T', 'Metal in the mould, hot end', Estimate::exactly($this->metal)),
            $this->sheet->input('T₀', 'Mould', Estimate::exactly($this->basis->coolsAgainst())),
        ];
    }

    private static function spread(Time $time): Estimate
    {
        return Estimate::between(Dimension::Time, $time->si(), $time->si() * self::EARLY, $time->si() * self::LATE);
    }
}
