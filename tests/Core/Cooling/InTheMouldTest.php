<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Cooling;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Cooling\InTheMould;
use MoltenNotes\Core\Feeding\FreezingTime;
use MoltenNotes\Core\Mould\MouldMaterial;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Temperature;
use PHPUnit\Framework\TestCase;

/** Cooling in the mould and in the air, against worked examples and against a numerical solution. */
final class InTheMouldTest extends TestCase
{
    /** Worked example of the trade's hand calculation: Al-Si7Mg, modulus 6 mm, 90 K of superheat [derived]. */
    public function testAHandCalculationOfAnAluminiumCasting(): void
    {
        $alloy = AlloyTable::get('al_si7mg');
        $sand = self::mould('green_sand');
        $metal = Temperature::fromSi($alloy->liquidus->kelvin() + 90);
        $air = Temperature::fromCelsius(20);
        $until = static fn (float $celsius): ?float => InTheMould::until(
            Temperature::fromCelsius($celsius),
            $alloy,
            $sand,
            Length::of(6, 'mm'),
            $metal,
            $air,
        )?->si();

        self::assertEqualsWithDelta(133, FreezingTime::lastLiquid($alloy, $sand, Length::of(6, 'mm'), $metal, $air)->si(), 4);
        self::assertEqualsWithDelta(33, $until(200) / 60, 1.5);
        self::assertEqualsWithDelta(11, $until(60) / 3600, 0.6);
        self::assertNull($until(20), 'never colder than the mould');
    }

    /** Two kilograms of aluminium in fifteen of sand even out at about 132 °C [derived: heat shared]. */
    public function testLittleSandSoaks(): void
    {
        $alloy = AlloyTable::get('al_si7mg');
        $soaks = static fn (float $sand): float => InTheMould::soaks(
            $alloy,
            Mass::fromSi(2.0),
            Mass::fromSi($sand),
            self::mould('green_sand'),
            Temperature::fromSi($alloy->liquidus->kelvin() + 90),
            Temperature::fromCelsius(20),
        )->celsius();

        self::assertEqualsWithDelta(132, $soaks(15), 4);
        self::assertGreaterThan($soaks(15), $soaks(8));
    }

    /**
     * The closed form against the heat equation: a plane source of all the heat between a thin plate and a half space of sand, stepped by
     * finite differences with the plate as one well mixed layer. Below 0.4 of the solidus they agree within 15 %.
     */
    public function testTheClosedFormAgreesWithTheHeatEquation(): void
    {
        $alloy = AlloyTable::get('al_si7mg');
        $mould = self::mould('green_sand');
        $start = 293.15;
        $metal = $alloy->liquidus->kelvin() + 90;
        $modulus = 0.006;
        $heat = $alloy->latentHeat->si() + $alloy->heatLiquid->si() * 90 + $alloy->heatSolid->si() * ($alloy->liquidus->kelvin() - $start);
        $step = 5e-4;
        $cells = 900;
        $sand = array_fill(0, $cells, $start);
        // The plate's own heat beyond the sand is small by then: it starts with all of it as if it were sensible.
        $capacity = $alloy->densityLiquid->si() * $modulus * $alloy->heatSolid->si();
        $plate = $start + ($heat * $alloy->densityLiquid->si() * $modulus) / $capacity;
        $dt = (0.4 * $step ** 2) / $mould->diffusivity();
        $time = 0.0;
        while ($plate > 473.15 && $time < 20000) {
            $flux = ($mould->conductivity * ($plate - $sand[0])) / ($step / 2);
            $next = $sand;
            for ($i = 0; $i < $cells - 1; ++$i) {
                $in = 0 === $i ? $flux : ($mould->conductivity * ($sand[$i - 1] - $sand[$i])) / $step;
                $out = ($mould->conductivity * ($sand[$i] - $sand[$i + 1])) / $step;
                $next[$i] = $sand[$i] + (($in - $out) * $dt) / ($mould->density * $mould->heat * $step);
            }
            $plate -= ($flux * $dt) / $capacity;
            $sand = $next;
            $time += $dt;
            if ($time > 300 && abs($plate - $sand[0]) < 1e-6) {
                break;
            }
        }
        $closed = InTheMould::until(
            Temperature::fromSi($plate),
            $alloy,
            $mould,
            Length::fromSi($modulus),
            Temperature::fromSi($metal),
            Temperature::fromSi($start),
        )?->si() ?? 0.0;

        self::assertEqualsWithDelta(1.0, $closed / $time, 0.15);
    }

    /** A tin bronze bar of modulus 3.4 mm at 1100 °C in a free shell of 8 mm: about two and a half minutes [derived]. */
    public function testAFreeShellLetsHeatThroughItsWall(): void
    {
        $alloy = AlloyTable::get('tin_bronze');
        $solid = static fn (float $wall, bool $buried = false): float => FreezingTime::chvorinov(
            $alloy,
            MouldMaterial::of('ceramic_shell', $alloy, $wall, $buried) ?? throw new \LogicException(),
            Length::of(3.4, 'mm'),
            Temperature::fromCelsius(1100),
            Temperature::fromCelsius(20),
        )->si();

        self::assertEqualsWithDelta(150, $solid(0.008), 20);
        self::assertGreaterThan($solid(0.004), $solid(0.008));
        self::assertNotEqualsWithDelta($solid(0.008), $solid(0.008, true), 5, 'buried it takes the law of a thick mould');
    }

    public function testInTheAirItCoolsFasterTheThinnerItIs(): void
    {
        $alloy = AlloyTable::get('al_si7mg');
        $air = static fn (float $mm): float => InTheMould::inAir(
            $alloy,
            Length::of($mm, 'mm'),
            Temperature::fromCelsius(250),
            Temperature::fromCelsius(50),
            Temperature::fromCelsius(20),
        )?->si() ?? 0.0;

        // m c / (A h) · ln(230/30), ρ 2680, c 963, M 6 mm, h 15.
        self::assertEqualsWithDelta(((2680 * 0.006 * 963) / 15) * log(230 / 30), $air(6), 1.0);
        self::assertEqualsWithDelta(2.0, $air(12) / $air(6), 1e-9);
        self::assertNull(InTheMould::inAir(
            $alloy,
            Length::of(6, 'mm'),
            Temperature::fromCelsius(250),
            Temperature::fromCelsius(20),
            Temperature::fromCelsius(20)
        ));
    }

    private static function mould(string $process): MouldMaterial
    {
        return MouldMaterial::of($process, AlloyTable::get('al_si7mg')) ?? throw new \LogicException();
    }
}
