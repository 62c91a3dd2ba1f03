<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Diagnosis;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Diagnosis\Judge;
use MoltenNotes\Core\Diagnosis\KnownCase;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\RejectedRecord;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The diagnosis against pours of which it is known what really happened; half of them were kept back while the rules were made. */
final class JudgeTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function halves(): iterable
    {
        yield 'open' => ['open'];
        yield 'kept back' => ['kept'];
    }

    /** What was measured when this was written, less a few cases: it may get better, and should somebody make it worse it is seen. */
    #[DataProvider('halves')]
    public function testTheTruthStandsFirstAndInnocentsAreLeftAlone(string $half): void
    {
        $cases = self::cases($half);
        self::assertCount(60, $cases);
        $judge = Judge::of($cases, new Diagnose(Catalogue::standard(), UnitPreferences::metric()));
        $near = array_sum(array_map(static fn (KnownCase $case): int => count($case->near), $cases));

        self::assertGreaterThanOrEqual(0.93, $judge->hits(1));
        self::assertGreaterThanOrEqual(0.97, $judge->hits(3));
        self::assertLessThanOrEqual(0.07, $judge->innocents());
        self::assertGreaterThanOrEqual(0.75, $judge->nearMisses($near));
        self::assertLessThanOrEqual(0.15, $judge->shouting());
        self::assertLessThan(0.065, $judge->brier);
        foreach ($judge->calibration as $bin) {
            if ($bin['from'] >= 0.7 && $bin['count'] > 4) {
                self::assertGreaterThanOrEqual($bin['from'] - 0.05, $bin['true'], 'of what is called likely, as much is so');
            }
        }
    }

    /** Every mould process and every family of metals, good castings and near misses among them. */
    public function testTheCasesSpanTheCraft(): void
    {
        $cases = [...self::cases('open'), ...self::cases('kept')];
        $told = static fn (array $codes): int => count(array_unique(array_filter($codes)));
        $processes = array_map(static fn (KnownCase $case): ?string => $case->record->values()->choice('mould.process'), $cases);
        $alloys = array_map(static fn (KnownCase $case): ?string => $case->record->values()->choice('metal.alloy'), $cases);
        self::assertSame(10, $told($processes));
        self::assertGreaterThanOrEqual(14, $told($alloys));
        self::assertGreaterThanOrEqual(10, count(array_filter($cases, static fn (KnownCase $case): bool => null === $case->truth)));
        self::assertGreaterThanOrEqual(40, count(array_unique(array_filter(array_map(
            static fn (KnownCase $case): string => $case->truth ?? '',
            $cases,
        )))));
        foreach ($cases as $case) {
            self::assertSame([], array_intersect($case->clear, [$case->truth, ...$case->also]), $case->name);
        }
    }

    public function testACaseThatIsNoneSaysWhere(): void
    {
        $good = ['format' => KnownCase::FORMAT, 'version' => 1, 'truth' => null, 'because' => 'So.', 'document' => [
            'format' => 'molten-notes/attempt', 'version' => 1,
        ]];
        self::assertNull(KnownCase::read('good', $good, Catalogue::standard())->truth);
        foreach (
            [
                '/format' => ['format' => 'other'] + $good,
                '/truth' => ['truth' => 'bad_luck'] + $good,
                '/clear' => ['clear' => ['sand_wet', 7]] + $good,
                '/because' => ['because' => ' '] + $good,
                '/more' => ['more' => 1] + $good,
            ] as $pointer => $case
        ) {
            try {
                KnownCase::read('bad', $case, Catalogue::standard());
                self::fail($pointer);
            } catch (RejectedRecord $refused) {
                self::assertSame($pointer, $refused->problems[0]->pointer);
            }
        }
    }

    /** @return list<KnownCase> */
    private static function cases(string $half): array
    {
        $cases = [];
        foreach (glob(dirname(__DIR__, 2)."/Cases/{$half}/*.json") ?: [] as $file) {
            $cases[] = KnownCase::read(
                basename($file, '.json'),
                json_decode((string) file_get_contents($file), true, 32, \JSON_THROW_ON_ERROR),
                Catalogue::standard(),
            );
        }

        return $cases;
    }
}
