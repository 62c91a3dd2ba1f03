<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\NextAttempt;

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\ChangeSheet;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\NextAttempt\Outcome;
use MoltenNotes\Core\NextAttempt\Prediction;
use MoltenNotes\Core\NextAttempt\Score;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;

final class NextAttemptTest extends TestCase
{
    public function testTheAmountIsComputedFromThePlan(): void
    {
        $hotter = $this->proposal(Records::coldRim(), 'hotter');

        self::assertInstanceOf(Measurement::class, $hotter->new);
        self::assertGreaterThan(700.0, $hotter->new->in('degC'));
        self::assertLessThan(800.0, $hotter->new->in('degC'));
    }

    public function testTheRightChangePromisesMoreThanTheWrongOne(): void
    {
        $right = $this->sheet(Records::wetSand(), ['dry_sand'])->predictions[0];
        $wrong = $this->sheet(Records::wetSand(), ['stir'])->predictions[0];

        self::assertLessThan($wrong->after, $right->after);
        self::assertSame(Outcome::Same, $wrong->expected);
    }

    public function testChangesAreInTheCopyAndNowhereElse(): void
    {
        $record = Records::read(Records::wetSand());
        $sheet = $this->sheet(Records::wetSand(), ['dry_sand']);

        self::assertEqualsWithDelta(0.035, $sheet->plan->measurement('sand.moisture')?->si(), 1e-9);
        self::assertEqualsWithDelta(0.058, $record->values()->measurement('sand.moisture')?->si(), 1e-9);
        self::assertSame('al_si7mg', $sheet->plan->choice('metal.alloy'));
    }

    public function testAnotherGateIsFilledAtTheSamePaceOfHands(): void
    {
        $record = [
            'planned' => Plans::values(),
            'made' => ['pour.temperature' => '690 C', 'pour.time' => '3 s', 'pour.carry_time' => '25 s'],
            'findings' => [['kind' => 'misrun', 'places' => ['far_from_gate'], 'severity' => 'spoils']],
            'observations' => ['sluggish'],
        ];
        $hotter = $this->sheet($record, ['hotter']);
        $wider = $this->sheet($record, ['second_gate']);

        self::assertEqualsWithDelta(
            3.0,
            $hotter->plan->measurement('pour.time')?->si(),
            1e-9,
            'nothing cut differently, so it takes as long',
        );
        $time = $wider->plan->measurement('pour.time')?->si() ?? 0.0;
        self::assertLessThan(2.5, $time);
        self::assertGreaterThan(1.0, $time, 'twice the gate does not make slow hands quick');
        $fill = array_column($wider->moves, null, 'code')['fill_ratio'] ?? null;
        self::assertNotNull($fill?->before);
        self::assertNotNull($fill->after);
        self::assertGreaterThan($fill->before->value->si, $fill->after->value->si);
        self::assertLessThan(4 * $fill->before->value->si, $fill->after->value->si);
    }

    public function testNothingChangedRepeatsThePour(): void
    {
        $sheet = $this->sheet(Records::wetSand(), []);

        self::assertStringContainsString('repeat', $sheet->teaches);
        foreach ($sheet->predictions as $prediction) {
            self::assertSame(Outcome::Same, $prediction->expected, $prediction->defect);
        }
    }

    public function testOneChangeTeachesMoreThanTwo(): void
    {
        self::assertStringContainsString('One change', $this->sheet(Records::wetSand(), ['dry_sand'])->teaches);
        self::assertStringContainsString('will not say which', $this->sheet(Records::wetSand(), ['dry_sand', 'stir'])->teaches);
    }

    public function testAFixedTargetIsNotOfferedBackwards(): void
    {
        $proposals = (new NextAttempt(Catalogue::standard(), UnitPreferences::metric()))->proposals(
            Records::read(['made' => ['mould.process' => 'green_sand', 'sand.moisture' => '3 %']]),
            ['sand_wet'],
        );

        self::assertNotContains('dry_sand', array_map(static fn (Change $change): string => $change->remedy->code, $proposals));
    }

    public function testAPredictionIsScoredAgainstWhatWasFound(): void
    {
        $before = Records::read(Records::wetSand());
        $gone = Records::read(['verdict' => 'good']);
        $other = Records::read(['verdict' => 'usable', 'findings' => [['kind' => 'blowhole', 'severity' => 'trace'], ['kind' => 'shift']]]);
        $unopened = Records::read([]);
        $expected = ['blowhole' => Outcome::Gone];

        self::assertTrue(Score::of($expected, $before, $gone)[0]->held);
        $scores = Score::of($expected, $before, $other);
        self::assertSame([Outcome::Better, Outcome::NewDefect], array_map(static fn (Score $score): Outcome => $score->found, $scores));
        self::assertFalse($scores[0]->held, 'better is not gone');
        self::assertSame([], Score::of($expected, $before, $unopened), 'an unopened mould proves nothing');
    }

    public function testWordsFollowTheChances(): void
    {
        self::assertSame(Outcome::Gone, Prediction::of('misrun', 0.9, 0.2)->expected);
        self::assertSame(Outcome::Better, Prediction::of('misrun', 0.9, 0.5)->expected);
        self::assertSame(Outcome::Same, Prediction::of('misrun', 0.9, 0.85)->expected);
        self::assertSame(Outcome::Worse, Prediction::of('misrun', 0.2, 0.4)->expected);
    }

    /** @param array<string, mixed> $parts */
    private function proposal(array $parts, string $remedy): Change
    {
        $catalogue = Catalogue::standard();
        foreach (
            (new NextAttempt($catalogue, UnitPreferences::metric()))->proposals(Records::read($parts), $catalogue->causeCodes()) as $change
        ) {
            if ($remedy === $change->remedy->code) {
                return $change;
            }
        }
        self::fail("{$remedy} is not proposed");
    }

    /**
     * @param array<string, mixed> $parts
     * @param list<string> $remedies
     */
    private function sheet(array $parts, array $remedies): ChangeSheet
    {
        $changes = array_map(fn (string $remedy): Change => $this->proposal($parts, $remedy), $remedies);

        return (new NextAttempt(Catalogue::standard(), UnitPreferences::metric()))->sheet(
            Records::read($parts),
            Records::diagnose($parts),
            $changes,
        );
    }
}
