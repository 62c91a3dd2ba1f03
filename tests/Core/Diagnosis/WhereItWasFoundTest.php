<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Diagnosis;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where exactly a fault sat, on which castings of the pour and what the charge was made of, weighed. */
final class WhereItWasFoundTest extends TestCase
{
    private const SECTIONS = [
        ['id' => 'rim', 'shape' => 'plate', 'length' => '220 mm', 'width' => '60 mm', 'thickness' => '3 mm', 'gates' => 1],
        ['id' => 'knob', 'shape' => 'boss', 'diameter' => '30 mm', 'height' => '30 mm', 'joins' => 'rim', 'sits' => 'top'],
    ];

    public function testAMisrunOnAPlaceThatFillsEasilySpeaksAgainstColdMetal(): void
    {
        $cold = fn (?string $section): float => $this->odds([
            'made' => ['mould.process' => 'green_sand', 'pour.temperature' => '650 C', 'casting.sections' => self::SECTIONS],
            'findings' => [array_filter(['kind' => 'misrun', 'section' => $section])],
        ])['metal_cold'];

        self::assertGreaterThan(0.3, $cold('rim'));
        self::assertLessThan(0.5 * $cold('rim'), $cold('knob'));
        self::assertEqualsWithDelta($cold('rim'), $cold(null), 1e-9, 'where nothing is said it is the worst of them');
        self::assertEqualsWithDelta($cold(null), $cold('gone'), 1e-9, 'a section that is no more says nothing');
    }

    public function testAFaultOnOneOfFourCastingsIsNotThatOfTheMelt(): void
    {
        $gas = fn (int ...$pieces): float => $this->odds([
            'made' => ['mould.process' => 'green_sand', 'casting.count' => 4],
            'findings' => [['kind' => 'gas_porosity', 'pieces' => $pieces]],
        ])['hydrogen'];

        self::assertLessThan($gas(), $gas(2));
        self::assertGreaterThan($gas(), $gas(1, 2, 3, 4));
        self::assertSame($gas(3, 1), $gas(1, 3, 3), 'each counts once');
    }

    public function testAChargeOfPartsSpeaksByTheirShares(): void
    {
        $wrong = fn (array $heat): float => $this->odds(
            ['heat' => $heat + ['metal.alloy' => 'al_si7mg', 'metal.source' => 'ingot'], 'findings' => [['kind' => 'brittle_break']]],
        )['wrong_alloy'];
        $half = $wrong(['metal.source_2' => 'mixed']);

        self::assertGreaterThan($wrong([]), $half);
        self::assertSame($half, $wrong(['metal.source_2' => 'mixed', 'metal.share_2' => '50 %']));
        self::assertGreaterThan($wrong(['metal.source_2' => 'mixed', 'metal.share_2' => '10 %']), $half);
        self::assertSame($wrong([]), $wrong(['metal.source_2' => 'mixed', 'metal.share_2' => '0 %']));
        self::assertEqualsWithDelta(
            $wrong(['metal.source' => 'mixed', 'metal.source_2' => 'ingot', 'metal.share_2' => '0 %']),
            $wrong(['metal.source_2' => 'mixed', 'metal.share_2' => '100 %']),
            1e-9,
        );
    }

    public function testAnotherMouldOfTheSameMeltSpeaksOfTheMelt(): void
    {
        $gas = fn (array $others): float => $this->odds(['findings' => [['kind' => 'gas_porosity']], 'same_heat' => $others])['hydrogen'];

        self::assertLessThan($gas([]), $gas([[]]), 'the other mould is sound');
        self::assertGreaterThan($gas([]), $gas([['gas_porosity', 'flash']]), 'the other mould has it too');
        self::assertSame($gas([]), $gas([[], ['gas_porosity']]), 'one and one tell nothing');
    }

    public function testALittleMetalIsALittleMetal(): void
    {
        $short = fn (string $charge): float => $this->odds([
            'made' => ['mould.process' => 'green_sand', 'casting.sections' => self::SECTIONS],
            'heat' => ['metal.alloy' => 'al_si7mg', 'metal.charge' => $charge],
            'findings' => [['kind' => 'poured_short']],
        ])['short_of_metal'];

        self::assertGreaterThan($short('5 kg'), $short('100 g'));
        self::assertGreaterThan($short('5 kg') + 0.02, $short('300 g'));
    }

    /** Nothing is asked of a core that nobody spoke of, nor of vents that are not there. */
    public function testWhatIsNotThereIsNotAskedAbout(): void
    {
        $asked = static fn (array $made): array => array_map(
            static fn ($check): string => $check->check->code,
            Records::diagnose(['made' => ['mould.process' => 'silicate_sand'] + $made, 'findings' => [['kind' => 'blowhole']]])->nextChecks,
        );

        self::assertNotContains('core_damp', $asked([]));
        self::assertContains('core_damp', $asked(['core.volume' => '50 mL']));
        self::assertNotContains('vent_blocked', $asked(['venting.vents' => 0]));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'a section that is none' => [['section' => "rim'; drop"], '/findings/0/section'];
        yield 'a section in a list' => [['section' => ['rim']], '/findings/0/section'];
        yield 'castings from zero' => [['pieces' => [0]], '/findings/0/pieces'];
        yield 'castings in words' => [['pieces' => 'all'], '/findings/0/pieces'];
        yield 'half a gate' => [['number' => 1.5], '/findings/0/number'];
    }

    /** @param array<string, mixed> $part */
    #[DataProvider('nonsense')]
    public function testNonsenseIsRefusedWhereItStands(array $part, string $pointer): void
    {
        try {
            $this->odds(['findings' => [['kind' => 'misrun'] + $part]]);
            self::fail('It was taken.');
        } catch (RejectedRecord $refused) {
            self::assertSame($pointer, $refused->problems[0]->pointer);
        }
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, float>
     */
    private function odds(array $document): array
    {
        $catalogue = Catalogue::standard();
        $document += ['format' => AttemptDocument::FORMAT, 'version' => 1, 'heat' => ['metal.alloy' => 'al_si7mg']];

        return (new Diagnose($catalogue, UnitPreferences::metric()))
            ->attempt(AttemptDocument::read($document, $catalogue->causeCodes())['record'])->odds;
    }
}
