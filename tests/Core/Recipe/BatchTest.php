<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Recipe;

use MoltenNotes\Core\Process\MouldProcess;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\Volume;
use MoltenNotes\Core\Recipe\Batch;
use MoltenNotes\Core\Recipe\Recipe;
use PHPUnit\Framework\TestCase;

/** Batches against the mixing ratios of the trade. */
final class BatchTest extends TestCase
{
    /** Common practice: binder is of sand mass; 964 parts of sand at 7 % want 67.5. */
    public function testBinderIsOfTheSandsMass(): void
    {
        $recipe = self::own('silicate_sand', ['parts' => ['Sand, dry' => 100.0, 'Sodium silicate' => 7.0]]);
        $kg = self::masses(self::batch($recipe, [1.0]));

        self::assertEqualsWithDelta(67.5 / 964, $kg['Sodium silicate'] / $kg['Sand, dry'], 1e-4);
        self::assertSame(['Sand, dry', 'Sodium silicate'], array_keys($kg));
    }

    /** Investment 40:100 by mass: powder of 2600 kg/m³ and water fill their own volumes; a litre and its 12 % reserve. */
    public function testInvestmentFillsWhatItIsMixedFor(): void
    {
        $kg = self::masses(self::batch(Recipe::standard()['investment'], [1.0]));

        self::assertEqualsWithDelta(0.40, $kg['Water'] / $kg['Investment powder'], 1e-9);
        self::assertEqualsWithDelta(1.12, $kg['Water'] / 1.0 + $kg['Investment powder'] / 2.6, 1e-6);
        self::assertSame('Water', array_key_first($kg), 'powder into water, never the other way round');
    }

    public function testTwoFlasksInOneBatchAreTheirSum(): void
    {
        $recipe = Recipe::standard()['investment'];
        $both = self::masses(self::batch($recipe, [1.2, 0.8]));
        $one = self::masses(self::batch($recipe, [2.0]));

        self::assertEqualsWithDelta($one['Water'], $both['Water'], 1e-9);
    }

    public function testACoatGoesByItsFaceAndItsCoats(): void
    {
        $recipe = Recipe::standard()['foam_coat'];
        $mass = static fn (float $cm2, int $coats): float => Batch::of($recipe, self::format(), [], Area::of($cm2, 'cm2'), $coats)->mass->si
            ?? 0.0;

        // 1000 cm² at 0.7 mm are 70 cm³; filler of 1650 with a quarter of water 1.46 kg/L; a quarter of reserve.
        self::assertEqualsWithDelta(0.07 * (125 / (100 / 1.65 + 25)) * 1.25, $mass(1000, 1), 1e-3);
        self::assertEqualsWithDelta(2 * $mass(1000, 1), $mass(1000, 2), 1e-9);
        self::assertEqualsWithDelta(2 * $mass(1000, 1), $mass(2000, 1), 1e-9);
    }

    /** Resin: cold sand doubles the time for each 10 K (common practice). */
    public function testColdDoublesTheTimeOfResin(): void
    {
        $resin = Recipe::standard()['resin_sand'];
        $works = static fn (float $celsius): float => self::batch($resin, [5.0], $celsius)->timers[0]['seconds']->si;

        self::assertEqualsWithDelta(2 * $works(20), $works(10), 1e-6);
        self::assertEqualsWithDelta(480, $works(20), 1e-6);
        self::assertLessThan($works(20), $works(30));
    }

    public function testABucketThatIsTooSmallSaysHowManyBatchesAndWhatThatMeans(): void
    {
        $plaster = self::batch(Recipe::standard()['investment'], [4.0], 20, 5.0);
        $rubber = self::batch(Recipe::standard()['silicone_tin'], [4.0], 20, 5.0);

        self::assertSame(2, $plaster->count);
        self::assertSame('bad', $plaster->warnings[0]['standing'] ?? '');
        self::assertSame(2, $rubber->count);
        self::assertSame([], $rubber->warnings);
        self::assertSame(1, self::batch(Recipe::standard()['investment'], [4.0], 20, 8.0)->count);
    }

    public function testHotWaterThatSetsBeforeItIsPouredIsSaid(): void
    {
        self::assertSame([], self::batch(Recipe::standard()['investment'], [1.0], 20)->warnings);
        $hot = self::batch(Recipe::standard()['investment'], [1.0], 45)->warnings;
        self::assertStringContainsString('cool the water', $hot[0]['words'] ?? '');
    }

    public function testNothingToFillIsNothingToMix(): void
    {
        self::assertNull(Batch::of(Recipe::standard()['investment'], self::format(), []));
        self::assertNull(Batch::of(Recipe::standard()['foam_coat'], self::format(), [Volume::of(1, 'L')]));
    }

    public function testARecipeOfOnesOwnKeepsWhatItDoesNotSay(): void
    {
        $own = self::own('investment', ['parts' => ['Water' => 38.0, 'Wetting drops' => 0.5], 'works' => Measurement::of(6, 'min')]);
        $base = Recipe::standard()['investment'];

        self::assertSame(['Water', 'Investment powder', 'Wetting drops'], array_column($own->parts, 'name'));
        self::assertSame([38.0, 100.0, 0.5], array_column($own->parts, 'parts'));
        self::assertSame(360.0, $own->works?->si());
        self::assertSame($base->sets?->si(), $own->sets?->si());
        self::assertSame($base->cautions, $own->cautions);
        self::assertNull(Recipe::own('x', null, ['like' => 'gone']));
    }

    public function testEveryRecipeServesAProcessThatThereIsAndHasWholeParts(): void
    {
        foreach (Recipe::standard() as $code => $recipe) {
            self::assertSame([], array_diff($recipe->serves, array_keys(MouldProcess::all())), $code);
            self::assertGreaterThan(500.0, $recipe->density()->si(), $code);
            self::assertLessThan(3000.0, $recipe->density()->si(), $code);
            self::assertSame('area' === $recipe->by, null !== $recipe->thickness, $code);
        }
    }

    /** @param list<float> $litres */
    private static function batch(Recipe $recipe, array $litres, float $celsius = 20.0, ?float $bucket = null): Batch
    {
        return Batch::of(
            $recipe,
            self::format(),
            array_map(static fn (float $one): Volume => Volume::of($one, 'L'), $litres),
            null,
            1,
            Temperature::fromCelsius($celsius),
            null === $bucket ? null : Volume::of($bucket, 'L'),
        ) ?? throw new \LogicException('nothing to mix');
    }

    /** @return array<string, float> part → kg, in the order of mixing */
    private static function masses(Batch $batch): array
    {
        $masses = [];
        foreach ($batch->lines as $line) {
            $masses[$line['name']] = $line['figure']->value->si;
        }

        return $masses;
    }

    /** @param array<string, mixed> $columns */
    private static function own(string $like, array $columns): Recipe
    {
        return Recipe::own('own', 'My own', ['like' => $like] + $columns) ?? throw new \LogicException('no recipe');
    }

    private static function format(): QuantityFormatter
    {
        return new QuantityFormatter(UnitPreferences::metric());
    }
}
