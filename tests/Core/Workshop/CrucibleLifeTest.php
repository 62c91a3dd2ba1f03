<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Workshop;

use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Workshop\CrucibleLife;
use MoltenNotes\Core\Workshop\FurnaceCare;
use MoltenNotes\Core\Workshop\Supply;
use PHPUnit\Framework\TestCase;

/** What crucibles, furnaces and consumables are told to their caster by their books. */
final class CrucibleLifeTest extends TestCase
{
    /** @return list<array{float, string|null}> */
    private static function heats(int $count, ?string $family = 'aluminium'): array
    {
        return array_map(static fn (int $i): array => [1000.0 + $i, $family], range(1, $count));
    }

    public function testANewOneIsFiredFirstAndThenNobodySaysItAgain(): void
    {
        $new = CrucibleLife::of(['kind' => 'clay_graphite'], [], []);
        self::assertStringStartsWith('Fire it before its first metal.', $new->words[0]);
        self::assertSame('risky', $new->standing);

        self::assertSame([], CrucibleLife::of(['kind' => 'clay_graphite'], [[1.0, 'fired']], [])->words);
    }

    public function testOneMetalEach(): void
    {
        $life = CrucibleLife::of(['kind' => 'carbide'], [], [...self::heats(2), [2000.0, 'copper']]);

        self::assertStringContainsString('It has held copper, brass, bronze as well', implode(' ', $life->words));
        self::assertSame('aluminium', $life->family, 'the metal it began with');
        self::assertSame([], CrucibleLife::of(['kind' => 'carbide', 'family' => 'aluminium'], [], self::heats(2))->words);
        self::assertStringContainsString(
            'as well',
            implode(' ', CrucibleLife::of(['kind' => 'carbide', 'family' => 'copper'], [], self::heats(2))->words),
        );
    }

    public function testACrackIsTheEndOfItWhateverALaterLookSays(): void
    {
        foreach (['hairline', 'cracked'] as $found) {
            $life = CrucibleLife::of(['kind' => 'carbide'], [[1.0, $found], [2.0, 'sound']], self::heats(1));
            self::assertTrue($life->isOut, $found);
            self::assertSame('bad', $life->standing);
        }
        self::assertTrue(CrucibleLife::of([], [[1.0, 'retired']], [])->isOut);
        self::assertFalse(CrucibleLife::of([], [[1.0, 'retired'], [2.0, 'sound']], [])->isOut, 'taken back into use');
    }

    public function testHeatsAreCountedWithThoseBeforeTheNotebookAndOldOnesAreSaidToBeOld(): void
    {
        $life = CrucibleLife::of(['kind' => 'clay_graphite', 'heats' => 28], [[1100.0, 'sound']], self::heats(3));
        self::assertSame(31, $life->heats);
        self::assertStringContainsString('the first of its kind fail from 30 on', implode(' ', $life->words));
        self::assertSame('bad', CrucibleLife::of(['kind' => 'clay_graphite', 'heats' => 90], [], [])->standing);
        self::assertStringContainsString('8 heats since', implode(' ', CrucibleLife::of([], [], self::heats(8))->words));
    }

    public function testAMetalThatEatsItIsSaid(): void
    {
        $life = CrucibleLife::of(['kind' => 'iron'], [], self::heats(1));
        self::assertSame('bad', $life->standing);
        self::assertStringContainsString('eats it', $life->words[0]);
        self::assertSame([], CrucibleLife::of(['kind' => 'iron'], [], self::heats(1, 'tin'))->words);
    }

    public function testALeakIsNotLitUntilItWasSound(): void
    {
        $leaks = FurnaceCare::of([[1.0, 'leak']], [], 100.0);
        self::assertSame('bad', $leaks->standing);
        self::assertStringContainsString('do not light it', $leaks->sentence);
        self::assertSame('good', FurnaceCare::of([[1.0, 'leak'], [2.0, 'sound']], [], 100.0)->standing);
        self::assertSame('risky', FurnaceCare::of([], range(1.0, 12.0), 100.0)->standing);
        self::assertSame('plain', FurnaceCare::of([], [1.0], 100.0)->standing);
        self::assertSame('risky', FurnaceCare::of([[0.0, 'sound']], [-5.0], 200 * 86400.0)->standing);
    }

    public function testASupplyIsCountedUsedAndBought(): void
    {
        $kg = static fn (float $kg): Measurement => Measurement::of($kg, 'kg');
        $supply = Supply::of(
            ['mass' => $kg(20), 'least' => $kg(4)],
            [
                ['consumable_used', ['mass' => $kg(12)]],
                ['consumable_bought', ['mass' => $kg(5)]],
                ['consumable_counted', ['mass' => $kg(11)]],
                ['consumable_used', ['mass' => $kg(8)]],
            ],
        );
        self::assertEqualsWithDelta(3.0, $supply->kg, 1e-12);
        self::assertTrue($supply->isShort);
        self::assertFalse($supply->isOut);
        self::assertTrue(Supply::of(['pieces' => 2], [['consumable_used', ['pieces' => 5]]])->isOut);
        $unsaid = Supply::of([], [['consumable_used', ['mass' => $kg(1)]]]);
        self::assertNull($unsaid->kg, 'nobody said how much there was');
        self::assertFalse($unsaid->isOut);
    }
}
