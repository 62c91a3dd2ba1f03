<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Pattern;

use MoltenNotes\Core\Pattern\PatternForm;
use MoltenNotes\Core\Pattern\PatternLife;
use MoltenNotes\Core\Pattern\PatternUse;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Table;
use PHPUnit\Framework\TestCase;

/** What patterns, and moulds that are used again, are told to their caster by their books. */
final class PatternLifeTest extends TestCase
{
    /**
     * @param array<string, mixed> $columns
     * @param list<PatternUse> $book
     */
    private static function life(string $form, array $columns = [], array $book = []): PatternLife
    {
        $known = PatternForm::find($form);
        self::assertNotNull($known);

        return PatternLife::of($known, $columns, $book, new QuantityFormatter(UnitPreferences::metric()));
    }

    /** @return list<PatternUse> */
    private static function moulds(int $count, int $castings = 1): array
    {
        return array_map(static fn (int $i): PatternUse => new PatternUse(100.0 + $i, 'mould', $castings), range(1, $count));
    }

    public function testEveryFormThatCanBePickedIsInTheTableAndTheOtherWayRound(): void
    {
        $forms = array_column(Table::rows(dirname(__DIR__, 3).'/core/Pattern/Data/forms.php', [
            'form', 'uses', 'counts', 'contraction', 'pattern_kind', 'serves', 'keep',
        ], ['once' => false, 'holds' => false]), 'form');
        self::assertEqualsCanonicalizing(array_keys(Choices::list('pattern_form')), $forms);
        foreach ($forms as $form) {
            $kind = PatternForm::find(is_string($form) ? $form : '')?->patternKind;
            self::assertTrue(null === $kind || isset(Choices::list('pattern_kind')[$kind]), (string) $kind);
        }
        foreach (Choices::list('pattern_found') as $found => $row) {
            $words = self::life('wood', [], [new PatternUse(1.0, 'pattern_look', 0, $found)])->words;
            self::assertSame('sound' === $found, [] === $words, "{$found}: whoever finds that is told what to do");
        }
    }

    public function testALoosePatternIsUsedOnceForEachCastingAndAMatchPlateOnceForAllOfAMould(): void
    {
        self::assertSame(6 + 4 * 3, self::life('wood', ['uses' => 6], self::moulds(3, 4))->uses);
        self::assertSame(6 + 3, self::life('match_plate', ['uses' => 6], self::moulds(3, 4))->uses);
    }

    public function testFoamsAreUsedUpAndTheLastOneHasNoSpare(): void
    {
        $two = self::life('foam', ['pieces' => 3], self::moulds(1));
        self::assertSame([2, 'good'], [$two->left, $two->standing]);
        $one = self::life('foam', ['pieces' => 3], self::moulds(2));
        self::assertSame('risky', $one->standing);
        self::assertStringContainsString('no spare', $one->words[0]);
        $none = self::life('foam', ['pieces' => 3], self::moulds(3));
        self::assertSame([0, 'bad'], [$none->left, $none->standing]);
        self::assertStringStartsWith('None is left', $none->words[0]);
        $over = self::life('foam', ['pieces' => 3], self::moulds(4));
        self::assertSame(0, $over->left);
        self::assertStringContainsString('count what is left', $over->words[0]);

        $counted = self::life('foam', ['pieces' => 3], [...self::moulds(4), new PatternUse(200.0, 'pattern_counted', 5)]);
        self::assertSame(5, $counted->left, 'whoever counts is right');
        $made = self::life('foam', ['pieces' => 3], [new PatternUse(1.0, 'pattern_made', 4), ...self::moulds(2)]);
        self::assertSame(5, $made->left);
        self::assertNull(self::life('wood', ['pieces' => 3])->left, 'nothing is used up of a wooden one');
    }

    public function testWhatIsBrokenIsOutUntilItIsMended(): void
    {
        foreach (['warped', 'cracked', 'torn', 'hard', 'lost', 'retired'] as $found) {
            $life = self::life('silicone_mould', [], [new PatternUse(1.0, 'pattern_look', 0, $found)]);
            self::assertTrue($life->isOut, $found);
            self::assertSame('bad', $life->standing);
            self::assertFalse(self::life('silicone_mould', [], [
                new PatternUse(1.0, 'pattern_look', 0, $found), new PatternUse(2.0, 'pattern_repaired'),
            ])->isOut, 'mended since');
        }
        $scratched = self::life('wood', [], [new PatternUse(1.0, 'pattern_look', 0, 'scratched')]);
        self::assertSame([false, 'risky', 'rough'], [$scratched->isOut, $scratched->standing, $scratched->surface]);
    }

    public function testItIsSaidToBeOldBeforeItFailsAndMoreUseIsNeverBetter(): void
    {
        $rank = ['plain' => 0, 'good' => 0, 'risky' => 1, 'bad' => 2];
        $before = 0;
        for ($uses = 0; $uses <= 400; $uses += 5) {
            $now = $rank[self::life('wood', ['uses' => $uses])->standing];
            self::assertGreaterThanOrEqual($before, $now, "{$uses} uses");
            $before = $now;
        }
        self::assertSame(2, $before);
        self::assertStringContainsString('first of its kind fail from 60 on', self::life('wood', ['uses' => 50])->words[0]);
    }

    public function testNobodyLooksForLongIsSaidAndALookTakesItBack(): void
    {
        $book = self::moulds(26);
        self::assertStringContainsString('Look it over: used 26 times', implode(' ', self::life('metal', [], $book)->words));
        $looked = [...$book, new PatternUse(1000.0, 'pattern_look', 0, 'sound')];
        self::assertSame([], self::life('metal', [], $looked)->words);
    }

    public function testWearIsTheLineThroughWhatWasMeasuredAndSaysHowManyUsesAreLeft(): void
    {
        // 0.01 mm a use, measured without error: 100.00, 99.90, 99.80 after 0, 10, 20; it may lose 0.5 mm, so 50 in all.
        $book = [];
        foreach ([0, 10, 20] as $step => $uses) {
            if ($uses > 0) {
                $book[] = new PatternUse(10.0 * $step, 'pattern_used', 10);
            }
            $book[] = new PatternUse(10.0 * $step + 1, 'pattern_look', 0, 'sound', Measurement::of(100 - 0.01 * $uses, 'mm'));
        }
        $life = self::life('wood', ['may_wear' => Measurement::of(0.5, 'mm')], $book);
        self::assertNotNull($life->usesLeft);
        self::assertEqualsWithDelta(30, $life->usesLeft->si, 0.5);
        self::assertStringContainsString('30 more uses', $life->wear->result ?? '');

        $rough = [];
        foreach ($book as $line) {
            $rough[] = null === $line->length ? $line : new PatternUse(
                $line->at,
                $line->kind,
                0,
                'sound',
                Measurement::of($line->length->in('mm') - 0.05, 'mm', $line->length->in('mm') + 0.05),
            );
        }
        $wide = self::life('wood', ['may_wear' => Measurement::of(0.5, 'mm')], $rough)->usesLeft;
        self::assertNotNull($wide);
        self::assertLessThan($life->usesLeft->lowSi, $wide->lowSi, 'who measures roughly knows less');
        self::assertGreaterThan($life->usesLeft->highSi, $wide->highSi);

        self::assertNull(self::life('wood', [], $book)->usesLeft, 'nobody said what it may lose');
        $worn = self::life('wood', ['may_wear' => Measurement::of(0.15, 'mm')], $book);
        self::assertSame('bad', $worn->standing);
        self::assertStringContainsString('worn by what it may', implode(' ', $worn->words));
    }
}
