<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\HighPoint;
use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Geometry\SolidReader;
use MoltenNotes\Tests\Support\Solids;
use MoltenNotes\Tests\Support\WildCastings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** What the body of a casting says, against what was worked out by hand or stands in textbooks. */
final class SolidReaderTest extends TestCase
{
    public function testADiscThatSitsOnAPlateHidesItsOwnAreaAndCoolsNoMoreThanItShows(): void
    {
        $read = Solids::read([
            Solids::plate('plate', 200, 100, 8, ['gates' => 1]),
            Solids::rod('disc', 60, 10, ['joins' => 'plate', 'sits' => 'top']),
        ]);

        $foot = \M_PI * 900;
        self::assertEqualsWithDelta(20000 - $foot, $read->parts['plate']->open * 1e6, 0.02 * $foot);
        self::assertEqualsWithDelta($foot, $read->parts['disc']->open * 1e6, 1e-3);
        self::assertEqualsWithDelta($foot, ($read->contacts['plate']['disc'] ?? 0.0) * 1e6, 0.02 * $foot);
        self::assertEqualsWithDelta(
            (2 * 20000 + 2 * 8 * 300) - $foot,
            $read->parts['plate']->cooled * 1e6,
            0.02 * $foot,
            'the face under the disc is not cooled',
        );
        self::assertSame([], $read->apart);
        self::assertEqualsWithDelta([200, 100, 18], array_map(static fn (float $side): float => $side * 1000, $read->box), 1e-9);
    }

    public function testADiscWiderThanWhatCarriesItIsLiftedOverAllItsArea(): void
    {
        $read = Solids::read([
            Solids::rod('rod', 20, 40, ['gates' => 1]),
            Solids::rod('disc', 80, 8, ['joins' => 'rod', 'sits' => 'top']),
        ]);

        self::assertEqualsWithDelta(\M_PI * 1600, $read->parts['disc']->open * 1e6, 1e-3);
        self::assertEqualsWithDelta(0.0, $read->parts['rod']->open, 1e-12);
        self::assertEqualsWithDelta(0.048, $read->parts['disc']->openAt, 1e-9);
    }

    public function testARingLiesAroundAHubAndTheBoxHoldsIt(): void
    {
        $read = Solids::read([
            Solids::rod('hub', 40, 20),
            Solids::plate('spoke', 70, 10, 8, ['joins' => 'hub', 'sits' => 'end', 'count' => 5]),
            Solids::ring('rim', 200, 12, 16, ['joins' => 'hub', 'sits' => 'around', 'gates' => 1]),
        ]);

        self::assertEqualsWithDelta([200, 200, 20], array_map(static fn (float $side): float => $side * 1000, $read->box), 1e-9);
        self::assertSame([], $read->apart, 'the spokes reach the rim');
        // Round the rim to its far side: at least along the bore, at most along the middle.
        self::assertGreaterThan(\M_PI * 88, $read->way * 1000);
        self::assertLessThan(\M_PI * 100, $read->way * 1000);
        self::assertSame(
            ['hub', 'rim'],
            array_map(static fn (HighPoint $high): string => implode('+', $high->parts), $read->highPoints),
            'the spokes lie lower than both',
        );
    }

    public function testARimThatTouchesNothingIsSaid(): void
    {
        $read = Solids::read([
            Solids::rod('hub', 40, 20, ['gates' => 1]),
            Solids::ring('rim', 200, 12, 16, ['joins' => 'hub', 'sits' => 'around']),
        ]);

        self::assertSame(['rim'], $read->apart);
    }

    /**
     * Largest ball where walls of thickness t meet without fillets. Heuvers' circles, worked out in the handbook: tee 1.25 t, cross 1.41 t,
     * ell 1.17 t [derived].
     *
     * @param list<array<string, mixed>> $walls
     */
    #[DataProvider('junctions')]
    public function testWhereWallsMeetALargerBallFits(float $times, array $walls): void
    {
        $read = Solids::read([Solids::plate('wall', 90, 60, 10, ['gates' => 1]), ...$walls]);

        self::assertEqualsWithDelta($times * 10, ($read->hotSpots[0]->thickness ?? 0.0) * 1000, 0.7);
    }

    /** @return iterable<string, array{float, list<array<string, mixed>>}> */
    public static function junctions(): iterable
    {
        // A wall that stands: as long as the other is wide, turned across it.
        $stands = ['joins' => 'wall', 'upright' => true];
        $standing = static fn (string $id, array $more): array => Solids::plate($id, 40, 60, 10, $stands + $more);
        yield 'none' => [1.0, []];
        yield 'tee' => [1.25, [$standing('rib', ['sits' => 'top'])]];
        yield 'cross' => [\M_SQRT2, [$standing('rib', ['sits' => 'top']), $standing('other', ['sits' => 'under'])]];
        yield 'ell' => [1.17, [$standing('rib', ['sits' => 'top', 'offset' => '40 mm'])]];
    }

    public function testAThickPlaceBehindAThinOneCannotDrawFromARiser(): void
    {
        $dumbbell = static fn (float $bar): CastingGeometry => Solids::read([
            ['id' => 'big', 'shape' => 'sphere', 'diameter' => '50 mm', 'gates' => 1, 'riser' => true],
            Solids::rod('bar', $bar, 60, ['upright' => true, 'joins' => 'big', 'sits' => 'end']),
            ['id' => 'small', 'shape' => 'sphere', 'diameter' => '40 mm', 'joins' => 'bar', 'sits' => 'end'],
        ]);
        $thin = $dumbbell(12);
        $even = Solids::read([
            Solids::plate('one', 80, 40, 40, ['gates' => 1, 'riser' => true]),
            Solids::plate('other', 80, 40, 40, ['joins' => 'one', 'sits' => 'end']),
        ]);

        self::assertSame(['big', 'small'], array_map(static fn ($spot): string => $spot->part, $thin->hotSpots));
        self::assertTrue($thin->hotSpots[0]->isFed());
        self::assertFalse($thin->hotSpots[1]->isFed());
        self::assertEqualsWithDelta(0.012, $thin->hotSpots[1]->neck ?? 0.0, 0.0025);
        self::assertTrue($even->hotSpots[0]->isFed());
        self::assertCount(1, $even->hotSpots, 'what is as thick all along is one place');
    }

    public function testAirIsShutInWhereverNothingLiesHigher(): void
    {
        $read = Solids::read([
            Solids::plate('plate', 300, 120, 5, ['gates' => 2]),
            Solids::plate('letter', 40, 6, 4, ['joins' => 'plate', 'sits' => 'top', 'count' => 12]),
        ]);
        $cup = Solids::read([
            ['id' => 'wall', 'shape' => 'tube', 'diameter' => '90 mm', 'wall' => '6 mm', 'height' => '70 mm', 'gates' => 1],
            Solids::rod('floor', 78, 6, ['joins' => 'wall', 'sits' => 'inside', 'foot' => '64 mm']),
        ]);

        self::assertCount(12, $read->highPoints);
        self::assertEqualsWithDelta(240, $read->highPoints[0]->area * 1e6, 1.0);
        self::assertCount(1, $cup->highPoints, 'a cup with its floor up has one high plain');
        self::assertEqualsWithDelta(\M_PI * 45 ** 2, $cup->highPoints[0]->area * 1e6, 0.03 * \M_PI * 45 ** 2);
    }

    public function testTheWayOfTheMetalGoesThroughTheCasting(): void
    {
        $plate = Solids::read([Solids::plate('plate', 200, 100, 8, ['gates' => 1])]);
        $two = Solids::read([Solids::plate('plate', 200, 100, 8, ['gates' => 2])]);

        // From the middle of the left side to a far corner.
        self::assertEqualsWithDelta(sqrt(200 ** 2 + 50 ** 2), $plate->way * 1000, 0.08 * 206);
        self::assertLessThan($plate->way * 0.65, $two->way);
        self::assertEqualsWithDelta(0.0, $two->lastToFill[0] ?? 1.0, 0.02, 'two gates opposite: last in the middle');
    }

    /** Groover's and everybody's formulas: the cells say shares, the formulas stay exact. */
    public function testVolumeAndSurfaceAreThoseOfTheFormulas(): void
    {
        $ball = Solids::read([['id' => 'ball', 'shape' => 'sphere', 'diameter' => '50 mm']]);

        self::assertEqualsWithDelta((\M_PI * 0.05 ** 3) / 6, $ball->volume(), 1e-12);
        self::assertEqualsWithDelta(0.05 / 6, $ball->parts['ball']->modulus() ?? 0.0, 1e-12);
        self::assertEqualsWithDelta(\M_PI * 0.025 ** 2, $ball->parts['ball']->open, 1e-12);
        // A ball's upper side lies at five sixths of its height on the average.
        self::assertEqualsWithDelta((0.05 * 5) / 6, $ball->parts['ball']->openAt, 0.0015);
        self::assertEqualsWithDelta(0.05, $ball->hotSpots[0]->thickness ?? 0.0, 0.004);
    }

    public function testTheOrderOfTheSectionsSaysNothing(): void
    {
        $raw = [
            Solids::plate('plate', 120, 60, 10, ['gates' => 1]),
            Solids::rod('boss', 30, 20, ['joins' => 'plate', 'sits' => 'top']),
            Solids::ring('rim', 50, 6, 12, ['joins' => 'boss', 'sits' => 'around']),
        ];
        $one = Solids::read($raw);
        $other = Solids::read([$raw[0], $raw[2], $raw[1]]);

        foreach ($one->parts as $id => $part) {
            self::assertEqualsWithDelta($part->cooled, $other->parts[$id]->cooled, 0.01 * $part->cooled, $id);
            self::assertEqualsWithDelta($part->open, $other->parts[$id]->open, 1e-4, $id);
        }
        self::assertEqualsWithDelta($one->box, $other->box, 1e-9);
    }

    #[Group('wide')]
    public function testWhateverIsTypedIsReadWithinBounds(): void
    {
        $wild = new WildCastings(811);
        $read = 0;
        for ($i = 0; $i < 24; ++$i) {
            $raw = $wild->next();
            $sections = Solids::sections($raw);
            $measured = SectionGeometry::all($sections);
            $solid = SolidReader::read($sections);
            if (null === $solid) {
                continue;
            }
            ++$read;
            foreach ($solid->parts as $id => $part) {
                $all = (float) $sections->get($id)?->count;
                self::assertLessThanOrEqual($part->surface * (1 + 1e-9), $part->cooled, json_encode($raw) ?: '');
                self::assertLessThanOrEqual($all * $measured[$id]->footprint * (1 + 1e-9), $part->open);
                self::assertTrue(is_finite($part->openAt) && $part->openAt <= $solid->box[2] * (1 + 1e-9));
                self::assertLessThanOrEqual($part->top + 1e-9, $part->openAt);
            }
            self::assertGreaterThan(0.0, $solid->volume());
            self::assertNotSame([], $solid->highPoints, 'metal ends somewhere');
            self::assertNotSame([], $solid->hotSpots);
        }
        self::assertGreaterThan(20, $read);
    }
}
