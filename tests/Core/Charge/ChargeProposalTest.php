<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Charge;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Charge\ChargeProposal;
use MoltenNotes\Core\Charge\Lot;
use MoltenNotes\Core\Charge\LotState;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use PHPUnit\Framework\TestCase;

/** A charge of an alloy, from the shelf, for what a plan asks for. */
final class ChargeProposalTest extends TestCase
{
    /** @param array<string, float> $percent */
    private static function lot(string $name, float $kg, ?string $alloy, array $percent, float $price, ?float $piece = null): LotState
    {
        return LotState::first(Lot::from($name, $name, array_filter([
            'mass' => Measurement::of($kg, 'kg'),
            'alloy' => $alloy,
            'known' => 'assayed',
            'composition' => array_map(static fn (float $share): float => $share / 100, $percent),
            'price' => $price,
            'piece' => null === $piece ? null : Measurement::of($piece, 'kg'),
        ], static fn (mixed $column): bool => null !== $column)));
    }

    /** @return list<LotState> */
    private static function shelf(): array
    {
        return [
            self::lot(
                'Wheels',
                6.0,
                'al_si7mg',
                ['Si' => 7.0, 'Mg' => 0.38, 'Fe' => 0.15, 'Cu' => 0.02, 'Mn' => 0.02, 'Zn' => 0.02, 'Ti' => 0.1],
                2.2,
                0.8,
            ),
            self::lot(
                'Pistons',
                3.0,
                'al_si12',
                ['Si' => 12.0, 'Mg' => 1.0, 'Fe' => 0.5, 'Cu' => 1.1, 'Mn' => 0.1, 'Zn' => 0.1],
                1.4,
                0.35,
            ),
            self::lot(
                'Extrusion',
                4.0,
                'al_mgsi_wrought',
                ['Si' => 0.45, 'Mg' => 0.5, 'Fe' => 0.2, 'Cu' => 0.05, 'Mn' => 0.03, 'Zn' => 0.02],
                1.1,
            ),
            self::lot('Pipe', 2.0, 'copper', [], 6.0),
        ];
    }

    private static function propose(float $kg, string $alloy, bool $whole = false, ?float $room = null): ChargeProposal
    {
        return ChargeProposal::of(
            $kg,
            AlloyTable::get($alloy),
            self::shelf(),
            $whole,
            $room,
            new QuantityFormatter(UnitPreferences::metric()),
        );
    }

    public function testItComesOutAsTheAlloyWithWhatTheMeltTakesReckonedIn(): void
    {
        $proposal = self::propose(3.0, 'al_si7mg');

        self::assertSame('good', $proposal->standing, $proposal->words);
        self::assertEqualsWithDelta(3.0, $proposal->pot?->mass->si, 1e-6);
        self::assertNotSame('bad', $proposal->verdict?->standing, (string) $proposal->verdict?->sentence);
        // Copper pipe costs six times as much and is not asked for; extrusion is cheap and thins.
        self::assertArrayNotHasKey('Pipe', $proposal->charge);
        self::assertArrayHasKey('Wheels', $proposal->charge);
    }

    public function testWholeIngotsAreWholeAndFitIntoThePot(): void
    {
        $proposal = self::propose(3.0, 'al_si7mg', true, 3.9);

        self::assertSame('good', $proposal->standing, $proposal->words);
        foreach (['Wheels' => 0.8, 'Pistons' => 0.35] as $lot => $piece) {
            $pieces = ($proposal->charge[$lot] ?? 0.0) / $piece;
            self::assertEqualsWithDelta(round($pieces), $pieces, 1e-6, $lot);
        }
        self::assertGreaterThanOrEqual(3.0 - 1e-6, $proposal->pot?->mass->si);
        self::assertLessThanOrEqual(3.9 + 1e-6, $proposal->pot?->mass->si);
    }

    public function testRunningShortSaysByHowMuch(): void
    {
        $proposal = self::propose(40.0, 'al_si7mg');
        $reach = ChargeProposal::reach(40.0, AlloyTable::get('al_si7mg'), self::shelf());

        self::assertSame('bad', $proposal->standing);
        self::assertStringContainsString('short by', $proposal->words);
        self::assertGreaterThan(5.0, $reach, 'all the wheels are of the grade already');
        self::assertLessThan(13.0, $reach);
        self::assertEqualsWithDelta(2.0, ChargeProposal::reach(2.0, AlloyTable::get('al_si7mg'), self::shelf()), 1e-9);
    }

    public function testWhatCannotBeMadeOfItIsSaid(): void
    {
        self::assertStringContainsString('nothing on the shelf', self::propose(1.0, 'zn_al4')->words);
        self::assertStringContainsString('nothing on the shelf', self::propose(1.0, 'silver_925')->words);
        self::assertStringContainsString('Sn too low', self::propose(1.0, 'tin_bronze')->words);
        self::assertStringContainsString('choose the alloy', self::propose(1.0, 'aluminium_unknown')->words);
    }

    public function testALotOfWhichNothingIsKnownIsLeftOutAndNamed(): void
    {
        $proposal = ChargeProposal::of(
            1.0,
            AlloyTable::get('al_si7mg'),
            [...self::shelf(), self::lot('Bucket', 5.0, null, [], 0.1)],
            false,
            null,
            new QuantityFormatter(UnitPreferences::metric()),
        );
        self::assertSame(['Bucket'], $proposal->left);
        self::assertArrayNotHasKey('Bucket', $proposal->charge);
    }
}
