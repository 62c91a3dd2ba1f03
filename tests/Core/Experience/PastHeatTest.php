<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Experience;

use MoltenNotes\Core\Experience\LikeHeats;
use MoltenNotes\Core\Experience\PastHeat;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Power;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;

/** What furnaces learn. */
final class PastHeatTest extends TestCase
{
    public function testAHeatTeachesTheShareAndThePace(): void
    {
        // By hand: 2 kg of aluminium to 760 °C, 2 × (1030 × 640 + 397 000 + 1080 × 100) = 2 328 400 J; of 2 kWh = 7.2 MJ that is 32.3 %.
        // To its melting point in half an hour: 2 × (1030 × 640 + 397 000) = 2 112 400 J in 1800 s are 1174 W.
        $heat = PastHeat::from(self::values(['melt.peak' => ['degC', 760.0], 'melt.energy' => ['kWh', 2.0], 'melt.time' => ['min', 30.0]]));
        self::assertNotNull($heat);
        self::assertSame(['drum', 'a6'], [$heat->furnace, $heat->crucible]);
        self::assertEqualsWithDelta(0.3234, $heat->efficiency?->si(), 1e-4);
        self::assertEqualsWithDelta(1173.6, $heat->pace?->si(), 0.1);
    }

    public function testWhatCannotBeTeachesNothing(): void
    {
        self::assertNull(PastHeat::from(Values::none()));
        self::assertNull(PastHeat::from(self::values([])), 'neither energy nor time');
        // More came out than went in: a slip of the pen. The time beside it still counts.
        self::assertNull(PastHeat::from(self::values(['melt.energy' => ['kWh', 0.1]])));
        $slip = PastHeat::from(self::values(['melt.energy' => ['kWh', 0.1], 'melt.time' => ['min', 30.0]]));
        self::assertNull($slip?->efficiency);
        self::assertNotNull($slip?->pace);
        self::assertNull(PastHeat::name('  '));
        self::assertSame('the drum', PastHeat::name(' The DRUM '));
    }

    public function testTheNearestHeatsCountThoseOfFurnaceAndCrucibleFirst(): void
    {
        $heats = [
            new PastHeat('drum', 'a6', Ratio::fromSi(0.10), Power::fromSi(900)),
            new PastHeat('drum', 'a6', Ratio::fromSi(0.14), null),
            new PastHeat('drum', 'a2', Ratio::fromSi(0.05), Power::fromSi(500)),
            new PastHeat('oven', null, Ratio::fromSi(0.40), Power::fromSi(1500)),
        ];
        $both = LikeHeats::among($heats, 'Drum', 'A6');
        self::assertEqualsWithDelta(0.12, $both->efficiency()?->si, 1e-9);
        self::assertEqualsWithDelta(0.09, $both->efficiency()?->lowSi, 1e-9);
        self::assertEqualsWithDelta(0.154, $both->efficiency()?->highSi, 1e-9);
        self::assertSame('2 heats of this furnace with this crucible', $both->words(pace: false));
        self::assertSame('1 heat of this furnace with this crucible', $both->words(pace: true));
        self::assertSame('3 heats of this furnace', LikeHeats::among($heats, 'drum', 'new')->words(pace: false));
        self::assertSame('4 heats of your own', LikeHeats::among($heats, 'cupola', 'a6')->words(pace: false));
        self::assertNull(LikeHeats::among([], 'drum', 'a6')->efficiency());
        self::assertNull(LikeHeats::among([new PastHeat('drum', null, Ratio::fromSi(0.1), null)], 'drum', null)->pace());
        self::assertSame([2, 1, 1], array_column(LikeHeats::each($heats), 'count'));

        // What burnt gas teaches nothing of a kiln: it is left out where no heat of the furnace itself is known.
        $mixed = [
            new PastHeat(null, null, Ratio::fromSi(0.30), null, 'electric'), new PastHeat(null, null, Ratio::fromSi(0.05), null, 'propane'),
            new PastHeat('burner', null, Ratio::fromSi(0.06), null, 'propane'),
        ];
        self::assertSame('1 heat of your own', LikeHeats::among($mixed, 'Kiln', null, 'electric')->words(pace: false));
        self::assertEqualsWithDelta(0.30, LikeHeats::among($mixed, 'Kiln', null, 'electric')->efficiency()?->si, 1e-9);
        self::assertEqualsWithDelta(0.06, LikeHeats::among($mixed, 'Burner', null, 'propane')->efficiency()?->si, 1e-9);
        self::assertSame('3 heats of your own', LikeHeats::among($mixed, null, null)->words(pace: false));
    }

    public function testAPlanMeltsAsLongAsTheFurnaceTookBeforeAndHalfThePaceTakesTwiceAsLong(): void
    {
        $time = static function (?float $watts): ?float {
            $melt = ['melt.energy_source' => 'electric', 'melt.power' => '3 kW', 'melt.furnace' => 'drum', 'pour.temperature' => '720 C'];
            $record = Records::read([
                'planned' => $melt + Plans::values(),
                'experience' => null === $watts ? [] : ['heats' => [['furnace' => 'drum', 'efficiency' => 0.3, 'pace' => $watts]]],
            ]);

            $plan = PlanCasting::of(Basis::of($record, new QuantityFormatter(UnitPreferences::metric())));

            return $plan->figure('metal', 'melt_time')?->value->si;
        };
        $slow = $time(400.0);
        $quick = $time(800.0);
        self::assertNotNull($slow);
        self::assertNotNull($quick);
        self::assertEqualsWithDelta(2.0, $slow / $quick, 1e-6);
        self::assertNotNull($time(null), 'without heats the power tells it');
        self::assertNotEqualsWithDelta($quick, $time(null), 1.0);
    }

    public function testDocumentsOfBeforeFurnacesWereToldApartAreStillRead(): void
    {
        $old = Records::read(['planned' => Plans::values(), 'experience' => ['efficiencies' => [0.11, 0.14]]]);
        self::assertEqualsWithDelta(0.125, $old->experience->heatsLike(null, null)->efficiency()?->si, 1e-9);
        self::assertSame([['efficiency' => 0.11], ['efficiency' => 0.14]], $old->experience->toArray()['heats']);
        $again = Records::read(['planned' => Plans::values(), 'experience' => $old->experience->toArray()]);
        self::assertEquals($old->experience, $again->experience);
    }

    /** @param array<string, array{string, float}> $more */
    private static function values(array $more): Values
    {
        $values = [
            'metal.alloy' => 'al99', 'metal.charge' => Measurement::of(2.0, 'kg'), 'melt.furnace' => ' Drum', 'crucible.name' => 'A6',
        ];
        foreach ($more as $field => [$unit, $value]) {
            $values[$field] = Measurement::of($value, $unit);
        }

        return Values::of($values);
    }
}
