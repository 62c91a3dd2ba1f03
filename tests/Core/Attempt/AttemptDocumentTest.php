<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Attempt;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AttemptDocumentTest extends TestCase
{
    public function testADocumentComesBackAsItWas(): void
    {
        $first = Records::read(
            Records::coldRim() + [
                'answers' => ['edges_rounded' => 'yes'],
                'verdict' => 'scrap',
                'attempt' => ['number' => 2, 'poured_on' => '2025-05-18'],
            ],
        );
        $second = AttemptDocument::read($first->toArray(), Catalogue::standard()->causeCodes())['record'];

        self::assertEquals($first, $second);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> parts, pointer, words */
    public static function faults(): iterable
    {
        yield 'colder than absolute zero' => [['made' => ['pour.temperature' => '-400 C']], '/made/pour.temperature', 'absolute zero'];
        yield 'poured at room temperature' => [['made' => ['pour.temperature' => '20 C']], '/made/pour.temperature', 'cannot be'];
        yield 'more water than sand' => [['made' => ['sand.moisture' => '60 %']], '/made/sand.moisture', 'cannot be'];
        yield 'a mass for a length' => [['planned' => ['casting.wall' => '4 kg']], '/planned/casting.wall', 'is a mass'];
        yield 'an unknown value' => [['made' => ['sand.moistur' => '4 %']], '/made/sand.moistur', 'Did you mean sand.moisture'];
        yield 'an unknown metal' => [['heat' => ['metal.alloy' => 'al_si7']], '/heat/metal.alloy', 'Did you mean'];
        yield 'an unknown defect' => [['findings' => [['kind' => 'misrunn']]], '/findings/0/kind', 'Did you mean misrun'];
        yield 'half a gate' => [['made' => ['gating.gates' => 1.5]], '/made/gating.gates', 'whole number'];
        yield 'a part that is no part' => [['finding' => []], '/finding', 'Did you mean findings'];
        yield 'a day that never was' => [['attempt' => ['poured_on' => '2026-02-30']], '/attempt/poured_on', 'date'];
        yield 'confirmed more often than poured' => [
            ['history' => ['attempts' => 1, 'confirmed' => ['sand_wet' => 2]]],
            '/history/confirmed/sand_wet',
            'more often',
        ];
        $section = static fn (array $more): array => ['planned' => ['casting.sections' => [$more + ['shape' => 'plate']]]];
        yield 'a vent that is neither yes nor no' => [$section(['vent' => '💥']), '/planned/casting.sections/0/vent', 'yes or no'];
        yield 'a riser that is a number' => [$section(['riser' => 1]), '/planned/casting.sections/0/riser', 'yes or no'];
        yield 'upright in words' => [$section(['upright' => 'yes']), '/planned/casting.sections/0/upright', 'yes or no'];
        yield 'a chill that is a list' => [$section(['chill' => []]), '/planned/casting.sections/0/chill', 'yes or no'];
        yield 'an id that is no text' => [$section(['id' => 7]), '/planned/casting.sections/0/id', 'text'];
        yield 'joined to a number' => [$section(['joins' => 0]), '/planned/casting.sections/0/joins', 'text'];
        yield 'text as a composition' => [
            ['workshop' => ['stock' => [['composition' => 'mostly silicon']]]],
            '/workshop/stock/0/composition',
            'object of elements',
        ];
        yield 'text as tariffs' => [['workshop' => ['tariffs' => 'cheap']], '/workshop/tariffs', 'object of sources'];
        yield 'an unknown part of a workshop' => [['workshop' => ['furnace' => []]], '/workshop/furnace', 'Did you mean furnaces'];
        yield 'an unknown part of a furnace' => [
            ['workshop' => ['furnaces' => [['powr' => '2 kW']]]],
            '/workshop/furnaces/0/powr',
            'Did you mean power',
        ];
        yield 'an unknown part of a casting' => [['casting' => ['nane' => 'Cleat']], '/casting/nane', 'Did you mean name'];
        yield 'an unknown part of an attempt' => [['attempt' => ['poured' => '2026-05-03']], '/attempt/poured', 'not told'];
        yield 'an unknown part of a finding' => [
            ['findings' => [['kind' => 'misrun', 'plases' => []]]],
            '/findings/0/plases',
            'Did you mean places',
        ];
        yield 'an unknown part of a history' => [['history' => ['tries' => 3]], '/history/tries', 'not told'];
        yield 'an unknown part of a quantity' => [
            ['made' => ['casting.wall' => ['value' => 4, 'unit' => 'mm', 'about' => true]]],
            '/made/casting.wall',
            'unit',
        ];
        yield 'figures of another script' => [['made' => ['casting.wall' => '1٢ mm']], '/made/casting.wall', '0 to 9'];
        yield 'a count in another script' => [['made' => ['gating.gates' => '٢']], '/made/gating.gates', 'whole number'];
        yield 'a quantity without its unit' => [['made' => ['pour.temperature' => 705]], '/made/pour.temperature', 'unit'];
    }

    /** @param array<string, mixed> $parts */
    #[DataProvider('faults')]
    public function testPointsAtTheFieldThatIsWrong(array $parts, string $pointer, string $words): void
    {
        try {
            Records::read($parts);
            self::fail('taken as it was');
        } catch (RejectedRecord $rejected) {
            self::assertSame($pointer, $rejected->problems[0]->pointer);
            self::assertStringContainsString($words, $rejected->problems[0]->message);
        }
    }

    public function testAllFaultsAreNamedAtOnce(): void
    {
        try {
            Records::read(['made' => ['pour.temperature' => 'hot', 'gating.gates' => 'many'], 'verdict' => 'superb']);
            self::fail('taken as it was');
        } catch (RejectedRecord $rejected) {
            self::assertCount(3, $rejected->problems);
        }
    }

    public function testUnlikelyIsQuestionedAndKept(): void
    {
        $read = AttemptDocument::read(['format' => 'molten-notes/attempt', 'version' => 1, 'made' => ['sand.moisture' => '12 %']], []);

        self::assertEqualsWithDelta(0.12, $read['record']->made->measurement('sand.moisture')?->si(), 1e-12);
        self::assertSame(
            ['/made/sand.moisture'],
            array_map(static fn (FieldProblem $question): string => $question->pointer, $read['questions']),
        );
    }

    public function testBlankIsAllowedAndIsNotZero(): void
    {
        $record = Records::read(['made' => ['pour.temperature' => '', 'gating.gates' => null]]);

        self::assertFalse($record->made->has('pour.temperature'));
        self::assertNull($record->made->count('gating.gates'));
    }

    public function testComputingFollowsWhatWasMade(): void
    {
        $record = Records::read([
            'planned' => ['pour.temperature' => '720 C', 'gating.gates' => 2],
            'made' => ['pour.temperature' => '690 C'],
        ]);

        self::assertEqualsWithDelta(690.0, $record->values()->measurement('pour.temperature')?->in('degC'), 1e-9);
        self::assertSame(2, $record->values()->count('gating.gates'));
    }

    /** Its sand counts in another's document as it counts in its own: over the plan once it is poured, under it before. */
    public function testTheSandOfAnotherAttemptCountsAsItDidThere(): void
    {
        foreach ([null, '2026-05-03'] as $poured) {
            $other = Records::read([
                'attempt' => ['number' => 1] + (null === $poured ? [] : ['poured_on' => $poured]),
                'planned' => ['mould.process' => 'green_sand', 'sand.moisture' => '3.5 %'],
                'sand' => ['sand.moisture' => '6 %', 'sand.clay' => '8 %'],
            ]);
            $beside = Records::read(Records::read([])->beside($other)->toArray())->beside;

            self::assertEquals($other->values()->toArray(), $beside?->values()->toArray());
        }
    }
}
