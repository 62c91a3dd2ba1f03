<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Alloy;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\Alloy\Harm;
use MoltenNotes\Core\Charge\Composition;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Charge\PotHarm;
use PHPUnit\Framework\TestCase;

/** The tables of what alloys are made of, and of what ruins them. */
final class GradesTest extends TestCase
{
    public function testEveryAlloySaysWhatItIsMadeOfAndAWindowIsNoWiderThanTheMetal(): void
    {
        foreach (AlloyTable::all() as $alloy) {
            $grade = Grade::find($alloy->code);
            self::assertNotNull($grade, $alloy->code);
            self::assertSame(!$alloy->isGradeUnknown(), $grade->known, $alloy->code);
            $least = 0.0;
            foreach ($grade->windows as $element => [$low, $high]) {
                self::assertMatchesRegularExpression('/^[A-Z][a-z]?$/', $element);
                self::assertNotSame($grade->base, $element, "{$alloy->code}: the base is the rest");
                self::assertGreaterThanOrEqual(0.0, $low);
                self::assertGreaterThan($low, $high, "{$alloy->code} {$element}");
                $least += $low;
            }
            self::assertLessThan(0.6, $least, "{$alloy->code}: its base is most of it, or nearly");
        }
    }

    /** A grade that its own table calls brittle would be a slip of the pen; white iron and bells are meant to be hard. */
    public function testNoGradeOfTheTableIsRuinedByWhatItIsMadeOf(): void
    {
        foreach (Grade::all() as $code => $grade) {
            if (!$grade->known) {
                continue;
            }
            $middle = array_map(static fn (array $ends): float => ($ends[0] + $ends[1]) / 2, $grade->windows);
            $metal = Composition::told($middle, $code, Knowledge::of('certified'));
            self::assertNotNull($metal);
            $sure = array_filter(PotHarm::in($metal), static fn (PotHarm $harm): bool => $harm->sure);
            self::assertSame([], array_map(static fn (PotHarm $harm): string => $harm->harm->code, $sure), $code);
        }
    }

    /**
     * Facts of the trade (common practice): what ruins which metal.
     *
     * @param array<string, float> $typed per cent
     */
    #[\PHPUnit\Framework\Attributes\DataProvider('ruined')]
    public function testWhatRuinsAMetalIsNamed(string $alloy, array $typed, string $harm, string $kind): void
    {
        $metal = Composition::told(array_map(static fn (float $share): float => $share / 100, $typed), $alloy, Knowledge::of('assayed'));
        self::assertNotNull($metal);
        $found = [];
        foreach (PotHarm::in($metal) as $one) {
            $found[$one->harm->code] = [$one->harm->kind, $one->sure];
        }

        self::assertSame([$kind, true], $found[$harm] ?? null);
    }

    /** @return iterable<string, array{string, array<string, float>, string, string}> */
    public static function ruined(): iterable
    {
        yield 'solder in zinc' => ['zn_al4', ['Pb' => 0.2], 'zn_lead', 'forbidden'];
        yield 'pewter in zinc' => ['zn_al4', ['Sn' => 0.1], 'zn_tin', 'forbidden'];
        yield 'die castings with steel left in' => ['al_si9cu3', ['Fe' => 1.6], 'al_iron', 'brittle'];
        yield 'too much tin' => ['tin_bronze', ['Sn' => 17.0], 'cu_tin', 'brittle'];
        yield 'mirror metal' => ['bell_metal', ['Sn' => 30.0], 'cu_tin_bell', 'brittle'];
        yield 'half zinc' => ['yellow_brass', ['Zn' => 49.0], 'cu_zinc', 'brittle'];
        yield 'lead in the cup' => ['pewter_sb7cu2', ['Pb' => 4.0], 'sn_lead', 'forbidden'];
        yield 'soft solder on silver' => ['silver_925', ['Pb' => 0.3], 'ag_lead', 'brittle'];
        yield 'aluminium bronze in tin bronze' => ['tin_bronze', ['Al' => 0.3], 'cu_tin_aluminium', 'weak'];
        yield 'aluminium and copper, half and half' => ['aluminium_unknown', ['Cu' => 48.0, 'Si' => 0.0], 'al_copper', 'brittle'];
    }

    public function testMoreOfAHarmNeverTakesItAway(): void
    {
        foreach (Harm::all() as $harm) {
            $beside = null === $harm->with ? [] : [$harm->with[0] => $harm->with[1]];
            self::assertTrue($harm->strikes([$harm->element => $harm->from] + $beside), $harm->code);
            self::assertTrue($harm->strikes([$harm->element => $harm->to] + $beside), $harm->code);
            self::assertFalse($harm->strikes([$harm->element => $harm->from * 0.99] + $beside), $harm->code);
            self::assertFalse(null !== $harm->with && $harm->strikes([$harm->element => $harm->from]), $harm->code);
        }
    }
}
