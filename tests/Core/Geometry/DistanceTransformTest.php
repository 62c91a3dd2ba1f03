<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\Cells;
use MoltenNotes\Core\Geometry\DistanceTransform;
use MoltenNotes\Core\Geometry\Grid;
use MoltenNotes\Core\Geometry\Placement;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Tests\Support\Solids;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every distance against the plainest way to find it: look at every cell of mould. */
final class DistanceTransformTest extends TestCase
{
    /** @return iterable<string, array{list<array<string, mixed>>}> */
    public static function bodies(): iterable
    {
        yield 'a plate with a boss' => [[
            Solids::plate('plate', 60, 30, 5),
            Solids::rod('boss', 16, 9, ['joins' => 'plate', 'sits' => 'top']),
        ]];
        yield 'a ring about a hub with arms' => [[
            Solids::rod('hub', 12, 8),
            Solids::ring('rim', 50, 5, 6, ['joins' => 'hub', 'sits' => 'around']),
            Solids::plate('arm', 15, 4, 3, ['joins' => 'hub', 'sits' => 'end', 'count' => 3]),
        ]];
        yield 'a wedge that stands' => [[
            ['id' => 'wedge', 'shape' => 'wedge', 'length' => '40 mm', 'width' => '12 mm', 'thickness' => '10 mm', 'thin_end' => '2 mm'],
            ['id' => 'ball', 'shape' => 'sphere', 'diameter' => '14 mm', 'joins' => 'wedge', 'sits' => 'end'],
        ]];
    }

    /** @param list<array<string, mixed>> $raw */
    #[DataProvider('bodies')]
    public function testItIsTheGapToTheNearestCellOfMould(array $raw): void
    {
        $sections = Solids::sections($raw);
        $bodies = Placement::of($sections, SectionGeometry::all($sections))->bodies;
        self::assertNotSame([], $bodies);
        $numbers = [];
        foreach ($sections->all() as $index => $section) {
            $numbers[$section->id] = $index + 1;
        }
        $cells = Cells::of($bodies, $numbers, Grid::through($bodies));
        self::assertNotNull($cells);
        $distance = DistanceTransform::of($cells);
        $mould = array_keys(array_filter($cells->part, static fn (int $part): bool => 0 === $part));
        $metal = array_keys(array_filter($cells->part, static fn (int $part): bool => $part > 0));
        mt_srand(8);
        foreach (array_rand(array_flip($metal), 12) as $cell) {
            $least = \INF;
            foreach ($mould as $other) {
                $least = min($least, self::gap($cells, $cell, $other));
            }
            self::assertEqualsWithDelta($least, $distance[$cell], 1e-12);
        }
        foreach (array_slice($mould, 0, 50) as $cell) {
            self::assertSame(0.0, $distance[$cell]);
        }
    }

    /** From the middle of one cell to the nearest place of another. */
    private static function gap(Cells $cells, int $from, int $to): float
    {
        $square = 0.0;
        $half = [$cells->dx, $cells->dy, $cells->dz];
        $index = [$to % $cells->nx, intdiv($to, $cells->nx) % $cells->ny, intdiv($to, $cells->nx * $cells->ny)];
        foreach ($cells->place($from) as $axis => $middle) {
            $square += max(0.0, abs($middle - $cells->place($to)[$axis]) - $half[$axis][$index[$axis]] / 2) ** 2;
        }

        return sqrt($square);
    }
}
