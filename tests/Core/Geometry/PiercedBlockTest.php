<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Drawing\FromAbove;
use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\Drawing\SectionLayout;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\Solids;
use PHPUnit\Framework\TestCase;

/** A block with a round hole through it: what of it is metal, what lies open, what is cut. */
final class PiercedBlockTest extends TestCase
{
    /** (80 · 50 − 10² π) · 30 and the faces of it, by school geometry. */
    public function testTheHoleIsNoMetal(): void
    {
        $read = Solids::read([self::block()]);
        $face = 80 * 50 - 100 * \M_PI;

        self::assertEqualsWithDelta($face * 30e-9, $read->volume(), 1e-14);
        self::assertEqualsWithDelta($face * 1e-6, $read->parts['block']->open, 1e-4 * $face * 1e-6, 'no metal lifts over the hole');
        self::assertEqualsWithDelta(0.03, $read->parts['block']->thickest, 0.002, 'as high as it is');
        self::assertEqualsWithDelta(0.0, $read->sandwiched, 1e-9);
        self::assertCount(1, $read->highPoints);
    }

    /** Stood up the hole lies flat: sand in it is lifted over 20 mm × 30 mm, and its roof is no high point. */
    public function testStoodUpTheSandInTheHoleIsLifted(): void
    {
        $read = Solids::read([self::block(['upright' => true])]);

        self::assertEqualsWithDelta(0.08, $read->box[2], 1e-9);
        self::assertEqualsWithDelta(600e-6, $read->sandwiched, 0.05 * 600e-6);
        self::assertEqualsWithDelta(1500e-6, $read->parts['block']->open, 1e-9);
        self::assertCount(1, $read->highPoints);
    }

    /** Through the middle 80 mm are cut to 30 and 30; 8 mm aside the hole is 2√(10² − 8²) = 12 mm wide; along it, over and under it. */
    public function testTheHoleIsSeenInEveryDrawing(): void
    {
        $wide = static function (?float $cut, array $more = []): array {
            $faces = SectionLayout::of(self::basis($more), $cut)->cuts['block'] ?? [];

            return array_map(static function (array $face): array {
                $span = static fn (array $along): float => round(max([0.0, ...$along]) - min([\INF, ...$along]), 6);

                return [$span(array_column($face['outline'], 0)), $span(array_column($face['outline'], 1)), count($face['holes'])];
            }, $faces);
        };

        self::assertSame([[30.0, 30.0, 0], [30.0, 30.0, 0]], $wide(null));
        self::assertSame([[34.0, 30.0, 0], [34.0, 30.0, 0]], $wide(0.5 + 8 / 50));
        self::assertSame([[80.0, 30.0, 0]], $wide(0.05));
        self::assertSame([[30.0, 30.0, 0], [30.0, 30.0, 0]], $wide(null, ['upright' => true]), 'over and under the hole');

        $above = FromAbove::of(self::basis(), false);
        self::assertCount(1, $above->parts[0]['holes'] ?? []);
        self::assertCount(0, FromAbove::of(self::basis(['upright' => true]), false)->parts[0]['holes'] ?? []);
    }

    /** What is written on the drawing points at metal, never into the hole. */
    public function testRisksAndPinsPointAtMetal(): void
    {
        foreach ([[], ['upright' => true]] as $more) {
            $basis = self::basis($more);
            $drawing = MouldSection::of($basis, PlanCasting::of($basis))->toArray();
            $outlines = [];
            foreach ($drawing['parts'] as $part) {
                if ('cavity' === $part['kind']) {
                    $outlines[] = $part['outline'];
                }
            }
            $isMetal = static fn (array $at): bool => [] !== array_filter($outlines, static function (array $outline) use ($at): bool {
                [$x, $y] = [array_column($outline, 0), array_column($outline, 1)];

                return $at[0] > min([\INF, ...$x]) && $at[0] < max([0, ...$x])
                    && $at[1] > min([\INF, ...$y]) && $at[1] < max([-\INF, ...$y]);
            });
            self::assertNotSame([], $drawing['risks']);
            foreach ($drawing['risks'] as $risk) {
                self::assertTrue('block' !== $risk['subject'] || $isMetal($risk['at']), $risk['code']);
            }
            self::assertTrue($isMetal($drawing['places']['thick_junction']));
            self::assertTrue($isMetal($drawing['places']['thin_section']));
        }
    }

    public function testABossThatWouldHangOverTheHoleStandsBesideIt(): void
    {
        $read = Solids::read([self::block(), Solids::rod('boss', 12, 10, ['joins' => 'block', 'sits' => 'top'])]);

        self::assertSame([], $read->apart);
        self::assertGreaterThan(0.9 * \M_PI * 36e-6, $read->contacts['block']['boss'] ?? 0.0);
    }

    public function testAHoleAsWideAsTheBlockIsNone(): void
    {
        foreach (['50 mm', '60 mm'] as $hole) {
            try {
                Solids::sections([['hole' => $hole] + self::block()]);
                self::fail('refused');
            } catch (RejectedRecord $refused) {
                self::assertSame(['/0/hole', 'pattern.no_wall'], [$refused->problems[0]->pointer, $refused->problems[0]->code]);
            }
        }
        self::assertLessThan(1e-3, Solids::read([['hole' => '49.9 mm'] + self::block()])->parts['block']->thickest - 0.03);
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function block(array $more = []): array
    {
        return [
            'id' => 'block', 'shape' => 'pierced', 'length' => '80 mm', 'width' => '50 mm', 'thickness' => '30 mm', 'hole' => '20 mm',
            'gates' => 1,
        ] + $more;
    }

    /** @param array<string, mixed> $more */
    private static function basis(array $more = []): Basis
    {
        $planned = ['casting.sections' => [self::block($more)]] + Plans::values();

        return Basis::of(Records::read(['planned' => $planned]), new QuantityFormatter(UnitPreferences::metric()));
    }
}
