<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Pattern;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Pattern\PatternStages;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use PHPUnit\Framework\TestCase;

/** From the first pattern to the metal: the product of what each step takes. */
final class PatternStagesTest extends TestCase
{
    /**
     * @param array<string, mixed> $columns
     *
     * @return array{id: string, name: string, columns: array<string, mixed>, length: Measurement|null}
     */
    private static function stage(string $id, string $form, array $columns = [], ?float $mm = null): array
    {
        return [
            'id' => $id,
            'name' => ucfirst($id),
            'columns' => ['form' => $form] + $columns,
            'length' => null === $mm ? null : Measurement::of($mm, 'mm'),
        ];
    }

    /** @param list<array{id: string, name: string, columns: array<string, mixed>, length: Measurement|null}> $chain */
    private static function stages(array $chain, ?float $castingMm = null, ?float $wantedMm = null): PatternStages
    {
        return PatternStages::of(
            $chain,
            AlloyTable::get('al_si7mg'),
            null === $castingMm ? null : Measurement::of($castingMm, 'mm'),
            null === $wantedMm ? null : Length::of($wantedMm, 'mm'),
            new QuantityFormatter(UnitPreferences::metric()),
        );
    }

    /** @return array{id: string, name: string, columns: array<string, mixed>, length: null} */
    private static function smaller(string $id, string $form, float $percent): array
    {
        return [
            'id' => $id, 'name' => $id, 'columns' => ['form' => $form, 'contraction' => Measurement::of($percent, 'percent')],
            'length' => null,
        ];
    }

    public function testPrintSiliconeWaxMetalIsTheProductOfTheirFactors(): void
    {
        // By hand: 1/(1 − 0.003) · 1/(1 − 0.012) · 1/(1 − 0.013) = 1.02862; 100 mm of casting want 102.86 mm of print.
        $stages = self::stages([
            self::stage('print', 'print'), self::smaller('rubber', 'silicone_mould', 0.3), self::smaller('wax', 'wax', 1.2),
        ], null, 100.0)->stages;

        self::assertEqualsWithDelta(1 / 0.997 / 0.988 / 0.987, $stages[0]->toMetal->si, 1e-9);
        self::assertEqualsWithDelta(1 / 0.988 / 0.987, $stages[1]->toMetal->si, 1e-9);
        self::assertEqualsWithDelta(1 / 0.987, $stages[2]->toMetal->si, 1e-9);
        self::assertNotNull($stages[0]->size);
        self::assertEqualsWithDelta(102.86, 1000 * $stages[0]->size->si, 0.01);
        self::assertStringStartsWith("102.9\u{a0}mm (", PatternStages::size(
            $stages[0]->size,
            new QuantityFormatter(UnitPreferences::metric()),
        ));
        self::assertSame('1.0286', $stages[0]->working->result);
    }

    public function testEachStageIsLargerThanTheOneAfterItAndAFurtherStepNeverMakesTheFirstSmaller(): void
    {
        $short = self::stages([self::stage('print', 'print'), self::stage('wax', 'wax')])->stages;
        $long = self::stages([
            self::stage('print', 'print'), self::stage('rubber', 'silicone_mould'), self::stage('wax', 'wax'),
        ])->stages;

        self::assertGreaterThan($short[1]->toMetal->si, $short[0]->toMetal->si);
        self::assertGreaterThan($short[0]->toMetal->si, $long[0]->toMetal->si);
    }

    public function testWhatWasMeasuredOfTwoStagesGoesBeforeWhatIsUsual(): void
    {
        $stages = self::stages([self::stage('print', 'print', [], 103.0), self::stage('wax', 'wax', [], 102.0)], 100.5)->stages;

        self::assertSame('measured', $stages[1]->how);
        self::assertEqualsWithDelta(1 - 102 / 103, $stages[1]->step->si ?? 0, 1e-9);
        self::assertEqualsWithDelta(103 / 100.5, $stages[0]->toMetal->si, 1e-9, 'all of it was measured: the ends decide');
    }

    public function testAStageThatCannotBeMeasuredSharesWhatWasMeasuredRoundIt(): void
    {
        $stages = self::stages([
            self::stage('print', 'print', [], 103.0), self::stage('rubber', 'silicone_mould'), self::stage('wax', 'wax', [], 101.5),
        ], 100.0)->stages;

        self::assertEqualsWithDelta(1.03, $stages[0]->toMetal->si, 1e-9, 'rubber and wax together are what was measured');
        self::assertEqualsWithDelta(1.03, $stages[0]->toMetal->highSi, 1e-9, 'and carry no doubt of their own');
        self::assertSame('usual', $stages[1]->how);
        self::assertSame('measured', $stages[2]->how);
    }

    public function testTwoDifferentEdgesAreNotBelieved(): void
    {
        $stages = self::stages([self::stage('print', 'print', [], 103.0), self::stage('wax', 'wax', [], 60.0)]);

        self::assertSame('usual', $stages->stages[1]->how);
        self::assertStringContainsString('is not the contraction of one edge', implode(' ', $stages->doubts));
        $larger = self::stages([self::stage('print', 'print', [], 103.0)], 140.0);
        self::assertNotSame([], $larger->doubts, 'a casting larger than its pattern');
    }

    public function testTheStepsBeforeTheMetalAreOneContractionForTheRecord(): void
    {
        self::assertNull(self::stages([self::stage('print', 'print')])->beforeTheMetal());
        $both = self::stages([
            self::stage('print', 'print'), self::smaller('rubber', 'silicone_mould', 0.3), self::smaller('wax', 'wax', 1.2),
        ])->beforeTheMetal();
        self::assertNotNull($both);
        self::assertEqualsWithDelta(1 - 0.997 * 0.988, $both->si, 1e-9);
    }

    public function testAChainEndsWhereSomethingIsMissingOrGoesInACircle(): void
    {
        self::assertSame(['a', 'b', 'c'], PatternStages::chain('c', ['a' => null, 'b' => 'a', 'c' => 'b']));
        self::assertSame(['b', 'c'], PatternStages::chain('c', ['b' => 'gone', 'c' => 'b']));
        self::assertSame(['a', 'b'], PatternStages::chain('b', ['a' => 'b', 'b' => 'a']));
        self::assertTrue(PatternStages::isCircle('a', ['a' => 'b', 'b' => 'a']));
        self::assertTrue(PatternStages::isCircle('a', ['a' => 'a']));
        self::assertFalse(PatternStages::isCircle('c', ['a' => 'b', 'b' => 'a', 'c' => 'a']), 'hangs on a circle, and is in none');
    }
}
