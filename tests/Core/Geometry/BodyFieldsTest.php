<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\Cells;
use MoltenNotes\Core\Geometry\Contour;
use MoltenNotes\Core\Geometry\DistanceTransform;
use MoltenNotes\Core\Geometry\FieldPlane;
use MoltenNotes\Core\Geometry\Grid;
use MoltenNotes\Core\Geometry\InscribedBalls;
use MoltenNotes\Core\Geometry\Placement;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Tests\Support\Loops;
use MoltenNotes\Tests\Support\Solids;
use PHPUnit\Framework\TestCase;

/** What a body says at every place, and the lines drawn by it. */
final class BodyFieldsTest extends TestCase
{
    /** A plate of 8 mm with a boss on it: 8 mm away from it, 18 mm under it (geometry). */
    public function testEachPlaceIsAsThickAsTheLargestBallOverIt(): void
    {
        $fields = Solids::read([
            Solids::plate('plate', 200, 100, 8, ['gates' => 1]),
            Solids::rod('disc', 60, 10, ['joins' => 'plate', 'sits' => 'top']),
        ])->fields;
        $at = static fn (FieldPlane $plane, float $x, float $y): float => 1000 * $plane->thickness()[self::place($plane, $x, $y)];

        $cut = $fields->at(0.0);
        self::assertEqualsWithDelta(18.0, $at($cut, 0.0, 0.009), 0.01);
        self::assertEqualsWithDelta(8.0, $at($cut, -0.09, 0.004), 0.01);
        self::assertEqualsWithDelta(8.0, $at($cut, 0.09, 0.007), 0.01, 'an edge is no thinner than its wall');
        self::assertEqualsWithDelta(8.0, $at($fields->at(0.045), 0.0, 0.004), 0.01, 'beside the disc');
        self::assertEqualsWithDelta(18.0, $at($fields->above, 0.0, 0.0), 0.01);
        self::assertEqualsWithDelta(8.0, $at($fields->above, 0.09, 0.04), 0.01);
    }

    /** T. Hildebrand and P. Rüegsegger 1997: at each place the largest of all balls that hold it, looked for among every one of them. */
    public function testItIsTheLargestOfAllBallsThatHoldThePlace(): void
    {
        $sections = Solids::sections([
            Solids::plate('foot', 40, 24, 6, ['gates' => 1]),
            Solids::plate('wall', 24, 24, 9, ['joins' => 'foot', 'sits' => 'top', 'upright' => true]),
        ]);
        $bodies = Placement::of($sections, SectionGeometry::all($sections))->bodies;
        self::assertNotSame([], $bodies);
        $cells = Cells::of($bodies, ['foot' => 1, 'wall' => 2], Grid::through($bodies));
        self::assertNotNull($cells);
        $distance = DistanceTransform::of($cells);
        $balls = InscribedBalls::of($cells, $distance)->balls;
        self::assertLessThan(count(array_filter($cells->part)) / 4, count($balls), 'few balls say it all');
        $of = static function (iterable $all, int $cell) use ($cells): float {
            [$x, $y, $z] = $cells->place($cell);
            $largest = 0.0;
            foreach ($all as [$middle, $radius]) {
                [$a, $b, $c] = $cells->place($middle);
                if (($a - $x) ** 2 + ($b - $y) ** 2 + ($c - $z) ** 2 <= $radius ** 2) {
                    $largest = max($largest, $radius);
                }
            }

            return $largest;
        };
        $metal = array_keys(array_filter($cells->part));
        $every = array_map(static fn (int $cell): array => [$cell, $distance[$cell]], $metal);
        mt_srand(4);
        $wrong = 0;
        $looked = (array) array_rand(array_flip($metal), 150);
        foreach ($looked as $cell) {
            $true = $of($every, $cell);
            $found = $of($balls, $cell);
            self::assertLessThanOrEqual($true + 1e-12, $found);
            $wrong += $found < $true - $cells->edge($cell) ? 1 : 0;
        }
        // Only in corners, where the small ball was left out on purpose.
        self::assertLessThan(0.15 * count($looked), $wrong);
    }

    /** A cone of values over a disc: the contour at a quarter of its height is a circle of three quarters of its radius (geometry). */
    public function testAContourLiesWhereTheValuePassesTheLevel(): void
    {
        $axis = array_map(static fn (int $i): float => 0.5 * ($i - 20), range(0, 40));
        $cone = $ring = [];
        foreach ($axis as $j => $y) {
            foreach ($axis as $i => $x) {
                $r = sqrt($x * $x + $y * $y);
                if ($r < 9.0) {
                    $cone[$i + 41 * $j] = 9.0 - $r;
                    $ring[$i + 41 * $j] = $r;
                }
            }
        }
        $inner = Contour::from($cone, $axis, $axis, 2.25)->shapes;
        self::assertCount(1, $inner);
        self::assertEqualsWithDelta(\M_PI * 6.75 ** 2, Loops::area($inner[0]['outline']), 0.01 * \M_PI * 6.75 ** 2);
        // What is far from the middle is a ring; its inside edge is a hole, its outside lies beyond the metal and is cut off there.
        $outer = Contour::from($ring, $axis, $axis, 4.0)->shapes;
        self::assertCount(1, $outer);
        self::assertCount(1, $outer[0]['holes']);
        // A line drawn smoother is a little shorter.
        self::assertEqualsWithDelta(\M_PI * 16, abs(Loops::area($outer[0]['holes'][0])), 0.03 * \M_PI * 16);
        self::assertGreaterThan(\M_PI * 81, Loops::area($outer[0]['outline']));
        self::assertSame([], Contour::from($cone, $axis, $axis, 9.5)->shapes);
        self::assertSame([], Contour::from([], $axis, $axis, 1.0)->shapes);
    }

    private static function place(FieldPlane $plane, float $x, float $y): int
    {
        $nearest = static function (array $middles, float $at): int {
            $gaps = array_map(static fn (float $middle): float => abs($middle - $at), $middles);

            return (int) array_search(min([\INF, ...$gaps]), $gaps, true);
        };

        return $nearest($plane->x, $x) + count($plane->x) * $nearest($plane->y, $y);
    }
}
