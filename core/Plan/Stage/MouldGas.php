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
use MoltenNotes\Core\Venting\FoamGas;
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
        $height = Levels::of($this->basis)->head;
        if ($height <= 0.0) {
            $this->sheet->lacks('steam', ['gating.sprue_height'], 'Without a head of metal nothing stands against the gas of the mould.');

            return;
        }
        $head = ($this->alloy->densityLiquid->si() / 1000) * $height * 100;
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
