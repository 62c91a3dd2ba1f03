<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Mould;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;
use MoltenNotes\Core\Working\WorkingInput;

/** The mould: flask that fits, sand or mix amounts, lift on the cope and the weights to put on it. */
final class MouldStage
{
    /** Sand around, and over and under the casting. Common practice. */
    private const AROUND_M = 0.025;
    private const OVER_M = 0.045;
    /** Bulk density of rammed and of vibrated sand, kg/m³. Common practice. */
    private const BULK = [1550.0, 1650.0];
    /** The surge of a pour: weights carry this much of the lift. Common practice. */
    private const SURGE = 1.75;
    private const RESERVE = 1.12;

    /** @param array<string, float> $gating sizes in metres */
    public static function compute(Basis $basis, ?float $castingVolume, array $gating): StageResult
    {
        $sheet = new StageSheet($basis->format);
        if (null === $basis->mould) {
            $sheet->lacks('mould', ['mould.process'], 'Choose the mould process.');

            return $sheet->result();
        }
        $need = self::flaskWanted($basis, $sheet, $gating);
        self::amounts($basis, $basis->mould, $sheet, $castingVolume, $need);
        if ($basis->mould->isSandMould()) {
            self::lift($basis, $sheet);
        }

        return $sheet->result();
    }

    /**
     * @param array<string, float> $gating
     *
     * @return array{float, float, float, float}|null length, width, cope, drag wanted, metres
     */
    private static function flaskWanted(Basis $basis, StageSheet $sheet, array $gating): ?array
    {
        $length = self::extent($basis);
        if (null === $length) {
            $sheet->lacks('flask', ['casting.sections', 'casting.length'], 'The size of the casting is wanted first.');

            return null;
        }
        $height = $basis->castingHeight() ?? 0.02;
        $footprint = array_sum(array_map(static fn ($body): float => $body->footprint, $basis->bodies));
        $width = $footprint > 0 ? max(0.02, $footprint / $length) : $length * 0.5;
        $above = $basis->aboveGates() ?? $height / 2;
        $sprue = 2 * ($gating['sprue_top'] ?? 0.02) + self::AROUND_M;
        // Hot and heavy metal wants more sand between itself and the open.
        $more = in_array($basis->alloy->family ?? '', ['copper', 'iron', 'silver'], true) ? 1.4 : 1.0;
        $wanted = [$length * $basis->castings() ** 0.5 + $sprue + 2 * self::AROUND_M * $more, $width * $basis->castings() ** 0.5 + 2 * self::AROUND_M * $more, max($above + self::OVER_M * $more, $basis->si('gating.sprue_height') ?? 0.0), max(0.0, $height - $above) + self::OVER_M * $more];
        foreach (['Flask length', 'Flask width', 'Cope depth', 'Drag depth'] as $i => $label) {
            $sheet->add(['flask_length', 'flask_width', 'flask_cope', 'flask_drag'][$i], "{$label}, at least", Estimate::exact(Dimension::Length, ceil($wanted[$i] * 1000) / 1000), 'casting + sprue + sand around', [$sheet->input('a', 'Sand around', Estimate::exact(Dimension::Length, self::AROUND_M * $more), 'default')], '25 mm around, 45 mm over and under, more for hot metal', Mark::CommonPractice);
        }
        self::ownFlask($basis, $sheet, $wanted);

        return $wanted;
    }

    /** @param array{float, float, float, float} $wanted */
    private static function ownFlask(Basis $basis, StageSheet $sheet, array $wanted): void
    {
        $used = [$basis->si('flask.length'), $basis->si('flask.width'), $basis->si('flask.cope'), $basis->si('flask.drag')];
        $names = ['length', 'width', 'cope depth', 'drag depth'];
        foreach ($used as $i => $have) {
            if (null !== $have && $have < $wanted[$i] * 0.98) {
                $sheet->warn('flask_small', "The flask is short in {$names[$i]}: ".$basis->shown($have, Dimension::Length).' against '.$basis->shown($wanted[$i], Dimension::Length).'.', 'risky');
            }
        }
        $best = null;
        foreach ($basis->workshop->flasks as $flask) {
            $size = [$flask['length']?->si(), $flask['width']?->si(), $flask['cope']?->si(), $flask['drag']?->si()];
            if (in_array(null, $size, true) || [] !== array_filter($size, static fn (?float $have, int $i): bool => null !== $have && $have < $wanted[$i] * 0.98, \ARRAY_FILTER_USE_BOTH)) {
                continue;
            }
            $volume = array_product(array_map(static fn (?float $x): float => $x ?? 0.0, $size));
            if (null === $best || $volume < $best[1]) {
                $best = [$flask['name'], $volume];
            }
        }
        if ([] !== $basis->workshop->flasks) {
            $sheet->assume(null === $best ? 'None of your flasks is large enough.' : "The smallest of your flasks that fits: {$best[0]}.");
        }
    }

    /** Longest extent in the plane of the parting, metres. */
    private static function extent(Basis $basis): ?float
    {
        if (null !== $basis->si('casting.length')) {
            return $basis->si('casting.length');
        }
        if ([] === $basis->bodies) {
            return null;
        }
        $length = 0.0;
        foreach ($basis->sections?->all() ?? [] as $section) {
            if (isset($basis->bodies[$section->id]) && 'end' === $section->sits) {
                $length += $basis->bodies[$section->id]->across;
            }
        }

        return max($length, ...array_values(array_map(static fn ($body): float => $body->across, $basis->bodies)));
    }

    /** @param array{float, float, float, float}|null $wanted */
    private static function amounts(Basis $basis, MouldMaterial $mould, StageSheet $sheet, ?float $castingVolume, ?array $wanted): void
    {
        $length = $basis->si('flask.length') ?? $wanted[0] ?? null;
        $width = $basis->si('flask.width') ?? $wanted[1] ?? null;
        $cope = $basis->si('flask.cope') ?? $wanted[2] ?? null;
        $drag = $basis->si('flask.drag') ?? $wanted[3] ?? null;
        if (null === $length || null === $width || null === $cope || null === $drag || null === $castingVolume) {
            $sheet->lacks('amounts', ['flask.length', 'flask.width', 'flask.cope', 'flask.drag'], 'Flask or box and the volume of the casting are wanted first.');

            return;
        }
        $box = $length * $width * ($cope + $drag);
        $cavity = $castingVolume * $basis->castings();
        $inputs = [$sheet->input('V_box', 'Flask or box', Estimate::exact(Dimension::Volume, $box)), $sheet->input('V', 'Castings', Estimate::exact(Dimension::Volume, $cavity))];
        if ($mould->breathes()) {
            $sand = Estimate::between(Dimension::Mass, max(0.0, $box - $cavity) * (self::BULK[0] + self::BULK[1]) / 2, max(0.0, $box - $cavity) * self::BULK[0], max(0.0, $box - $cavity) * self::BULK[1]);
            $sheet->add('sand', 'Sand', $sand, 'm = (V_box − V) ρ', [...$inputs, $sheet->input('ρ', 'Rammed or vibrated sand', Estimate::between(Dimension::Density, 1600, self::BULK[0], self::BULK[1]), 'table')], 'bulk density of the trade', Mark::CommonPractice);
            $binder = $basis->si('sand.binder');
            if (null !== $binder) {
                $sheet->add('binder', 'Binder', $sand->times($binder), 'share of the sand’s mass', [$sheet->input('b', 'Binder', Estimate::exact(Dimension::Ratio, $binder * 100), 'typed')], 'binder is of sand mass unless stated', Mark::CommonPractice);
            }
            self::halves($basis, $sheet, [$length * $width * $cope, $length * $width * $drag], $cavity);

            return;
        }
        self::mix($basis, $mould, $sheet, ($box - $cavity) * self::RESERVE, $inputs);
    }

    /** @param list<WorkingInput> $inputs */
    private static function mix(Basis $basis, MouldMaterial $mould, StageSheet $sheet, float $volume, array $inputs): void
    {
        if ('plaster' === $mould->process) {
            $water = $basis->si('plaster.ratio');
            if (null === $water) {
                $sheet->lacks('mix', ['plaster.ratio'], 'Say how much water to powder.');

                return;
            }
            // Powder fills its own volume, about 2600 kg/m³ for gypsum and silica, the water the rest.
            $powder = $volume / (1 / 2600 + $water / 1000);
            $sheet->add('powder', 'Investment powder', Estimate::between(Dimension::Mass, $powder, $powder * 0.95, $powder * 1.05), 'm = V / (1/ρ_powder + r/ρ_water)', $inputs, 'one batch, never topped up; 12 % reserve in it', Mark::CommonPractice);
            $sheet->add('water', 'Water', Estimate::between(Dimension::Mass, $powder * $water, $powder * $water * 0.95, $powder * $water * 1.05), 'm_water = r m', $inputs, 'mixing ratio as you gave it', Mark::CommonPractice);
        } elseif ('silicone' === $mould->process) {
            $sheet->add('rubber', 'Silicone', Estimate::between(Dimension::Mass, $volume * $mould->density, $volume * $mould->density * 0.95, $volume * $mould->density * 1.05), 'm = (V_box − V) · 1.12 ρ', $inputs, 'box less pattern and 12 % reserve', Mark::CommonPractice, 'plain', 'Both parts together; catalyst by the maker’s ratio, by weight.');
        }
    }

    /** @param array{float, float} $halves m³ of cope and drag */
    private static function halves(Basis $basis, StageSheet $sheet, array $halves, float $cavity): void
    {
        $limit = $basis->workshop->safeLift;
        foreach (['cope' => $halves[0], 'drag' => $halves[1]] as $half => $volume) {
            $mass = max(0.0, $volume - $cavity / 2) * 1600;
            $heavy = null !== $limit && $mass > $limit->si();
            $sheet->add("lift_{$half}", 'Sand in the '.$half, Estimate::between(Dimension::Mass, $mass, $mass * 0.95, $mass * 1.05), 'm = (V − V_cavity/2) ρ', [$sheet->input('V', ucfirst($half).' of the flask', Estimate::exact(Dimension::Volume, $volume)), $sheet->input('V_cavity', 'Castings', Estimate::exact(Dimension::Volume, $cavity)), $sheet->input('ρ', 'Rammed or vibrated sand', Estimate::between(Dimension::Density, 1600, self::BULK[0], self::BULK[1]), 'table')], 'bulk density of the trade, without the flask itself', Mark::CommonPractice, $heavy ? 'risky' : 'plain', $heavy ? 'Heavier than one person here lifts: two people, or smaller halves.' : '');
        }
    }

    private static function lift(Basis $basis, StageSheet $sheet): void
    {
        $head = $basis->si('gating.sprue_height');
        if (null === $basis->alloy || null === $head) {
            $sheet->lacks('lift', null === $basis->alloy ? ['metal.alloy'] : ['gating.sprue_height'], 'Metal and head are wanted to know how hard the cope is lifted.');

            return;
        }
        $footprint = array_sum(array_map(static fn ($section): float => ('end' === $section->sits || null === $section->joins ? 1 : 0) * $section->count * ($basis->bodies[$section->id]->footprint ?? 0.0), $basis->sections?->all() ?? [])) * $basis->castings();
        if (0.0 === (float) $footprint) {
            $sheet->lacks('lift', ['casting.sections'], 'Sections tell how large the cavity is seen from above.');

            return;
        }
        $onFace = CopeLift::mass($basis->alloy->densityLiquid->si(), $footprint, $head);
        $onCore = self::core($basis, $basis->alloy->densityLiquid->si(), $sheet);
        $gross = $onFace + $onCore;
        $mass = Estimate::between(Dimension::Mass, $gross, $gross * 0.85, $gross * 1.15);
        $inputs = [$sheet->input('A', 'Seen from above', Estimate::exact(Dimension::Area, $footprint)), $sheet->input('h', 'Head over it', Estimate::exact(Dimension::Length, $head), 'typed'), $sheet->input('ρ', 'Liquid metal', Estimate::exactly($basis->alloy->densityLiquid), 'table')];
        if ($onCore > 0) {
            $inputs[] = $sheet->input('m', 'Lift on the core', Estimate::exact(Dimension::Mass, $onCore));
        }
        $sheet->add('cope_lift', 'Lift on the cope', $mass, $onCore > 0 ? 'ρ Σ A h + core' : 'ρ Σ A h', $inputs, 'hydrostatics', Mark::Published);
        $cope = $basis->si('mould.cope_mass');
        if (null === $cope) {
            $flask = [$basis->si('flask.length'), $basis->si('flask.width'), $basis->si('flask.cope')];
            $cope = in_array(null, $flask, true) ? 0.0 : array_product(array_map(static fn (?float $x): float => $x ?? 0.0, $flask)) * 1600;
            $sheet->assume(0.0 === $cope ? 'The cope itself is not counted: give its mass or the flask.' : 'The cope weighs as much as its sand: '.$basis->shown($cope, Dimension::Mass).'.', 'mould.cope_mass');
        }
        $weights = CopeLift::weights($mass->si, $cope, self::SURGE);
        $put = $basis->si('mould.cope_weight');
        $short = null !== $put && $put < CopeLift::weights($mass->si, $cope, 1.5) - 0.05;
        $sheet->add('cope_weights', 'Weights on the cope', Estimate::between(Dimension::Mass, $weights, CopeLift::weights($mass->si, $cope, 1.5), CopeLift::weights($mass->si, $cope, 2.0)), 'max(0, 1.5…2 × lift − cope)', [$sheet->input('cope', 'Cope itself', Estimate::exact(Dimension::Mass, $cope), $basis->values->has('mould.cope_mass') ? 'typed' : 'default')], 'the factor covers the surge of the pour', Mark::CommonPractice, $short ? 'bad' : 'plain', $short ? 'There is less on the cope than the metal may lift: '.$basis->shown($put, Dimension::Mass).'.' : (0.0 === $weights ? 'The cope is heavy enough by itself.' : ''));
        if (null !== $put && $mass->si > 0) {
            $share = ($put + $cope) / (1.5 * $mass->si);
            $sheet->add('cope_share', 'Held down against what it needs', Estimate::ratio($share, $share * 0.85, $share * 1.15), '(weights + cope) / (1.5 lift)', [$sheet->input('weights', 'Weights put on', Estimate::exact(Dimension::Mass, $put), 'typed'), $sheet->input('cope', 'Cope itself', Estimate::exact(Dimension::Mass, $cope), $basis->values->has('mould.cope_mass') ? 'typed' : 'default'), $sheet->input('lift', 'Lift', $mass)], 'hydrostatics and the surge factor', Mark::CommonPractice);
        }
    }

    /** Buoyancy of the core, kilograms, and the prints that hold it. */
    private static function core(Basis $basis, float $density, StageSheet $sheet): float
    {
        $volume = $basis->si('core.volume');
        if (null === $volume) {
            return 0.0;
        }
        $lift = CopeLift::core($density, $volume);
        $light = CopeLift::core($density, $volume, CopeLift::CORE_DENSITY * 1.1);
        $heavy = CopeLift::core($density, $volume, CopeLift::CORE_DENSITY * 0.9);
        $volumeInput = $sheet->input('V', 'Core in the metal', Estimate::exact(Dimension::Volume, $volume), 'typed');
        $sheet->add('core_lift', 'Lift on the core', Estimate::between(Dimension::Mass, $lift, $light, $heavy), 'm = V (ρ − ρ_core)', [$volumeInput, $sheet->input('ρ', 'Liquid metal', Estimate::exact(Dimension::Density, $density), 'table'), $sheet->input('ρ_core', 'Sand core', Estimate::between(Dimension::Density, CopeLift::CORE_DENSITY, CopeLift::CORE_DENSITY * 0.9, CopeLift::CORE_DENSITY * 1.1), 'table')], 'hydrostatics; M. P. Groover', Mark::Published, 'plain', false === $basis->values->flag('core.held') ? 'Nothing holds it: prints or chaplets are wanted.' : '');
        $bonded = 'green_sand' !== $basis->mould?->process;
        $area = CopeLift::printArea($lift, $bonded);
        $sheet->add('core_print', 'Core prints, at least', Estimate::between(Dimension::Area, $area, CopeLift::printArea($light, $bonded), CopeLift::printArea($heavy, $bonded)), 'A = m g / p', [$volumeInput, $sheet->input('p', $bonded ? 'Bonded sand bears' : 'Green sand bears', Estimate::exact(Dimension::Pressure, $bonded ? 350e3 : 35e3), 'table')], 'a third of the usual strength; else chaplets', Mark::Derived);

        return $lift;
    }
}
