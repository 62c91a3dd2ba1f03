<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Pattern\Contraction;
use MoltenNotes\Core\Pattern\PatternDensity;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;

/** The pattern: how much larger it must be, what the casting measures and weighs. */
final readonly class PatternStage
{
    private function __construct(public StageResult $result, public ?Estimate $volume)
    {
    }

    /** Volume, mass and scale of the pattern, as far as the record tells them. */
    public static function compute(Basis $basis): self
    {
        $sheet = new StageSheet($basis->format);
        $contraction = self::contraction($basis, $sheet);
        $volume = self::volume($basis, $sheet, $contraction);
        $alloy = $basis->alloy;
        if (null !== $volume && null !== $alloy) {
            $density = Estimate::about($alloy->densitySolid, $alloy->densityWithin);
            $mass = Estimate::through(Dimension::Mass, static fn (float $v, float $rho): float => $v * $rho, $volume, $density);
            $sheet->add(
                code: 'casting_mass',
                label: 'One casting',
                value: $mass,
                formula: 'm = V ρ',
                inputs: [$sheet->input('V', 'Volume, cold', $volume), $sheet->input('ρ', "{$alloy->name}, solid", $density, 'table')],
                source: $alloy->source('density_solid_kg_m3'),
                mark: $alloy->mark('density_solid_kg_m3'),
                standing: self::standing($basis),
                note: self::without($basis),
            );
        } elseif (null !== $volume) {
            $sheet->lacks('mass', ['metal.alloy'], 'Choose the metal to see what it weighs.');
        }

        return new self($sheet->result(), $volume);
    }

    private static function contraction(Basis $basis, StageSheet $sheet): ?Contraction
    {
        if (null === $basis->alloy) {
            $sheet->lacks('scale', ['metal.alloy'], 'Choose the metal to see how much larger the pattern must be.');

            return null;
        }
        $steps = [$basis->alloy->contraction];
        $inputs = [$sheet->input('c₁', $basis->alloy->name, Estimate::ratio($basis->alloy->contraction->si()), 'table')];
        foreach (['pattern.contraction_2', 'pattern.contraction_3'] as $index => $field) {
            $further = $basis->si($field);
            if (null !== $further) {
                $steps[] = Ratio::fromSi($further);
                $inputs[] = $sheet->input('c'.['₂', '₃'][$index], 'Further step', Estimate::ratio($further), 'typed');
            }
        }
        $contraction = Contraction::of(...$steps);
        $factor = round($contraction->factor, 4);
        $sheet->add(
            code: 'scale_factor',
            label: 'Pattern scale',
            value: Estimate::ratio($contraction->factor),
            formula: 'F = Π 1 / (1 − c)',
            inputs: $inputs,
            source: 'contraction rules of the trade',
            mark: Mark::CommonPractice,
            standing: 'plain',
            note: "Print or cut the pattern {$factor} times the size of the casting.",
        );

        return $contraction;
    }

    private static function volume(Basis $basis, StageSheet $sheet, ?Contraction $contraction): ?Estimate
    {
        $values = $basis->values;
        $way = $values->choice('pattern.volume_by');
        $known = match (true) {
            null !== $way => $way,
            null !== $basis->sections => 'sections',
            $values->has('pattern.volume') => 'dunk',
            $values->has('pattern.mass') => 'weight',
            $values->has('casting.mass') => 'mass',
            default => null,
        };

        return match ($known) {
            'sections' => self::fromSections($basis, $sheet),
            'dunk' => self::fromWater($basis, $sheet, $contraction),
            'mesh' => self::fromMesh($basis, $sheet, $contraction),
            'weight' => self::fromWeight($basis, $sheet, $contraction),
            'mass' => self::fromCasting($basis, $sheet),
            default => self::nothing($sheet),
        };
    }

    private static function nothing(StageSheet $sheet): null
    {
        $sheet->lacks(
            'volume',
            ['casting.sections', 'pattern.volume', 'pattern.mass', 'casting.mass'],
            'Describe the casting in sections, dunk or weigh the pattern, read a mesh, or give the mass of an earlier casting.',
        );

        return null;
    }

    private static function fromSections(Basis $basis, StageSheet $sheet): ?Estimate
    {
        if (null === $basis->sections) {
            $sheet->lacks('volume', ['casting.sections'], 'Describe the casting in sections.');

            return null;
        }
        $volume = 0.0;
        $inputs = [];
        foreach ($basis->sections->all() as $section) {
            $body = $basis->bodies[$section->id] ?? null;
            if (null === $body) {
                $sheet->lacks(
                    'volume',
                    ['casting.sections'],
                    "{$section->label}: ".
                        implode(', ', array_map(static fn (string $m): string => str_replace('_', ' ', $m), $section->lacks())).
                        ' missing.',
                );
                continue;
            }
            $volume += $section->count * $body->volume;
            $inputs[] = $sheet->input(
                (1 === $section->count ? '' : "{$section->count} × ")."V {$section->label}",
                $section->shape->words(),
                Estimate::exact(Dimension::Volume, $body->volume),
                'typed',
            );
        }
        if (0.0 === $volume) {
            return null;
        }
        $solid = $basis->solid;
        $shared = null === $solid ? 0.0 : max(0.0, $volume - $solid->volume());
        if ($shared > 0.001 * $volume) {
            $inputs[] = $sheet->input('V_shared', 'Lies in two sections at once', Estimate::exact(Dimension::Volume, $shared));
            $volume -= $shared;
        }
        foreach ($solid->apart ?? [] as $id) {
            $label = $basis->sections->get($id)->label ?? $id;
            $sheet->warn('apart', "{$label}: touches nothing else where it stands. Say how it sits, or how far out.", 'risky', $id);
        }
        $estimate = Estimate::between(Dimension::Volume, $volume, $volume * 0.97, $volume * 1.03);
        $sheet->add(
            code: 'casting_volume',
            label: 'Volume of one casting',
            value: $estimate,
            formula: $shared > 0.001 * $volume ? 'V = Σ n V − V_shared' : 'V = Σ n V',
            inputs: $inputs,
            source: 'geometry; ± 3 % for fillets and what sections leave out',
            mark: Mark::Derived,
            standing: self::standing($basis),
            note: self::without($basis),
        );

        return $estimate;
    }

    /**
     * How a figure that counts the metal of all sections stands: it is too small while one lacks a measurement.
     *
     * @return 'plain'|'risky'
     */
    public static function standing(Basis $basis): string
    {
        return '' === $basis->unmeasured() ? 'plain' : 'risky';
    }

    /** What is not counted, in words; '' where all is. */
    public static function without(Basis $basis): string
    {
        $left = $basis->unmeasured();

        return '' === $left ? '' : "Without {$left}, which lacks a measurement: it is more than this.";
    }

    /** A mesh is of the part as it shall be, unless it is said to be of the pattern. What was held under water has no part in it. */
    private static function fromMesh(Basis $basis, StageSheet $sheet, ?Contraction $contraction): ?Estimate
    {
        $read = $basis->estimate('pattern.volume');
        if (null === $read) {
            $sheet->lacks('volume', ['pattern.volume'], 'Read a mesh file, or give its volume.');

            return null;
        }
        $ofPattern = 'pattern' === $basis->values->choice('pattern.mesh_of');
        if (!$basis->values->has('pattern.mesh_of')) {
            $sheet->assume('The mesh is of the part itself: nothing is taken off for contraction.', 'pattern.mesh_of');
        }
        $left = $ofPattern ? self::left($basis, $sheet, $contraction) : 1.0;
        $volume = $read->times($left);
        $inputs = [$sheet->input('V', $ofPattern ? 'Mesh of the pattern' : 'Mesh of the part', $read, 'typed')];
        if ($ofPattern) {
            $inputs[] = $sheet->input('(1 − c)³', 'Contraction', Estimate::ratio($left));
        }
        $sheet->add(
            code: 'casting_volume',
            label: 'Volume of one casting',
            value: $volume,
            formula: $ofPattern ? 'V = V_mesh (1 − c)³' : 'V = V_mesh',
            inputs: $inputs,
            source: 'the mesh',
            mark: Mark::Derived,
        );

        return $volume;
    }

    private static function fromWater(Basis $basis, StageSheet $sheet, ?Contraction $contraction): ?Estimate
    {
        $read = $basis->estimate('pattern.volume');
        if (null === $read) {
            $sheet->lacks(
                'volume',
                ['pattern.volume'],
                'How much water did the pattern push out?',
            );

            return null;
        }
        $held = $basis->estimate('pattern.held') ?? Estimate::exact(Dimension::Volume, 0.0);
        if ($held->si >= $read->si) {
            $sheet->lacks(
                'volume',
                ['pattern.volume', 'pattern.held'],
                'Rod or hand took up '.
                    $basis->format->estimate($held).
                    ' of the '.
                    $basis->format->estimate($read).
                    ' read: nothing is left for the pattern.',
            );

            return null;
        }
        $left = self::left($basis, $sheet, $contraction);
        $reading = $read->widenedBy(0.03);
        $volume = Estimate::through(
            Dimension::Volume,
            static fn (float $v, float $h, float $k): float => max(0.0, $v - $h) * $k,
            $reading,
            $held,
            Estimate::ratio($left),
        );
        $sheet->add(
            code: 'casting_volume',
            label: 'Volume of one casting',
            value: $volume,
            formula: 'V = (V_water − V_held) (1 − c)³',
            inputs: [
                $sheet->input('V', 'Water pushed out', $reading, 'typed'),
                $sheet->input('V_held', 'Rod or hand', $held, 'typed'),
                $sheet->input('(1 − c)³', 'Contraction', Estimate::ratio($left)),
            ],
            source: 'displacement: one millilitre of water is one of pattern; ± 3 % for reading it',
            mark: Mark::CommonPractice,
        );

        return $volume;
    }

    private static function fromWeight(Basis $basis, StageSheet $sheet, ?Contraction $contraction): ?Estimate
    {
        $mass = $basis->estimate('pattern.mass');
        $density = $basis->estimate('pattern.density') ?? PatternDensity::usual($basis->values->choice('pattern.material'));
        if (null === $mass || null === $density) {
            $sheet->lacks(
                'volume',
                [null === $mass ? 'pattern.mass' : 'pattern.material'],
                null === $mass ? 'Weigh the pattern.' : 'What is the pattern made of, or what is its density?',
            );

            return null;
        }
        if (!$basis->values->has('pattern.density')) {
            $sheet->assume(
                "The pattern is solid and as dense as such material usually is: {$basis->format->estimate($density)}.",
                'pattern.density',
            );
        }
        $left = self::left($basis, $sheet, $contraction);
        $volume = Estimate::through(Dimension::Volume, static fn (float $m, float $rho): float => ($m / $rho) * $left, $mass, $density);
        $sheet->add(
            code: 'casting_volume',
            label: 'Volume of one casting',
            value: $volume,
            formula: 'V = m / ρ · (1 − c)³',
            inputs: [
                $sheet->input('m', 'Pattern', $mass, 'typed'),
                $sheet->input('ρ', 'Pattern material', $density, $basis->values->has('pattern.density') ? 'typed' : 'table'),
                $sheet->input('(1 − c)³', 'Contraction', Estimate::ratio($left)),
            ],
            source: 'weighing; densities common practice',
            mark: Mark::CommonPractice,
        );

        return $volume;
    }

    private static function fromCasting(Basis $basis, StageSheet $sheet): ?Estimate
    {
        $mass = $basis->estimate('casting.mass');
        if (null === $mass || null === $basis->alloy) {
            $sheet->lacks(
                'volume',
                [null === $mass ? 'casting.mass' : 'metal.alloy'],
                'The mass of an earlier casting and its metal give the volume.',
            );

            return null;
        }
        $density = Estimate::about($basis->alloy->densitySolid, $basis->alloy->densityWithin);
        $volume = Estimate::through(
            Dimension::Volume,
            static fn (float $m, float $rho): float => $m / $rho,
            $mass->widenedBy(0.02),
            $density,
        );
        $sheet->add(
            code: 'casting_volume',
            label: 'Volume of one casting',
            value: $volume,
            formula: 'V = m / ρ',
            inputs: [
                $sheet->input('m', 'Earlier casting', $mass, 'typed'),
                $sheet->input('ρ', "{$basis->alloy->name}, solid", $density, 'table'),
            ],
            source: 'weighing',
            mark: Mark::Derived,
        );

        return $volume;
    }

    /** What contraction leaves of a pattern's volume; a pattern that was not made larger makes a casting that is smaller. */
    private static function left(Basis $basis, StageSheet $sheet, ?Contraction $contraction): float
    {
        if (null === $basis->values->flag('pattern.allowance')) {
            $sheet->assume('The casting is as much smaller than the pattern as the metal contracts.', 'pattern.allowance');
        }

        return $contraction?->volumeLeft() ?? 1.0;
    }
}
