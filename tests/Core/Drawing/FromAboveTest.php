<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Drawing;

use MoltenNotes\Core\Drawing\FromAbove;
use MoltenNotes\Core\Geometry\Starters;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\Solids;
use MoltenNotes\Tests\Support\WildCastings;
use PHPUnit\Framework\TestCase;

/** The view from above shows what was placed, at its size, and nothing else. */
final class FromAboveTest extends TestCase
{
    public function testEveryBodyIsDrawnOnceWithinItsBoundsTheHighestOnTop(): void
    {
        $wild = new WildCastings(55);
        for ($i = 0; $i < 12; ++$i) {
            $basis = self::basis($wild->next());
            $view = FromAbove::of($basis, true);
            self::assertNotNull($view);
            self::assertCount(count($basis->placed), $view->parts);
            $tops = array_column($view->parts, 'top');
            $rising = $tops;
            sort($rising);
            self::assertSame($rising, $tops);
            foreach ($view->parts as $part) {
                foreach (array_merge($part['outline'], ...$part['holes']) as [$x, $y]) {
                    self::assertGreaterThanOrEqual($view->bounds['left'] - 0.01, $x);
                    self::assertLessThanOrEqual($view->bounds['right'] + 0.01, $x);
                    self::assertGreaterThanOrEqual($view->bounds['front'] - 0.01, $y);
                    self::assertLessThanOrEqual($view->bounds['back'] + 0.01, $y);
                }
            }
        }
    }

    public function testAWheelShowsItsHoleItsSpokesAndWhereItIsFilledLast(): void
    {
        $measures = ['diameter' => 0.2, 'rim' => 0.012, 'thickness' => 0.016, 'hub' => 0.04];
        $view = FromAbove::of(self::basis(Starters::lay('wheel_spokes', $measures, 'mm')), false);
        self::assertNotNull($view);
        $rim = array_values(array_filter($view->parts, static fn (array $part): bool => 'rim' === $part['subject']))[0] ?? null;

        self::assertEqualsWithDelta(['left' => -100, 'right' => 100, 'front' => -100, 'back' => 100], $view->bounds, 0.01);
        self::assertCount(5, array_filter($view->parts, static fn (array $part): bool => 'spoke' === $part['subject']));
        self::assertEqualsWithDelta(88.0, max([0.0, ...array_column($rim['holes'][0] ?? [], 0)]), 0.3);
        $at = array_column($view->marks, 'at', 'kind');
        self::assertEqualsWithDelta([-100.0, 0.0], $at['gate'] ?? [], 0.01);
        self::assertGreaterThan(60.0, $at['last'][0] ?? 0.0, 'filled last over against the gate');
        self::assertSame('hot', array_column($view->marks, 'kind', 'words')['Thick place: liquid last, no riser'] ?? '');
    }

    public function testAToldNumberOfGatesGoesIntoTheOneSectionThatHasThem(): void
    {
        $gates = static function (array $sections, ?int $told): array {
            $planned = ['casting.sections' => $sections] + (null === $told ? [] : ['gating.gates' => $told]);
            $basis = Basis::of(Records::read(['planned' => $planned]), new QuantityFormatter(UnitPreferences::metric()));
            $marks = FromAbove::of($basis, false)->marks ?? [];

            return [
                count(array_filter($marks, static fn (array $mark): bool => 'gate' === $mark['kind'])),
                round(1000 * ($basis->solid->way ?? 0.0)),
            ];
        };
        $ring = [Solids::ring('ring', 120, 10, 8, ['gates' => 1])];
        $two = [Solids::plate('a', 80, 30, 8, ['gates' => 1]), Solids::plate('b', 40, 20, 8, ['gates' => 1, 'joins' => 'a'])];

        self::assertSame(1, $gates($ring, null)[0]);
        self::assertSame(3, $gates($ring, 3)[0]);
        self::assertLessThan(0.5 * $gates($ring, null)[1], $gates($ring, 3)[1], 'the way is shared');
        self::assertSame(2, $gates($two, 5)[0], 'several sections have gates: each as it says');
    }

    public function testNothingIsDrawnOfWhatIsNotMeasured(): void
    {
        self::assertNull(FromAbove::of(self::basis([['id' => 'a', 'shape' => 'plate', 'length' => '20 mm']]), false));
    }

    /** @param list<array<string, mixed>> $sections */
    private static function basis(array $sections): Basis
    {
        Solids::sections($sections);

        return Basis::of(
            Records::read(['planned' => ['casting.sections' => $sections, 'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg']]),
            new QuantityFormatter(UnitPreferences::metric()),
        );
    }
}
