<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\FromAbove;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\SectionsReader;
use MoltenNotes\Core\Record\ValueReader;
use PHPUnit\Framework\TestCase;

/** What of each section lies open to the cope, against areas worked out by hand. */
final class FromAboveTest extends TestCase
{
    public function testADiscOnAPlateHidesItsOwnArea(): void
    {
        $seen = self::seen([
            self::plate(200, 100),
            ['id' => 'disc', 'shape' => 'boss', 'diameter' => '60 mm', 'height' => '10 mm', 'joins' => 'plate', 'sits' => 'top'],
        ]);

        self::assertEqualsWithDelta(20000 - \M_PI * 900, $seen->open['plate'] * 1e6, 2.0);
        self::assertEqualsWithDelta(\M_PI * 900, $seen->open['disc'] * 1e6, 1e-6);
    }

    public function testADiscWiderThanThePlateHidesThePartThatLiesUnderIt(): void
    {
        // A strip of 40 through the middle of a circle of 100: 2 (h √(r² − h²) + r² asin(h/r)), h 20, r 50.
        $strip = 2 * (20 * sqrt(2500 - 400) + 2500 * asin(0.4));
        $seen = self::seen([
            self::plate(200, 40),
            ['id' => 'disc', 'shape' => 'boss', 'diameter' => '100 mm', 'height' => '10 mm', 'joins' => 'plate', 'sits' => 'top'],
        ]);

        self::assertEqualsWithDelta(8000 - $strip, $seen->open['plate'] * 1e6, 0.001 * $strip);
    }

    public function testARingLeavesOpenWhatItsBoreShows(): void
    {
        $seen = self::seen([
            self::plate(200, 200),
            [
                'id' => 'rim',
                'shape' => 'ring',
                'diameter' => '120 mm',
                'width' => '10 mm',
                'thickness' => '8 mm',
                'joins' => 'plate',
                'sits' => 'top',
            ],
        ]);

        self::assertEqualsWithDelta(40000 - \M_PI * (3600 - 2500), $seen->open['plate'] * 1e6, 4.0);
    }

    public function testSeveralHideAsOftenButNeverMoreThanIsThere(): void
    {
        $bosses = static fn (int $count): float => self::seen([
            self::plate(200, 100),
            [
                'id' => 'boss',
                'shape' => 'boss',
                'diameter' => '30 mm',
                'height' => '10 mm',
                'joins' => 'plate',
                'sits' => 'top',
                'count' => $count,
            ],
        ])->open['plate'] * 1e6;

        self::assertEqualsWithDelta(20000 - 4 * \M_PI * 225, $bosses(4), 3.0);
        self::assertSame(0.0, $bosses(500));
    }

    public function testTheBoxHoldsEverySection(): void
    {
        $cross = self::seen([
            ['id' => 'hub', 'shape' => 'boss', 'diameter' => '40 mm', 'height' => '20 mm'],
            [
                'id' => 'arm',
                'shape' => 'bar',
                'length' => '100 mm',
                'width' => '10 mm',
                'thickness' => '8 mm',
                'joins' => 'hub',
                'sits' => 'end',
                'count' => 4,
            ],
        ]);
        $stood = self::seen([['id' => 'disc', 'shape' => 'cylinder', 'diameter' => '300 mm', 'height' => '20 mm', 'upright' => true]]);

        self::assertEqualsWithDelta([240, 240], [$cross->length * 1000, $cross->width * 1000], 1e-6);
        self::assertEqualsWithDelta([20, 300], [$stood->length * 1000, $stood->width * 1000], 1e-6);
    }

    /**
     * @param list<array<string, mixed>> $raw
     */
    private static function seen(array $raw): FromAbove
    {
        $sections = SectionsReader::read($raw, '', new ValueReader(UnitPreferences::metric()));
        self::assertInstanceOf(Sections::class, $sections);
        $bodies = [];
        foreach ($sections->all() as $section) {
            $bodies[$section->id] = SectionGeometry::of($section) ?? throw new \LogicException('a section lacks a measurement');
        }

        return FromAbove::of($sections, $bodies) ?? throw new \LogicException('nothing is seen');
    }

    /** @return array<string, mixed> */
    private static function plate(int $length, int $width): array
    {
        return ['id' => 'plate', 'shape' => 'plate', 'length' => "{$length} mm", 'width' => "{$width} mm", 'thickness' => '6 mm'];
    }
}
