<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Record;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Record\AttemptDocument;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AttemptDocumentTest extends TestCase
{
    public function testADocumentComesBackAsItWas(): void
    {
        $first = Records::read(Records::coldRim() + ['answers' => ['edges_rounded' => 'yes'], 'verdict' => 'scrap', 'attempt' => ['number' => 2, 'poured_on' => '2025-05-18']]);
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
        yield 'confirmed more often than poured' => [['history' => ['attempts' => 1, 'confirmed' => ['sand_wet' => 2]]], '/history/confirmed/sand_wet', 'more often'];
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
        self::assertSame(['/made/sand.moisture'], array_map(static fn (FieldProblem $question): string => $question->pointer, $read['questions']));
    }

    public function testBlankIsAllowedAndIsNotZero(): void
    {
        $record = Records::read(['made' => ['pour.temperature' => '', 'gating.gates' => null]]);

        self::assertFalse($record->made->has('pour.temperature'));
        self::assertNull($record->made->count('gating.gates'));
    }

    public function testComputingFollowsWhatWasMade(): void
    {
        $record = Records::read(['planned' => ['pour.temperature' => '720 C', 'gating.gates' => 2], 'made' => ['pour.temperature' => '690 C']]);

        self::assertEqualsWithDelta(690.0, $record->values()->measurement('pour.temperature')?->in('degC'), 1e-9);
        self::assertSame(2, $record->values()->count('gating.gates'));
    }
}
