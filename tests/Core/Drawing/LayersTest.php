<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Drawing;

use MoltenNotes\Core\Drawing\Layers;
use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\Drawing\SectionFigure;
use MoltenNotes\Core\Drawing\SectionLayout;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Loops;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\Solids;
use PHPUnit\Framework\TestCase;

/** What is laid over the drawings, and the plane that cuts them. */
final class LayersTest extends TestCase
{
    public function testEachSectionHasItsFigureAndItsRank(): void
    {
        $basis = self::basis(Plans::sections());
        $plan = PlanCasting::of($basis);
        $layers = array_column(Layers::of($basis, $plan), null, 'code');

        self::assertSame(['thickness', 'freezing', 'way', 'high', 'reach'], array_keys($layers));
        self::assertSame([[], [], [], [], []], array_column($layers, 'bands'), 'only what is looked at is drawn');
        $rank = static fn (string $code): array => array_column($layers[$code]['values'], 'rank', 'section');
        // The boss freezes last, the rim first; the rim is the farthest way for the metal.
        self::assertEqualsWithDelta(1.0, $rank('freezing')['boss'], 1e-9);
        self::assertEqualsWithDelta(0.0, $rank('freezing')['rim'], 1e-9);
        self::assertEqualsWithDelta(1.0, $rank('way')['rim'], 1e-9);
        self::assertEqualsWithDelta(1.0, $rank('thickness')['boss'], 1e-9);
        foreach ($layers['freezing']['values'] as $value) {
            self::assertStringContainsString('s', $value['shown']);
        }
    }

    /** Contours lie within one another, within the casting, and round the place that is thickest, frozen last or filled last. */
    public function testTheLayerThatIsLookedAtIsDrawnWithItsContours(): void
    {
        $basis = self::basis(Plans::sections());
        $plan = PlanCasting::of($basis);
        foreach (['thickness' => 'hot', 'freezing' => 'hot', 'way' => 'last'] as $code => $kind) {
            $layer = array_column(Layers::of($basis, $plan, $code), null, 'code')[$code];
            self::assertCount(4, $layer['bands'], $code);
            $sizes = ['cut' => [], 'above' => []];
            foreach ($layer['bands'] as $band) {
                self::assertNotSame($band['from'], $band['to']);
                foreach (['cut', 'above'] as $view) {
                    $sizes[$view][] = array_sum(array_map(static fn (array $face): float => self::area($face), $band[$view]));
                }
            }
            foreach ($sizes as $view => [$all, $second, $third, $highest]) {
                self::assertSame(0.0, (float) $all, 'the lowest band is all of it');
                self::assertGreaterThan($third - 1e-9, $second, "{$code} {$view}");
                self::assertGreaterThan($highest - 1e-9, $third, "{$code} {$view}");
            }
            self::assertGreaterThan(0.0, $sizes['above'][3], "the highest {$code} is somewhere");
            $mark = array_values(array_filter($layer['marks'], static fn (array $mark): bool => $kind === $mark['kind']))[0] ?? null;
            self::assertNotNull($mark, $code);
            $holding = array_filter(
                $layer['bands'][3]['above'],
                static fn (array $face): bool => self::holds($face['outline'], $mark['above']),
            );
            self::assertNotSame([], $holding, "the mark of {$code} lies where it is highest");
        }
    }

    /** A plate alone is everywhere as thick: one band, and nothing to tell apart. */
    public function testWhatIsAlikeEverywhereHasOneBand(): void
    {
        $basis = self::basis([Solids::plate('plate', 120, 60, 8, ['gates' => 1])]);
        $bands = array_column(Layers::of($basis, PlanCasting::of($basis), 'thickness'), null, 'code')['thickness']['bands'];

        self::assertCount(1, $bands);
        self::assertSame('8 mm', self::plain($bands[0])['from']);
        self::assertSame($bands[0]['from'], $bands[0]['to']);
    }

    /** Metal comes in at the left: what is nearer to the gate is never in a higher band, whatever the plane. */
    public function testTheWayIsDrawnInThePlaneThatIsCut(): void
    {
        $basis = self::basis([Solids::plate('plate', 160, 80, 8, ['gates' => 1])]);
        $plan = PlanCasting::of($basis);
        foreach ([null, 0.0, 0.3, 1.0] as $cut) {
            $bands = array_column(Layers::of($basis, $plan, 'way', $cut), null, 'code')['way']['bands'];
            $left = array_map(
                static fn (array $band): float => min([\INF, ...array_column($band['cut'][0]['outline'] ?? [], 0)]),
                array_slice($bands, 1),
            );
            self::assertNotContains(\INF, $left, 'a plate reaches every band');
            $sorted = $left;
            sort($sorted);
            self::assertSame($sorted, $left);
        }
    }

    public function testWithoutABodyThereIsNothingToLayOverIt(): void
    {
        $basis = self::basis([]);

        self::assertSame([], Layers::of($basis, PlanCasting::of($basis)));
    }

    /** A disc of 100 mm cut through its middle shows 100 mm, half way to its front 2√(50² − 25²) = 86.6 mm (geometry). */
    public function testTheCutCanBeMoved(): void
    {
        $basis = self::basis([['id' => 'disc', 'shape' => 'cylinder', 'diameter' => '100 mm', 'height' => '10 mm', 'gates' => 1]]);
        $width = static function (?float $cut) use ($basis): float {
            $outline = SectionLayout::of($basis, $cut)->cuts['disc'][0]['outline'] ?? [];
            $x = array_column($outline, 0);
            self::assertNotSame([], $x);

            return max([-\INF, ...$x]) - min([\INF, ...$x]);
        };

        self::assertEqualsWithDelta(100.0, $width(null), 1e-6);
        self::assertEqualsWithDelta(100.0, $width(0.5), 1e-6);
        self::assertEqualsWithDelta(86.6, $width(0.25), 0.01);
        self::assertEqualsWithDelta(86.6, $width(0.75), 0.01);
        $moved = MouldSection::of($basis, PlanCasting::of($basis), 0.25);
        self::assertNotSame([], array_filter($moved->parts(), static fn ($part): bool => 'cavity' === $part->kind));
    }

    /** A ring of 120 mm outside and 12 mm inwards is 108 mm in the mean and 96 mm inside; stood up it is as high as it was wide. */
    public function testNobodyHasToGuessADiameter(): void
    {
        $ring = ['id' => 'ring', 'shape' => 'ring', 'diameter' => '120 mm', 'width' => '12 mm', 'thickness' => '4 mm', 'gates' => 1];
        $said = static function (array $section): array {
            [$figure] = SectionFigure::all(self::basis([$section]));

            return array_column($figure['measures'], 'shown', 'label');
        };

        $wanted = ['outside' => '120 mm', 'mean' => '108 mm', 'inside' => '96 mm', 'stands' => '4 mm high'];
        self::assertSame($wanted, self::plain($said($ring)));
        self::assertSame('120 mm high', self::plain($said(['upright' => true] + $ring))['stands'] ?? '');
        $plate = ['id' => 'p', 'shape' => 'plate', 'length' => '90 mm', 'width' => '40 mm', 'thickness' => '6 mm', 'gates' => 1];
        self::assertSame(['stands'], array_keys($said($plate)));
    }

    /** @param array{outline: list<array{float, float}>, holes: list<list<array{float, float}>>} $face */
    private static function area(array $face): float
    {
        return array_sum(array_map(Loops::area(...), [$face['outline'], ...$face['holes']]));
    }

    /**
     * @param list<array{float, float}> $loop
     * @param array{float, float} $point
     */
    private static function holds(array $loop, array $point): bool
    {
        $inside = false;
        foreach ($loop as $i => [$x, $y]) {
            [$u, $v] = $loop[($i + 1) % count($loop)];
            if (($y > $point[1]) !== ($v > $point[1]) && $point[0] < $x + (($point[1] - $y) * ($u - $x)) / ($v - $y)) {
                $inside = !$inside;
            }
        }

        return $inside;
    }

    /**
     * @param array<string, mixed> $shown
     *
     * @return array<string, string> with plain spaces
     */
    private static function plain(array $shown): array
    {
        $plain = static fn (string $words): string => str_replace(["\u{a0}", "\u{202f}"], ' ', $words);

        return array_map($plain, array_filter($shown, is_string(...)));
    }

    /** @param list<array<string, mixed>> $sections */
    private static function basis(array $sections): Basis
    {
        $planned = ['casting.sections' => $sections] + Plans::values();
        if ([] === $sections) {
            unset($planned['casting.sections']);
        }

        return Basis::of(Records::read(['planned' => $planned]), new QuantityFormatter(UnitPreferences::metric()));
    }
}
