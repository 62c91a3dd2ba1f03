<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Filling\FoamFront;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\Levels;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Venting\FoamGas;
use MoltenNotes\Core\Venting\LeftWater;
use MoltenNotes\Core\Venting\SandGas;
use MoltenNotes\Core\Working\StageSheet;
use MoltenNotes\Core\Working\WorkingInput;

/** Gas of the mould itself against the metal's own pressure: water, binder, core and foam. */
final class MouldGas
{
    /** Gas counts until a skin of metal can hold it back, some ten seconds. Common practice. */
    private const SKIN_S = 10.0;
    /** Sand between metal and the open, or a vent, cm. Common practice. */
    private const USUAL_WAY_CM = 5.0;
    /** Gas of a core whose binder is not told, mL per gram of sand: from little to much. Common practice. */
    private const ANY_BINDER = [5.0, 12.0, 25.0];
    /** Permeability number of dry sand without a binder. Common practice, rough. */
    private const LOOSE_SAND = 150.0;
    /** Coats on foam where their number is not told. Common practice. */
    private const USUAL_COATS = 2;
    /** Humidity of the air by weather: least, middle, most. Common practice. */
    private const HUMIDITY = ['dry' => [0.3, 0.4, 0.5], 'humid' => [0.65, 0.75, 0.85], 'rain' => [0.8, 0.9, 0.95]];
    /** Permeability number of set plaster: hardly any. Recalled from memory, rough. */
    private const PLASTER = [1.0, 2.0, 5.0];
    /** Plaster between metal and the open, cm. Common practice. */
    private const PLASTER_CM = 2.0;
    /** The middle of a flask lags behind its furnace by so much, K. Common practice. */
    private const LAGS_K = 50.0;
    /** Prints are taken as this share of a core's face. Common practice, rough. */
    private const PRINTS = 0.1;

    private function __construct(
        private readonly Basis $basis,
        private readonly StageSheet $sheet,
        private readonly MouldProcess $process,
        private readonly MouldMaterial $mould,
        private readonly Alloy $alloy,
        private readonly Estimate $arrival,
        private readonly Estimate $seconds,
    ) {
    }

    /** Adds what this mould gives off; nothing where fill time or temperature of the metal are not known. */
    public static function add(Basis $basis, StageSheet $sheet, ?Estimate $fillTime, ?Estimate $arrival): void
    {
        $process = MouldProcess::find($basis->values->choice('mould.process'));
        if (null === $process || null === $basis->mould || null === $basis->alloy || null === $fillTime || null === $arrival) {
            return;
        }
        $gas = new self($basis, $sheet, $process, $basis->mould, $basis->alloy, $arrival, $fillTime->atLeast(self::SKIN_S));
        if ($basis->mould->isLostFoam()) {
            $gas->foam($fillTime);
        }
        if (null !== $process->gas) {
            $gas->throughSand($process->gas);
        }
        $gas->coat();
        if ('plaster' === $process->code) {
            $gas->investment();
        }
    }

    /** Water of a wash that is damp, or of a foam coat that has not dried long enough: it is steam as soon as metal lies on it. */
    private function coat(): void
    {
        $head = $this->head();
        $water = true === $this->basis->mould?->isLostFoam() ? $this->foamCoat() : $this->wash();
        if (null === $water || $head <= 0.0) {
            return;
        }
        $permeability = $this->permeability($this->process->gas[4] ?? self::LOOSE_SAND);
        $way = $this->way();
        $pressure = Estimate::through(
            Dimension::Ratio,
            static fn (float $water, float $seconds, float $permeability): float => SandGas::ofCoat($seconds, $water, $permeability, $way),
            $water,
            $this->seconds,
            $permeability,
        );
        $this->against(
            'coat_steam',
            'Steam of the coat against the metal’s own pressure',
            $pressure,
            $head,
            [$this->sheet->input('w', 'Water in the coat, g per square metre', $water), ...$this->inputs($permeability)],
            'steam tables, permeability number; the water of a coat is common practice',
            'The water in the coat may blow through the metal: dry it until it loses no more weight.',
        );
    }

    /** Grams per square metre; null where the wash is dry, or there is none. */
    private function wash(): ?Estimate
    {
        return 'damp' === $this->basis->values->choice('mould.coating') && null !== $this->process->gas
            ? Estimate::ratio(LeftWater::DAMP_WASH, LeftWater::DAMP_WASH / 2, LeftWater::DAMP_WASH * 2)
            : null;
    }

    /** Grams per square metre; null where it is not told how long it dried. */
    private function foamCoat(): ?Estimate
    {
        $dried = $this->basis->si('foam.dry_time');
        if (null === $dried) {
            return null;
        }
        $coats = $this->basis->values->count('foam.coats') ?? self::USUAL_COATS;
        $weather = $this->basis->values->choice('pour.weather');
        $humidity = self::HUMIDITY[$weather ?? ''] ?? [0.35, 0.5, 0.7];
        if (null === $weather) {
            $this->sheet->assume('The air in which the coat dried is neither dry nor damp.', 'pour.weather');
        }
        $dipped = $coats * LeftWater::PER_COAT;
        $at = fn (float $humid): float => $dipped * LeftWater::inCoat(Time::fromSi($dried), $this->basis->air(), $humid);

        return Estimate::ratio($at($humidity[1]), $at($humidity[0]), $at($humidity[2]));
    }

    /** Water of crystallisation that a burnout has left in plaster, through a wall that hardly lets gas out. */
    private function investment(): void
    {
        $peak = $this->basis->si('plaster.burnout_peak');
        $head = $this->head();
        if (null === $peak) {
            $this->sheet->assume('Burnt out right through, to well over '.$this->basis->shown(573.15, Dimension::Temperature)
                .': no water and no wax is left in the plaster.', 'plaster.burnout_peak');

            return;
        }
        if ($head <= 0.0) {
            return;
        }
        $left = LeftWater::inPlaster(Temperature::fromSi($peak));
        // Thick places lag behind: what is left is more than at the face.
        $water = Estimate::ratio($left, $left * 0.7, LeftWater::inPlaster(Temperature::fromSi(max(1.0, $peak - self::LAGS_K))));
        $permeability = Estimate::ratio(self::PLASTER[1], self::PLASTER[0], self::PLASTER[2]);
        $this->against(
            'investment_gas',
            'Steam of the plaster against the metal’s own pressure',
            $this->pressure(SandGas::backPressure(...), $water, $permeability, self::PLASTER_CM),
            $head,
            [
                $this->sheet->input('w', 'Water left in the plaster', $water),
                $this->sheet->input('P', 'Permeability of plaster', $permeability, 'default'),
                $this->sheet->input('t', 'Time under heat', $this->seconds),
            ],
            'water of gypsum by its atomic masses; what leaves at which temperature is recalled from memory',
            'There is water in the plaster: it bursts into steam under the metal. Burn it out right through before any metal comes near.',
        );
    }

    /** Pressure of the metal over the mould, g/cm². */
    private function head(): float
    {
        return ($this->alloy->densityLiquid->si() / 1000) * Levels::of($this->basis)->head * 100;
    }

    /** @param array{float, float, float, float, float} $gas of its binder: usual share, mL per g least, middle, most, permeability */
    private function throughSand(array $gas): void
    {
        $moisture = $this->basis->estimate('sand.moisture');
        $core = $this->basis->si('core.volume');
        $wet = 'green_sand' === $this->process->code;
        if ($wet && null === $moisture && null === $core) {
            return;
        }
        $head = $this->head();
        if ($head <= 0.0) {
            $this->sheet->lacks('steam', ['gating.sprue_height'], 'Without a head of metal nothing stands against the gas of the mould.');

            return;
        }
        $permeability = $this->permeability($gas[4]);
        $way = $this->way();
        if ($wet && null !== $moisture) {
            $this->against(
                'steam',
                'Steam against the metal’s own pressure',
                $this->pressure(SandGas::backPressure(...), $moisture, $permeability, $way),
                $head,
                [$this->sheet->input('moisture', 'Moisture', $moisture, 'typed'), ...$this->inputs($permeability)],
                'steam tables, permeability number; upper bound, for steam condenses in cool sand',
                'The steam may blow through the metal: drier sand, or more vents near the face.',
            );
        } elseif (!$wet) {
            $perGram = $this->perGram($gas);
            $this->against(
                'binder_gas',
                'Gas of the binder against the metal’s own pressure',
                $this->pressure(SandGas::ofBinder(...), $perGram, $permeability, $way),
                $head,
                [$this->sheet->input('g', 'Gas of the sand, mL per g', $perGram, 'table'), ...$this->inputs($permeability)],
                'gas of binders, recalled from memory; permeability number',
                'The gas of the binder may blow through the metal: less of it, or more vents near the face.',
            );
        }
        if (null !== $core && true !== $this->basis->values->flag('core.vented')) {
            $this->core(
                $core,
                $wet ? Estimate::ratio(self::ANY_BINDER[1], self::ANY_BINDER[0], self::ANY_BINDER[2]) : $this->perGram($gas),
                $permeability,
                $head
            );
        }
    }

    private function permeability(float $usual): Estimate
    {
        $told = $this->basis->values->count('sand.permeability');
        if (null === $told) {
            $this->sheet->assume('The sand has a permeability of about '.round($usual).'.', 'sand.permeability');
        }
        $number = (float) ($told ?? $usual);

        return Estimate::ratio($number, $number * 0.7, $number * 1.3);
    }

    /** cm of sand that the gas has to pass: to the open, or half way between two vents where these are closer. */
    private function way(): float
    {
        $vents = $this->basis->values->count('venting.vents') ?? 0;
        $box = $this->basis->solid?->box;
        if ($vents < 1 || null === $box) {
            $this->sheet->assume(
                $this->basis->shown(self::USUAL_WAY_CM / 100, Dimension::Length).' of sand lie between the metal and the open.',
                'venting.vents',
            );

            return self::USUAL_WAY_CM;
        }

        return min(self::USUAL_WAY_CM, 50 * sqrt(($box[0] * $box[1] * $this->basis->castings()) / $vents));
    }

    /**
     * Back pressure of what the sand gives off, g/cm²: steam of so much moisture, or a binder's gas of so many mL per gram.
     *
     * @param \Closure(float, float, float, float, float, float, float, float): float $rule of SandGas
     */
    private function pressure(\Closure $rule, Estimate $gives, Estimate $permeability, float $way): Estimate
    {
        return Estimate::through(
            Dimension::Ratio,
            fn (float $gives, float $seconds, float $permeability): float => $rule(
                $seconds,
                $gives,
                $permeability,
                $way,
                $this->arrival->si - 273.15,
                $this->basis->air()->celsius(),
                $this->mould->diffusivity(),
                $this->mould->density,
            ),
            $gives,
            $this->seconds,
            $permeability,
        );
    }

    /**
     * mL per gram of sand; as much more as there is more binder than usual.
     *
     * @param array{float, float, float, float, float} $gas
     */
    private function perGram(array $gas): Estimate
    {
        $told = $this->basis->si('sand.binder');
        if (null === $told) {
            $this->sheet->assume('Binder as usual, '.round(100 * $gas[0], 1).' % of the sand.', 'sand.binder');
        }
        $more = null === $told ? 1.0 : $told / $gas[0];

        return Estimate::ratio($gas[2] * $more, $gas[1] * $more, $gas[3] * $more);
    }

    /** As a ball of that volume: what its whole face gives off leaves through the prints. */
    private function core(float $volume, Estimate $perGram, Estimate $permeability, float $head): void
    {
        $radius = ((3 * $volume) / (4 * \M_PI)) ** (1 / 3);
        $this->sheet->assume('The prints of the core are a tenth of its face.', 'core.vented');
        $pressure = $this->pressure(SandGas::ofBinder(...), $perGram, $permeability, $radius * 100)->times(1 / self::PRINTS);
        $this->against(
            'core_gas',
            'Gas of the core against the metal’s own pressure',
            $pressure,
            $head,
            [
                $this->sheet->input('V', 'Core in the metal', Estimate::exact(Dimension::Volume, $volume), 'typed'),
                $this->sheet->input('g', 'Gas of the core, mL per g', $perGram, 'table'),
                ...$this->inputs($permeability),
            ],
            'gas of binders, recalled from memory; all of it leaves through the prints',
            'The gas of the core may blow through the metal: a vent through its print takes it out.',
        );
    }

    /** @return list<WorkingInput> */
    private function inputs(Estimate $permeability): array
    {
        return [
            $this->sheet->input(
                'P',
                'Permeability',
                $permeability,
                $this->basis->values->has('sand.permeability') ? 'typed' : 'default',
            ),
            $this->sheet->input('t', 'Time under heat', $this->seconds),
        ];
    }

    /**
     * @param FigureCode $code
     * @param Estimate $pressure g/cm²
     * @param list<WorkingInput> $inputs
     */
    private function against(
        string $code,
        string $label,
        Estimate $pressure,
        float $head,
        array $inputs,
        string $source,
        string $note,
    ): void {
        $ratio = $pressure->times(1 / $head);
        $this->sheet->add(
            code: $code,
            label: $label,
            value: $ratio,
            formula: 'Q H / (P A) over ρ g h',
            inputs: $inputs,
            source: $source,
            mark: Mark::Derived,
            standing: $ratio->lowSi > 1 ? 'bad' : ($ratio->si > 1 ? 'risky' : 'good'),
            note: $ratio->si > 1 ? $note : '',
        );
    }

    private function foam(Estimate $fillTime): void
    {
        $volume = ($this->basis->solid?->volume() ?? $this->basis->si('pattern.volume') ?? 0.0) * $this->basis->castings();
        if ($volume <= 0.0) {
            return;
        }
        $density = $this->basis->si('foam.density') ?? FoamFront::USUAL_FOAM;
        $mass = Mass::fromSi($volume * $density);
        $gas = Estimate::about(FoamGas::of($mass, Temperature::fromSi(max(1.0, $this->arrival->si))), 0.3);
        $this->sheet->add(
            code: 'foam_gas',
            label: 'Gas from the foam',
            value: $gas,
            formula: 'V = m_foam (230…760 mL/g)',
            inputs: [
                $this->sheet->input('m_foam', 'Foam', Estimate::exactly($mass)),
                $this->sheet->input('t', 'While it fills', $fillTime),
                $this->sheet->input('T', 'Metal at the mould', $this->arrival),
            ],
            source: 'literature of lost foam',
            mark: Mark::RecalledFromMemory,
            standing: 'plain',
            note: 'It leaves through coat and sand while the mould fills: a dry coat, sand without fines, and nobody downwind.',
        );
    }
}
