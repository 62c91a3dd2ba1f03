<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;

/** Plans for the tests, made through the same door as a caster's. */
final class Plans
{
    /** @return list<array<string, mixed>> a foot, a boss on it and a thin rim round it */
    public static function sections(): array
    {
        return [
            [
                'id' => 'foot',
                'label' => 'Foot',
                'shape' => 'plate',
                'length' => '60 mm',
                'width' => '45 mm',
                'thickness' => '6 mm',
                'gates' => 1,
            ],
            ['id' => 'boss', 'label' => 'Boss', 'shape' => 'boss', 'diameter' => '26 mm', 'height' => '28 mm', 'joins' => 'foot'],
            [
                'id' => 'rim',
                'label' => 'Rim',
                'shape' => 'ring',
                'diameter' => '120 mm',
                'width' => '12 mm',
                'thickness' => '4 mm',
                'joins' => 'foot',
            ],
        ];
    }

    /** @return array<string, mixed> */
    public static function values(): array
    {
        return [
            'mould.process' => 'green_sand',
            'metal.alloy' => 'al_si7mg',
            'casting.sections' => self::sections(),
            'gating.sprue' => '14 mm',
            'gating.sprue_height' => '90 mm',
            'gating.gate_width' => '16 mm',
            'gating.gate_thickness' => '3 mm',
            'gating.gates' => 1,
            'gating.basin' => 'cup',
            'feeding.riser' => 'none',
            'pour.temperature' => '705 C',
            'pour.carry_time' => '20 s',
        ];
    }

    /**
     * @param array<string, mixed> $changes laid over values(); null takes a value out
     * @param array<string, mixed> $workshop
     * @param list<array{ratio: float, filled: bool}> $pours of the caster's own, in the same process
     */
    public static function of(array $changes = [], array $workshop = [], array $pours = []): CastingPlan
    {
        $planned = array_filter($changes + self::values(), static fn (mixed $value): bool => null !== $value);
        $record = Records::read(
            ['planned' => $planned] +
                ([] === $workshop ? [] : ['workshop' => $workshop]) +
                ([] === $pours ? [] : ['experience' => ['process' => $planned['mould.process'] ?? null, 'pours' => $pours]]),
        );

        return PlanCasting::of(Basis::of($record, new QuantityFormatter(UnitPreferences::metric())));
    }

    /**
     * From these values and nothing else; null takes a value out.
     *
     * @param array<string, mixed> $planned
     */
    public static function bare(array $planned): CastingPlan
    {
        $planned = array_filter($planned, static fn (mixed $value): bool => null !== $value);

        return PlanCasting::of(Basis::of(Records::read(['planned' => $planned]), new QuantityFormatter(UnitPreferences::metric())));
    }

    /**
     * @param array<string, mixed> $change
     *
     * @return list<array<string, mixed>>
     */
    public static function sectionsWith(string $id, array $change): array
    {
        return array_map(static fn (array $section): array => $section['id'] === $id ? $change + $section : $section, self::sections());
    }
}
