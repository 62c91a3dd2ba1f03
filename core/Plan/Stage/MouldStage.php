<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Mould\FoamSand;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\Levels;
use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Working\StageResult;
use MoltenNotes\Core\Working\StageSheet;
use MoltenNotes\Core\Working\WorkingInput;

/** The mould: whether it bears the metal, the flask that fits, sand or mix amounts; the weights on the cope come from CopeWeights. */
final class MouldStage
{
    /** Sand around, and over and under the casting. Common practice. */
    private const AROUND_M = 0.025;
    public const OVER_M = 0.045;
    /** A cope wider than this both ways does not hold its sand by itself. Common practice. */
    private const BARS_FROM_M = 0.3;
    /** Bulk density of rammed and of vibrated sand, kg/m³. Common practice. */
    private const BULK = [1550.0, 1650.0];
    private const RESERVE = 1.12;

    /** @param array<string, float> $gating sizes in metres */
    public static function compute(Basis $basis, ?float $castingVolume, array $gating): StageResult
    {
        $sheet = new StageSheet($basis->format);
        self::suitability($basis, $sheet);
        if (null === $basis->mould) {
            $sheet->lacks('mould', ['mould.process'], 'Choose the mould process.');

            return $sheet->result();
        }
        $waits = MouldProcess::find($basis->mould->process)->waitsFor ?? '';
        if ('' !== $waits) {
            $sheet->assume($waits);
        }
        $solid = $basis->solid;
        $need = self::flaskWanted($basis, $sheet, $gating, $solid);
        self::amounts($basis, $basis->mould, $sheet, $castingVolume, $need);
        if ($basis->mould->isSandMould()) {
            CopeWeights::add($basis, $sheet, $solid, $castingVolume);
        }
        if ($basis->mould->isLostFoam()) {
            FoamWeights::add($basis, $sheet);
        }

        return $sheet->result();
    }

    /** What speaks against this metal in this mould, at these temperatures; asked while planning, not after the pour. */
    private static function suitability(Basis $basis, StageSheet $sheet): void
    {
        $hottest = max($basis->si('pour.temperature') ?? 0.0, $basis->si('melt.peak') ?? 0.0);
        $mould = $basis->si('mould.temperature');
        $washed = 'dry' === $basis->values->choice('mould.coating');
        $questions = $basis
            ->suitability()
            ->questions(
                $hottest > 0.0 ? Temperature::fromSi($hottest) : null,
                null === $mould ? null : Temperature::fromSi($mould),
                $washed,
                $basis->format,
            );
        foreach ($questions as $question) {
            $sheet->warn($question['code'], $question['words'], $question['standing']);
        }
    }

    /**
     * @param array<string, float> $gating
     *
     * @return list<float>|null wanted, metres: length, width, cope and drag; of a mould in one piece length, width and depth
     */
    private static function flaskWanted(Basis $basis, StageSheet $sheet, array $gating, ?CastingGeometry $solid): ?array
    {
        $box = self::box($basis, $sheet, $solid);
        if (null === $box) {
            return null;
        }
        $height = $basis->castingHeight();
        if (null === $height) {
            $sheet->lacks(
                'flask',
                ['casting.sections', 'casting.height'],
                'The height of the casting is wanted for the depth of cope and drag.',
            );

            return null;
        }
        [$length, $width] = $box;
        $above = Levels::of($basis)->above;
        $sprue = 2 * ($gating['sprue_top'] ?? 0.02) + self::AROUND_M;
        // Hot and heavy metal wants more sand between itself and the open.
        $more = null === $basis->alloy ? 1.0 : MetalFamily::of($basis->alloy)->sandAround;
        $around = self::AROUND_M * $more;
        // Several castings lie in rows, with sand between them.
        $columns = (int) ceil(sqrt($basis->castings()));
        $rows = (int) ceil($basis->castings() / $columns);
        $wanted = [$columns * ($length + $around) + $sprue + $around, $rows * ($width + $around) + $around];
        $over = self::OVER_M * $more;
        if (self::isOnePiece($basis)) {
            $cover = true === $basis->mould?->isLostFoam() ? FoamSand::cover($basis->si('foam.cover'), $solid) : $over;
            $wanted[] = $over + $height + max($cover, ($basis->si('gating.sprue_height') ?? 0.0) - $above);
        } else {
            $wanted[] = max($above + $over, $basis->si('gating.sprue_height') ?? 0.0);
            $wanted[] = max(0.0, $height - $above) + $over;
        }
        $inputs = [
            $sheet->input('l', 'Casting, length', Estimate::exact(Dimension::Length, $length)),
            $sheet->input('w', 'Casting, width', Estimate::exact(Dimension::Length, $width)),
            $sheet->input('a', 'Sand around', Estimate::exact(Dimension::Length, $around), 'default'),
        ];
        foreach (self::sides($basis) as $i => [$code, $label]) {
            $sheet->add(
                code: $code,
                label: "{$label}, at least",
                value: Estimate::exact(Dimension::Length, ceil($wanted[$i] * 1000 - 1e-6) / 1000),
                formula: 'castings + sprue + sand around',
                inputs: $inputs,
                source: $basis->shown(self::AROUND_M, Dimension::Length).
                    ' around, '.
                    $basis->shown(self::OVER_M, Dimension::Length).
                    ' over and under, more for hot metal',
                mark: Mark::CommonPractice,
                standing: 'plain',
                note: 'flask_cope' === $code && min($wanted[0], $wanted[1]) > self::BARS_FROM_M
                    ? 'A cope so wide wants bars or a backing board, or its sand drops out when it is lifted.'
                    : '',
            );
        }
        self::ownFlask($basis, $sheet, $wanted);

        return $wanted;
    }

    /** No parting: one box, flask or bucket, and a depth. */
    private static function isOnePiece(Basis $basis): bool
    {
        return true === $basis->mould?->isOnePiece();
    }

    /** @return list<array{FigureCode, string, FieldKey, string}> figure, label, the field it is told in, its name; in the order wanted */
    private static function sides(Basis $basis): array
    {
        return self::isOnePiece($basis)
            ? [
                ['flask_length', 'Box length', 'flask.length', 'length'],
                ['flask_width', 'Box width', 'flask.width', 'width'],
                ['flask_depth', 'Box depth', 'flask.depth', 'depth'],
            ]
            : [
                ['flask_length', 'Flask length', 'flask.length', 'length'],
                ['flask_width', 'Flask width', 'flask.width', 'width'],
                ['flask_cope', 'Cope depth', 'flask.cope', 'cope depth'],
                ['flask_drag', 'Drag depth', 'flask.drag', 'drag depth'],
            ];
    }

    /** @return array{float, float}|null length and width of one casting in the plane of the parting, metres */
    private static function box(Basis $basis, StageSheet $sheet, ?CastingGeometry $solid): ?array
    {
        $told = $basis->si('casting.length');
        if (null !== $solid) {
            // The flask is laid along the longer side.
            return [max($told ?? 0.0, $solid->box[0], $solid->box[1]), min($solid->box[0], $solid->box[1])];
        }
        if (null === $told) {
            $sheet->lacks(
                'flask',
                ['casting.sections', 'casting.length'],
                [] === $basis->bodies ? 'The size of the casting is wanted first.' : CopeWeights::NO_BODY,
            );

            return null;
        }
        // Nothing but a length is told: no casting is wider than it is long.
        $sheet->assume('The casting is as wide as it is long: describe it in sections and the flask becomes smaller.', 'casting.sections');

        return [$told, $told];
    }

    /** @param list<float> $wanted */
    private static function ownFlask(Basis $basis, StageSheet $sheet, array $wanted): void
    {
        $whole = self::isOnePiece($basis);
        foreach (self::sides($basis) as $i => [, , $field, $name]) {
            $have = $basis->si($field);
            if (null !== $have && $have < $wanted[$i] * 0.98) {
                $sheet->warn(
                    'flask_small',
                    ($whole ? 'The box' : 'The flask')." is short in {$name}: ".
                        $basis->shown($have, Dimension::Length).
                        ' against '.
                        $basis->shown($wanted[$i], Dimension::Length).
                        '.',
                    'risky',
                );
            }
        }
        $best = null;
        foreach ($basis->workshop->flasks as $flask) {
            $size = [$flask['length']?->si(), $flask['width']?->si(), $flask['cope']?->si(), $flask['drag']?->si()];
            if ($whole) {
                // Without a parting its halves stand on each other.
                $size = [$size[0], $size[1], ($size[2] ?? 0.0) + ($size[3] ?? 0.0)];
            }
            if (
                in_array(null, $size, true)
                || [] !==
                    array_filter(
                        $size,
                        static fn (?float $have, int $i): bool => null !== $have && $have < $wanted[$i] * 0.98,
                        \ARRAY_FILTER_USE_BOTH,
                    )
            ) {
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

    /** @param list<float>|null $wanted */
    private static function amounts(Basis $basis, MouldMaterial $mould, StageSheet $sheet, ?float $castingVolume, ?array $wanted): void
    {
        $sides = self::sides($basis);
        $fields = array_column($sides, 2);
        $size = [];
        foreach ($fields as $i => $field) {
            $size[] = $basis->si($field) ?? $wanted[$i] ?? null;
        }
        if (in_array(null, $size, true) || null === $castingVolume) {
            $sheet->lacks('amounts', $fields, 'Flask or box and the volume of the casting are wanted first.');

            return;
        }
        [$length, $width, $cope] = $size;
        $drag = $size[3] ?? 0.0;
        $box = $length * $width * ($cope + $drag);
        $cavity = $castingVolume * $basis->castings();
        if ($box <= $cavity) {
            $sheet->lacks(
                'amounts',
                $fields,
                'The castings are larger than the flask or box: no room is left for the mould.',
            );
            $sheet->warn('flask_small', 'The castings do not go into this flask or box.', 'bad');

            return;
        }
        $inputs = [
            $sheet->input('V_box', 'Flask or box', Estimate::exact(Dimension::Volume, $box)),
            $sheet->input('V', 'Castings', Estimate::exact(Dimension::Volume, $cavity)),
        ];
        $sheet->add(
            code: 'mould_volume',
            label: 'To be filled round the castings',
            value: Estimate::exact(Dimension::Volume, $box - $cavity),
            formula: 'V_box − V',
            inputs: $inputs,
            source: 'geometry',
            mark: Mark::Derived,
        );
        self::face($basis, $sheet);
        if ($mould->breathes()) {
            $sand = Estimate::between(
                Dimension::Mass,
                (max(0.0, $box - $cavity) * (self::BULK[0] + self::BULK[1])) / 2,
                max(0.0, $box - $cavity) * self::BULK[0],
                max(0.0, $box - $cavity) * self::BULK[1],
            );
            $sheet->add(
                code: 'sand',
                label: 'Sand',
                value: $sand,
                formula: 'm = (V_box − V) ρ',
                inputs: [
                    ...$inputs,
                    $sheet->input(
                        'ρ',
                        'Rammed or vibrated sand',
                        Estimate::between(Dimension::Density, 1600, self::BULK[0], self::BULK[1]),
                        'table',
                    ),
                ],
                source: 'bulk density of the trade',
                mark: Mark::CommonPractice,
            );
            $binder = $basis->si('sand.binder');
            if (null !== $binder) {
                $sheet->add(
                    code: 'binder',
                    label: 'Binder',
                    value: $sand->times($binder),
                    formula: 'share of the sand’s mass',
                    inputs: [$sheet->input('b', 'Binder', Estimate::exact(Dimension::Ratio, $binder * 100), 'typed')],
                    source: 'binder is of sand mass unless stated',
                    mark: Mark::CommonPractice,
                );
            }
            if (!self::isOnePiece($basis)) {
                self::halves($basis, $sheet, [$length * $width * $cope, $length * $width * $drag], $cavity);
            }

            return;
        }
        self::mix($basis, $mould, $sheet, ($box - $cavity) * self::RESERVE, $inputs);
    }

    /** What is coated: all faces but those by which two sections touch. */
    private static function face(Basis $basis, StageSheet $sheet): void
    {
        $sections = $basis->values->sections();
        if (null === $sections) {
            return;
        }
        $face = 0.0;
        foreach (SectionGeometry::all($sections) as $id => $body) {
            $count = $sections->get($id)->count ?? 1;
            $face += $count * max(0.0, $body->surface - (null === $sections->get($id)?->joins ? 0.0 : 2 * $body->joint));
        }
        if ($face > 0.0) {
            $sheet->add(
                code: 'cast_face',
                label: 'Face of the castings',
                value: Estimate::exact(Dimension::Area, $face * $basis->castings()),
                formula: 'A = Σ(A_section − 2 A_joint)',
                inputs: [$sheet->input('n', 'Castings', Estimate::exact(Dimension::Ratio, (float) $basis->castings()))],
                source: 'geometry',
                mark: Mark::Derived,
            );
        }
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
            $sheet->add(
                code: 'powder',
                label: 'Investment powder',
                value: Estimate::between(Dimension::Mass, $powder, $powder * 0.95, $powder * 1.05),
                formula: 'm = V / (1/ρ_powder + r/ρ_water)',
                inputs: $inputs,
                source: 'one batch, never topped up; 12 % reserve in it',
                mark: Mark::CommonPractice,
            );
            $sheet->add(
                code: 'water',
                label: 'Water',
                value: Estimate::between(Dimension::Mass, $powder * $water, $powder * $water * 0.95, $powder * $water * 1.05),
                formula: 'm_water = r m',
                inputs: $inputs,
                source: 'mixing ratio as you gave it',
                mark: Mark::CommonPractice,
            );
        } elseif ('silicone' === $mould->process) {
            $sheet->add(
                code: 'rubber',
                label: 'Silicone',
                value: Estimate::between(
                    Dimension::Mass,
                    $volume * $mould->density,
                    $volume * $mould->density * 0.95,
                    $volume * $mould->density * 1.05,
                ),
                formula: 'm = (V_box − V) · 1.12 ρ',
                inputs: $inputs,
                source: 'box less pattern and 12 % reserve',
                mark: Mark::CommonPractice,
                standing: 'plain',
                note: 'Both parts together; catalyst by the maker’s ratio, by weight.',
            );
        }
    }

    /** @param array{float, float} $halves m³ of cope and drag */
    private static function halves(Basis $basis, StageSheet $sheet, array $halves, float $cavity): void
    {
        $limit = $basis->workshop->safeLift;
        foreach (['cope' => $halves[0], 'drag' => $halves[1]] as $half => $volume) {
            $mass = max(0.0, $volume - $cavity / 2) * 1600;
            $heavy = null !== $limit && $mass > $limit->si();
            $sheet->add(
                code: "lift_{$half}",
                label: 'Sand in the '.$half,
                value: Estimate::between(Dimension::Mass, $mass, $mass * 0.95, $mass * 1.05),
                formula: 'm = (V − V_cavity/2) ρ',
                inputs: [
                    $sheet->input('V', ucfirst($half).' of the flask', Estimate::exact(Dimension::Volume, $volume)),
                    $sheet->input('V_cavity', 'Castings', Estimate::exact(Dimension::Volume, $cavity)),
                    $sheet->input(
                        'ρ',
                        'Rammed or vibrated sand',
                        Estimate::between(Dimension::Density, 1600, self::BULK[0], self::BULK[1]),
                        'table',
                    ),
                ],
                source: 'bulk density of the trade, without the flask itself',
                mark: Mark::CommonPractice,
                standing: $heavy ? 'risky' : 'plain',
                note: $heavy ? 'Heavier than one person here lifts: two people, or smaller halves.' : '',
            );
        }
    }
}
