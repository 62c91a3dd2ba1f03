<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Diagnosis;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Comparison;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Diagnosis\Diagnosis;
use MoltenNotes\Core\Quantity\UnitPreferences;
use PHPUnit\Framework\TestCase;

/** One attempt held against another: what was the same in the good one is less likely. */
final class ComparisonTest extends TestCase
{
    private const MADE = ['mould.process' => 'green_sand', 'sand.condition' => 'wet', 'venting.vents' => 2];
    private const BLOWN = [['kind' => 'blowhole']];

    public function testWhatWasTheSameInTheGoodOneIsLessLikely(): void
    {
        $alone = $this->why(null);
        $same = $this->why(['made' => self::MADE, 'verdict' => 'good']);
        $drier = $this->why(['made' => ['sand.condition' => 'good'] + self::MADE, 'verdict' => 'good']);

        self::assertLessThan($alone->odds['sand_wet'], $same->odds['sand_wet']);
        self::assertGreaterThan($alone->odds['sand_wet'], $drier->odds['sand_wet'], 'what was otherwise there stands out by it');
        self::assertContains('compared', array_column($same->ranked[0]->toArray()['contributions'], 'kind'));
    }

    public function testAFaultThatIsThereAgainSpeaksForWhatWasTheSame(): void
    {
        $again = $this->why(['made' => self::MADE, 'verdict' => 'scrap', 'findings' => self::BLOWN]);

        self::assertGreaterThan($this->why(null)->odds['sand_wet'], $again->odds['sand_wet']);
    }

    public function testAnAttemptThatNobodyJudgedSaysNothingOfCauses(): void
    {
        self::assertSame($this->why(null)->odds, $this->why(['made' => self::MADE])->odds);
    }

    public function testOneChangeIsNamedAndTwoAtOnceAreCalledSo(): void
    {
        $one = $this->why(['number' => 3, 'made' => ['sand.condition' => 'good'] + self::MADE, 'verdict' => 'good'])->compared;
        $two = $this->why(['made' => ['sand.condition' => 'good', 'venting.vents' => 6] + self::MADE, 'verdict' => 'good'])->compared;
        $none = $this->why(['made' => self::MADE, 'verdict' => 'good'])->compared;

        self::assertSame(
            'No. 3 came out good. One thing differs, Squeeze test: Sticky here, Breaks clean there. It is the first to look at.',
            $one?->words,
        );
        self::assertSame(['Sand too wet'], array_column($one->differences, 'moves'));
        self::assertStringContainsString('Two things differ at once', $two->words ?? '');
        self::assertSame(['sand.condition', 'venting.vents'], array_column($two->differences ?? [], 'field'), 'the more telling first');
        self::assertStringContainsString('not written down', $none->words ?? '');
        self::assertSame(3, $none?->alike);
    }

    /** Two degrees are the same temperature, twenty are not, whatever scale they are told in. */
    public function testNearlyTheSameIsTheSame(): void
    {
        $at = fn (string $temperature): int => count(Comparison::differing(
            $this->read(['made' => ['pour.temperature' => '700 C']]),
            $this->read(['made' => ['pour.temperature' => $temperature]]),
        ));

        self::assertSame([0, 0, 1, 1], [$at('702 C'), $at('1292 F'), $at('720 C'), $at('650 C')]);
    }

    /** A cause that the other record speaks for as loudly can only lose by the other's good outcome. */
    public function testMoreEvidenceHereNeverLowersACauseThroughTheComparison(): void
    {
        $other = ['made' => self::MADE, 'verdict' => 'scrap', 'findings' => self::BLOWN];
        $dry = $this->why($other, ['sand.condition' => 'dry'] + self::MADE)->odds['sand_wet'];
        $blank = $this->why($other, array_diff_key(self::MADE, ['sand.condition' => 0]))->odds['sand_wet'];
        $wet = $this->why($other)->odds['sand_wet'];

        self::assertLessThan($blank, $dry);
        self::assertLessThan($wet, $blank);
    }

    public function testTheDocumentCarriesWhatStandsBesideIt(): void
    {
        $record = $this->read([
            'made' => self::MADE,
            'beside' => ['number' => 2, 'made' => self::MADE, 'findings' => self::BLOWN, 'verdict' => 'usable'],
        ]);
        $again = AttemptDocument::read($record->toArray(), [])['record'];

        self::assertSame([2, 'usable', ['blowhole']], [$again->beside?->number, $again->beside?->verdict, $again->beside?->defectKinds()]);
    }

    /**
     * @param array<string, mixed>|null $beside
     * @param array<string, mixed> $made
     */
    private function why(?array $beside, array $made = self::MADE): Diagnosis
    {
        $document = ['made' => $made, 'findings' => self::BLOWN, 'verdict' => 'scrap', 'beside' => $beside];
        $record = $this->read(array_filter($document));

        return (new Diagnose(Catalogue::standard(), UnitPreferences::metric()))->attempt($record);
    }

    /** @param array<string, mixed> $document */
    private function read(array $document): \MoltenNotes\Core\Attempt\AttemptRecord
    {
        return AttemptDocument::read($document + ['format' => AttemptDocument::FORMAT, 'version' => 1], [])['record'];
    }
}
