<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Geometry;

use MoltenNotes\Core\Geometry\CastingGeometry;
use MoltenNotes\Core\Geometry\PartGeometry;
use MoltenNotes\Core\Geometry\Starters;
use MoltenNotes\Tests\Support\Solids;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A casting laid from a few measurements is one piece, as large as was asked, and can be changed from there. */
final class StartersTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function starters(): iterable
    {
        foreach (array_keys(Starters::all()) as $code) {
            yield $code => [$code];
        }
    }

    #[DataProvider('starters')]
    #[Group('wide')]
    public function testItIsOnePieceInAnyUnitAndAnySize(string $code): void
    {
        foreach ([['mm', 1.0], ['in', 1.0], ['mm', 0.4], ['mm', 2.2]] as [$unit, $times]) {
            $measures = array_map(static fn (array $ask): float => ($ask[1] * $times) / 1000, Starters::all()[$code]['asks']);
            $read = Solids::read(Starters::lay($code, $measures, $unit));

            self::assertSame([], $read->apart, "{$code} in {$unit}");
            self::assertEqualsWithDelta(
                max([0.0, ...array_values($measures)]),
                max($read->box),
                0.011 * max($read->box),
                "{$code}: no longer than what is longest of it",
            );
            self::assertGreaterThan(0.0, $read->volume());
        }
    }

    public function testEachSaysWhatItsBodyIsKnownFor(): void
    {
        $of = static function (string $code): CastingGeometry {
            $measures = array_map(static fn (array $ask): float => $ask[1] / 1000, Starters::all()[$code]['asks']);

            return Solids::read(Starters::lay($code, $measures, 'mm'));
        };

        self::assertCount(8, $of('lettered_plate')->highPoints, 'air is shut in at each letter');
        self::assertCount(1, $of('bell')->highPoints, 'mouth down it has one high plain');
        $open = array_map(static fn (PartGeometry $part): float => $part->open, $of('bell')->parts);
        self::assertEqualsWithDelta(\M_PI * 0.06 ** 2, array_sum($open), 2e-4);
        self::assertSame('hub', $of('wheel_spokes')->hotSpots[0]->part ?? '', 'a hub is solid last');
        self::assertEqualsWithDelta(0.08, $of('bracket')->box[2], 1e-9);
        self::assertEqualsWithDelta(0.12, $of('flanged_tube')->box[2], 1e-9);
        self::assertEqualsWithDelta(\M_PI * (0.04 ** 2 - 0.032 ** 2) * 0.008, $of('ring')->volume(), 1e-12);
    }
}
