<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Mould\CopeLift;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\StageSheet;

/**
 * How hard the metal lifts the cope, and the weights to put on it.
 *
 * Σ ρ A h over the open upper side of every section, h from that side up to the metal in cup or basin, for all castings of the mould; the
 * lift of
 * cores on top. A caster stands beside this number, so it is given only where every section is measured and the metal's level is known, the
 * weights follow the heavy end of the lift, and the cope counts for no more than its sand without the cavity.
 */
final class CopeWeights
{
    /** Why there is no outline to go by, for those who have described sections. */
    public const NO_BODY = 'Every section with all its measurements is wanted: without one of them nothing is named. A section of volume '
        .'and area alone has no outline, and a wall far too thin for the size of the casting cannot be read.';
    /** The surge of a pour: weights carry this much of the lift. Common practice. */
    private const SURGE = [1.5, 1.75, 2.0];
    /** Outlines and levels of a hand-made mould. Common practice. */
    private const SPREAD = 0.15;
    /** Clamps hold a cope from this many on. Common practice. */
    private const CLAMPS = 2;
    /** Less than this between two layers of metal is a groove, m². */
    private const UNDERCUT_M2 = 1e-4;
    /** Lightly rammed sand, so that the cope is not thought heavier than it is, kg/m³. Common practice. */
    private const LIGHT_SAND = 1450.0;

    /** Lift and weights in kg; the casting's volume in m³. Gives no number where the outline or the head cannot be told. */
    public static function add(Basis $basis, StageSheet $sheet, ?CastingGeometry $solid, ?float $castingVolume): void
    {
        $onFace = self::onFace($basis, $sheet, $solid);
        if (null === $onFace || null === $basis->alloy) {
            return;
        }
        $onCore = self::core($basis, $basis->alloy->densityLiquid->si(), $sheet);
        $lift = Estimate::through(Dimension::Mass, static fn (float $face, float $core): float => $face + $core, $onFace, $onCore);
        $inputs = [$sheet->input('m', 'On the face of the cope', $onFace)];
        if ($onCore->si > 0) {
            $inputs[] = $sheet->input('m_core', 'On the core', $onCore);
        }
        $sheet->add(
            code: 'cope_lift',
            label: 'Lift on the cope',
            value: $lift,
            formula: 'ρ Σ A h'.($onCore->si > 0 ? ' + core' : ''),
            inputs: $inputs,
            source: 'hydrostatics',
            mark: Mark::Published,
        );
        self::weights($basis, $sheet, $lift, self::cope($basis, $sheet, $castingVolume));
    }

    /**
     * Lift in kg on all that lies over the castings of a mould; null where the outline or the metal's level cannot be told.
     *
     * @param FigureCode $code
     */
    public static function onFace(
        Basis $basis,
        StageSheet $sheet,
        ?CastingGeometry $solid,
        string $code = 'cope_face',
        string $label = 'Lift on the face of the cope',
    ): ?Estimate {
        $head = $basis->si('gating.sprue_height');
        if (null === $basis->alloy || null === $head) {
            $sheet->lacks(
                'lift',
                null === $basis->alloy ? ['metal.alloy'] : ['gating.sprue_height'],
                'Metal and head are wanted to know how hard the metal lifts what lies over it.',
            );

            return null;
        }
        if (null === $solid) {
            $words = [] === $basis->bodies ? 'Sections tell how large the cavity is seen from above.' : self::NO_BODY;
            $sheet->lacks('lift', ['casting.sections'], $words);

            return null;
        }
        $level = self::metalLevel($basis, $sheet, $head);
        $density = $basis->alloy->densityLiquid->si();
        $mass = 0.0;
        $area = 0.0;
        foreach ($solid->parts as $part) {
            if ($level < $part->top) {
                $sheet->lacks('lift', ['gating.sprue_height'], 'The casting rises above the metal in the cup: raise the head first.');

                return null;
            }
            $mass += CopeLift::mass($density, $part->open, $level - $part->openAt) * $basis->castings();
            $area += $part->open * $basis->castings();
        }
        if ($solid->sandwiched > self::UNDERCUT_M2) {
            $sheet->assume(
                'Sand that lies between metal below and metal above it is lifted as a core is, and not counted here: give it as a core.',
                'core.volume',
            );
        }
        $onFace = Estimate::between(Dimension::Mass, $mass, $mass * (1 - self::SPREAD), $mass * (1 + self::SPREAD));
        $sheet->add(
            code: $code,
            label: $label,
            value: $onFace,
            formula: 'ρ Σ A h',
            inputs: [
                $sheet->input(
                    'A',
                    1 === $basis->castings() ? 'Casting seen from above' : "{$basis->castings()} castings seen from above",
                    Estimate::exact(Dimension::Area, $area),
                ),
                $sheet->input(
                    'h',
                    'Mean height of metal over it',
                    Estimate::exact(Dimension::Length, $area > 0 ? $mass / $density / $area : 0.0),
                ),
                $sheet->input('ρ', 'Liquid metal', Estimate::exactly($basis->alloy->densityLiquid), 'table'),
            ],
            source: 'hydrostatics; what hides another section counts once',
            mark: Mark::Published,
        );

        return $onFace;
    }

    /**
     * How high metal stands over the lowest point of the casting, metres. Not told where the gates lie, all of the head stands over its
     * top: the heavy side.
     */
    private static function metalLevel(Basis $basis, StageSheet $sheet, float $head): float
    {
        $height = $basis->castingHeight() ?? 0.0;
        $above = $basis->aboveGates();
        if (null === $above) {
            $sheet->assume(
                'All of the head stands over the top of the casting, which is the heavy side: say how far it rises above the gates.',
                'casting.above',
            );
        }

        return $height - ($above ?? 0.0) + $head;
    }

    /** The cope as told, else its sand without any of the cavity; nothing where the flask is not told. */
    private static function cope(Basis $basis, StageSheet $sheet, ?float $castingVolume): Estimate
    {
        $told = $basis->estimate('mould.cope_mass');
        if (null !== $told) {
            return $told;
        }
        $flask = [$basis->si('flask.length'), $basis->si('flask.width'), $basis->si('flask.cope')];
        $known = !in_array(null, $flask, true) && null !== $castingVolume;
        $volume = $known
            ? array_product(array_map(static fn (?float $x): float => $x ?? 0.0, $flask)) - $castingVolume * $basis->castings()
            : 0.0;
        $cope = Estimate::exact(Dimension::Mass, max(0.0, $volume) * self::LIGHT_SAND);
        $sheet->assume(
            $cope->si <= 0.0
                ? 'The cope itself is not counted: weigh it, or give the flask.'
                : 'The cope weighs as much as its sand, lightly rammed: '.$basis->shown($cope->si, Dimension::Mass).'. Weigh it.',
            'mould.cope_mass',
        );

        return $cope;
    }

    /** kg to lay on: surge and lift against the light end of what holds by itself; the wide end takes the heavy end of the lift twice. */
    public static function toLayOn(Estimate $lift, Estimate $held): Estimate
    {
        $of = static fn (float $lifted, int $surge): float => CopeLift::weights($lifted, $held->lowSi, self::SURGE[$surge]);

        return Estimate::between(Dimension::Mass, $of($lift->si, 1), $of($lift->si, 0), $of($lift->highSi, 2));
    }

    private static function weights(Basis $basis, StageSheet $sheet, Estimate $lift, Estimate $cope): void
    {
        $weights = self::toLayOn($lift, $cope);
        $put = $basis->estimate('mould.cope_weight');
        $clamps = $basis->values->count('mould.clamps') ?? 0;
        // One alone lets the other side open.
        $clamped = $clamps >= self::CLAMPS;
        $short = null !== $put && !$clamped && $put->lowSi < $weights->lowSi - 0.05;
        $origin = $basis->values->has('mould.cope_mass') ? 'typed' : 'default';
        $copeInput = $sheet->input('cope', 'Cope itself', $cope, $origin);
        $note = match (true) {
            $short => 'There is less on the cope than the metal may lift: '.$basis->format->estimate($put).'.',
            $weights->highSi <= 0.0 => 'The cope is heavy enough by itself.',
            1 === $clamps => 'One clamp lets the other side open: two at least, opposite each other.',
            default => 'Clamps or screws that hold as much do as well.',
        };
        $sheet->add(
            code: 'cope_weights',
            label: 'Weights on the cope',
            value: $weights,
            formula: 'max(0, 1.5…2 × lift − cope)',
            inputs: [$sheet->input('lift', 'Lift', $lift), $copeInput],
            source: 'the factor covers the surge of the pour; the wide end takes twice the heavy end of the lift',
            mark: Mark::CommonPractice,
            standing: $short ? 'bad' : 'plain',
            note: $note,
        );
        if ($weights->highSi > 0.0) {
            self::clamps($basis, $sheet, $weights, $clamped ? $clamps : self::CLAMPS);
        }
        if (null !== $put && !$clamped && $lift->si > 0) {
            $share = Estimate::through(
                Dimension::Ratio,
                static fn (float $put, float $cope, float $lift): float => ($put + $cope) / (self::SURGE[0] * max(1e-9, $lift)),
                $put,
                $cope,
                $lift,
            );
            $sheet->add(
                code: 'cope_share',
                label: 'Held down against what it needs',
                value: $share,
                formula: '(weights + cope) / (1.5 lift)',
                inputs: [$sheet->input('weights', 'Weights put on', $put, 'typed'), $copeInput, $sheet->input('lift', 'Lift', $lift)],
                source: 'hydrostatics and the surge factor',
                mark: Mark::CommonPractice,
            );
        }
    }

    /** Clamps or screws instead of weights: what each has to hold, the heavy end shared by all but one. */
    private static function clamps(Basis $basis, StageSheet $sheet, Estimate $weights, int $clamps): void
    {
        $origin = $basis->values->has('mould.clamps') ? 'typed' : 'default';
        $sheet->add(
            code: 'clamp_holds',
            label: "Or clamps, each of {$clamps} holds",
            value: $weights->times(1 / max(1, $clamps - 1)),
            formula: 'weights / (n − 1)',
            inputs: [
                $sheet->input('weights', 'Weights on the cope', $weights),
                $sheet->input('n', 'Clamps or screws', Estimate::ratio((float) $clamps), $origin),
            ],
            source: 'one of them may slip; flask and boards must not bend',
            mark: Mark::CommonPractice,
            standing: 'plain',
        );
    }

    /** Buoyancy of the cores of all castings, and the prints that hold each. */
    private static function core(Basis $basis, float $density, StageSheet $sheet): Estimate
    {
        $volume = $basis->si('core.volume');
        if (null === $volume) {
            return Estimate::exact(Dimension::Mass, 0.0);
        }
        $sand = Estimate::between(Dimension::Density, CopeLift::CORE_DENSITY, CopeLift::CORE_DENSITY * 0.9, CopeLift::CORE_DENSITY * 1.1);
        $one = Estimate::through(Dimension::Mass, static fn (float $sand): float => CopeLift::core($density, $volume, $sand), $sand);
        $volumeInput = $sheet->input('V', 'Core in the metal', Estimate::exact(Dimension::Volume, $volume), 'typed');
        $sheet->add(
            code: 'core_lift',
            label: 'Lift on the core',
            value: $one,
            formula: 'm = V (ρ − ρ_core)',
            inputs: [
                $volumeInput,
                $sheet->input('ρ', 'Liquid metal', Estimate::exact(Dimension::Density, $density), 'table'),
                $sheet->input('ρ_core', 'Sand core', $sand, 'table'),
            ],
            source: 'hydrostatics; M. P. Groover',
            mark: Mark::Published,
            standing: 'plain',
            note: false === $basis->values->flag('core.held') ? 'Nothing holds it: prints or chaplets are wanted.' : '',
        );
        $bonded = 'green_sand' !== $basis->mould?->process;
        $area = Estimate::through(Dimension::Area, static fn (float $lift): float => CopeLift::printArea(max(0.0, $lift), $bonded), $one);
        $sheet->add(
            code: 'core_print',
            label: 'Core prints, at least',
            value: $area,
            formula: 'A = m g / p',
            inputs: [
                $volumeInput,
                $sheet->input(
                    'p',
                    $bonded ? 'Bonded sand bears' : 'Green sand bears',
                    Estimate::exact(Dimension::Pressure, $bonded ? 350e3 : 35e3),
                    'table',
                ),
            ],
            source: 'a third of the usual strength; else chaplets',
            mark: Mark::Derived,
        );

        return $one->times((float) $basis->castings());
    }
}
