<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Charge;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Charge\ChargedAs;
use MoltenNotes\Core\Charge\Composition;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Charge\PotLine;
use MoltenNotes\Core\Charge\PotMetal;
use MoltenNotes\Core\Charge\PotVerdict;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a pot is made of, from what went into it. */
final class PotMetalTest extends TestCase
{
    /** @param array<string, float> $typed per cent */
    private static function line(
        float $kg,
        array $typed,
        ?string $alloy,
        string $known = 'certified',
        float $loss = 0.0,
        ChargedAs $as = ChargedAs::Cold,
        float $remelts = 0.0,
    ): PotLine {
        $shares = array_map(static fn (float $share): float => $share / 100, $typed);

        return new PotLine(
            $alloy ?? 'metal',
            Estimate::exact(Dimension::Mass, $kg),
            Estimate::ratio($loss),
            Composition::told($shares, $alloy, Knowledge::of($known)),
            $remelts,
            $as,
        );
    }

    /** Alligation, as every assay book has it: fine silver 999 with eight parts of copper to a hundred is sterling. */
    public function testSilverAndCopperMakeSterling(): void
    {
        $pot = PotMetal::of([
            self::line(0.1, ['Cu' => 0.1], 'silver_999'),
            self::line(0.008, ['Sn' => 0.0], 'copper'),
        ]);
        self::assertNotNull($pot->composition);

        self::assertSame('Ag', $pot->composition->base);
        // A trace of the copper is lost as scale: 7.5 % of copper and a little less.
        self::assertEqualsWithDelta(0.0742, $pot->composition->share('Cu')->si, 0.0006);
        self::assertEqualsWithDelta(0.9255, $pot->composition->share('Ag')->si, 0.001);
        $verdict = PotVerdict::of($pot->composition, AlloyTable::get('silver_925'));
        self::assertNotSame('bad', $verdict->standing, $verdict->sentence);
    }

    public function testWhatBurnsOffIsMissingAfterwardsAndEachMeltTakesItsShare(): void
    {
        $wheels = self::line(2.0, ['Si' => 7.0, 'Mg' => 0.35, 'Fe' => 0.12], 'al_si7mg');
        $once = PotMetal::of([$wheels]);
        self::assertNotNull($once->composition);
        self::assertLessThan(0.0035, $once->composition->share('Mg')->si);
        self::assertGreaterThan(0.0035 * 0.75, $once->composition->share('Mg')->si);
        self::assertGreaterThan(0.0012, $once->composition->share('Fe')->si, 'iron tools leave iron');

        $again = PotMetal::of([
            new PotLine('again', $once->mass, Estimate::ratio(0.0), $once->composition, $once->remelts),
        ]);
        self::assertNotNull($again->composition);
        self::assertLessThan($once->composition->share('Mg')->si, $again->composition->share('Mg')->si);
        self::assertGreaterThan($once->composition->share('Fe')->si, $again->composition->share('Fe')->si);
        self::assertSame(2.0, $again->remelts);
        // What was liquid already has lost what it loses.
        $still = PotMetal::of([
            new PotLine('pot', $once->mass, Estimate::ratio(0.0), $once->composition, 1.0, ChargedAs::Liquid),
        ]);
        self::assertEqualsWithDelta($once->composition->share('Mg')->si, $still->composition?->share('Mg')->si ?? 0.0, 1e-12);
    }

    public function testAPotOfPartsIsBetweenItsPartsAndSharesMakeAWhole(): void
    {
        $chance = new Randomizer(new Mt19937(11));
        for ($i = 0; $i < 200; ++$i) {
            $lines = [];
            for ($k = 0; $k < $chance->getInt(1, 5); ++$k) {
                $lines[] = self::line(
                    $chance->getInt(1, 500) / 100,
                    ['Si' => $chance->getInt(0, 130) / 10, 'Cu' => $chance->getInt(0, 40) / 10],
                    'al_si9cu3',
                    'assayed',
                    $chance->getInt(0, 20) / 100,
                );
            }
            $pot = PotMetal::of($lines);
            self::assertNotNull($pot->composition);
            $cu = array_map(static fn (PotLine $line): float => $line->composition?->share('Cu')->si ?? 0.0, $lines);
            self::assertGreaterThanOrEqual(min($cu) - 1e-12, $pot->composition->share('Cu')->si);
            self::assertLessThanOrEqual(max($cu) + 1e-12, $pot->composition->share('Cu')->si);
            self::assertEqualsWithDelta(1.0, array_sum($pot->composition->middle()), 1e-9);
            foreach ($pot->composition->shares as $share) {
                self::assertLessThanOrEqual($share->si, $share->lowSi);
                self::assertGreaterThanOrEqual($share->si, $share->highSi);
            }
        }
    }

    public function testTheLessIsKnownTheWiderItIsAndTheLessIsSaid(): void
    {
        $typed = ['Si' => 7.0, 'Mg' => 0.4, 'Fe' => 0.3];
        $spreads = [];
        foreach (['certified', 'assayed', 'by_part', 'guessed'] as $known) {
            $pot = PotMetal::of([self::line(3.0, $typed, 'al_si7mg', $known)]);
            self::assertNotNull($pot->composition);
            $share = $pot->composition->share('Si');
            $spreads[] = $share->highSi - $share->lowSi;
        }
        self::assertSame($spreads, array_values(array_unique($spreads)));
        $sorted = $spreads;
        sort($sorted);
        self::assertSame($sorted, $spreads);

        $sure = PotVerdict::of(PotMetal::of([self::line(3.0, $typed, 'al_si7mg')])->composition, AlloyTable::get('al_si7mg'));
        $guess = PotVerdict::of(
            PotMetal::of([self::line(3.0, ['Si' => 7.0], 'al_si7mg', 'guessed')])->composition,
            AlloyTable::get('al_si7mg'),
        );
        self::assertSame('good', $sure->standing, $sure->sentence);
        self::assertSame('risky', $guess->standing);
        self::assertStringContainsString('May be', $guess->sentence);
    }

    public function testMetalOfWhichNothingIsKnownIsNotMadeUp(): void
    {
        $unknown = new PotLine('A bucket', Estimate::exact(Dimension::Mass, 1.0), Estimate::ratio(0.05), null, 0.0);
        $pot = PotMetal::of([self::line(1.0, [], 'al_si12'), $unknown]);

        self::assertNull($pot->composition);
        self::assertSame(['A bucket'], $pot->unknown());
        self::assertEqualsWithDelta(1.95, $pot->mass->si, 1e-9);
        self::assertStringContainsString('cannot be told', PotVerdict::of($pot->composition, AlloyTable::get('al_si12'))->sentence);
    }

    public function testAnotherMetalThanWasWantedIsSaidFirst(): void
    {
        $pot = PotMetal::of([self::line(2.0, [], 'yellow_brass')]);
        $verdict = PotVerdict::of($pot->composition, AlloyTable::get('al_si12'));

        self::assertSame('bad', $verdict->standing);
        self::assertSame('It is no Al-Si12: most of it is Cu.', $verdict->sentence);
    }

    public function testTheWorkingNamesEachLotAndWhatTheMeltTakes(): void
    {
        $pot = PotMetal::of([self::line(1.0, ['Mg' => 0.4], 'al_si7mg'), self::line(1.0, ['Mg' => 0.3], 'al_si7mg')]);
        self::assertNotNull($pot->composition);
        $working = $pot->working('Mg', $pot->composition->share('Mg'), new QuantityFormatter(UnitPreferences::metric()))->toArray();
        $words = json_encode($working, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);

        self::assertStringContainsString('Mg that a melt keeps', $words);
        self::assertStringContainsString('0.4', $words);
        self::assertSame('derived', $working['mark']);
    }
}
