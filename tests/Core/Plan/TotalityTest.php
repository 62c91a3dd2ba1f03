<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\WildRecords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * Whatever the reader takes can be planned, drawn, diagnosed and followed: no error, nothing infinite, nothing below nothing, no
 * impossible advice.
 */
#[Group('wide')]
final class TotalityTest extends TestCase
{
    private const WILD = 400;
    /** Diagnosis and change sheet plan many times over: one record in so many of the pairs goes through them as well. */
    private const FOLLOWED = 23;

    public function testEveryFieldAtEachOfItsEnds(): void
    {
        $index = 0;
        foreach (WildRecords::singles() as $name => $values) {
            $record = Records::read(['planned' => $values]);
            self::plan($record, $name);
            if (0 === ++$index % 7) {
                self::follow($record, $name);
            }
        }
        self::assertGreaterThan(900, $index);
    }

    #[DataProvider('stages')]
    public function testAllPairsOfTheNumbersOfAStageAtTheirEnds(string $stage): void
    {
        $index = 0;
        foreach (['sections', 'dunked'] as $base) {
            foreach (WildRecords::pairs($stage, $base) as $name => $values) {
                $record = Records::read(['planned' => $values]);
                self::plan($record, $name);
                if (0 === ++$index % self::FOLLOWED) {
                    self::follow($record, $name);
                }
            }
        }
        $this->addToAssertionCount(1);
    }

    /** @return iterable<string, array{string}> */
    public static function stages(): iterable
    {
        foreach (WildRecords::stages() as $stage) {
            yield $stage => [$stage];
        }
    }

    public function testValuesThrownTogetherByChance(): void
    {
        $wild = new WildRecords(20261126);
        for ($i = 0; $i < self::WILD; ++$i) {
            $document = $wild->document();
            $record = Records::read($document);
            self::plan($record, "wild {$i}");
            self::follow($record, "wild {$i}");
        }
        $this->addToAssertionCount(1);
    }

    /** The three that once made a notebook unreadable for good. */
    public function testWhatOncePoisonedANotebookSaysWhatCannotBeTold(): void
    {
        $held = Plans::of(['casting.sections' => null, 'pattern.volume' => '120 mL', 'pattern.held' => '120 mL']);
        self::assertStringContainsString('nothing is left', $held->stages['pattern']->missing[0]['words']);

        $shallow = Plans::of(['gating.basin_depth' => '0 mm']);
        self::assertContains('draws_air', array_column($shallow->stages['gating']->risks, 'code'));
        self::assertNull($shallow->figure('gating', 'sprue_top'));
        self::assertNotNull($shallow->figure('gating', 'sprue_base'), 'the rest is still sized');

        $headless = Plans::of(['gating.sprue_height' => '0 mm']);
        self::assertContains('cannot_fill', array_column($headless->stages['gating']->risks, 'code'));
        self::assertNotNull($headless->figure('metal', 'casting_mass') ?? $headless->figure('pattern', 'casting_mass'));
    }

    private static function plan(AttemptRecord $record, string $name): void
    {
        $format = new QuantityFormatter(UnitPreferences::imperial());
        $basis = Basis::of($record, $format);
        $plan = PlanCasting::of($basis);
        self::holds($plan, $basis, $name);
        $section = MouldSection::of($basis, $plan)->toArray();
        // JSON knows neither infinity nor "not a number": encoding finds them anywhere.
        json_encode([$plan->toArray($format), $section], \JSON_THROW_ON_ERROR);
    }

    private static function follow(AttemptRecord $record, string $name): void
    {
        $units = UnitPreferences::imperial();
        $catalogue = Catalogue::standard();
        $diagnosis = (new Diagnose($catalogue, $units))->attempt($record);
        json_encode($diagnosis->toArray(), \JSON_THROW_ON_ERROR);
        foreach ($diagnosis->odds as $cause => $odds) {
            self::assertTrue($odds >= 0 && $odds <= 1, "{$name}: {$cause} {$odds}");
        }
        $planner = new NextAttempt($catalogue, $units);
        $proposals = $planner->proposals($record, array_keys($catalogue->causes));
        foreach ($proposals as $change) {
            if ('pour.temperature' === $change->remedy->field && $change->new instanceof Measurement) {
                $liquidus = Basis::of($record, new QuantityFormatter($units))->alloy?->liquidus->kelvin() ?? 0.0;
                self::assertGreaterThanOrEqual($liquidus, $change->new->si(), "{$name}: advised below the liquidus");
            }
        }
        $sheet = $planner->sheet($record, $diagnosis, array_slice($proposals, 0, 4));
        foreach ($sheet->predictions as $prediction) {
            self::assertTrue($prediction->before >= 0 && $prediction->after <= 1, $name);
        }
    }

    private static function holds(CastingPlan $plan, Basis $basis, string $name): void
    {
        foreach ($plan->stages as $stage => $result) {
            foreach ($result->figures as $figure) {
                $value = $figure->value;
                $what = "{$name}: {$stage} {$figure->code} {$value->lowSi} {$value->si} {$value->highSi}";
                if (!is_finite($value->si) || !is_finite($value->highSi) || $value->lowSi > $value->si || $value->highSi < $value->si) {
                    self::fail($what);
                }
                if (!$value->dimension->canBeNegative() && $value->lowSi < 0) {
                    self::fail("{$what} is below nothing");
                }
                if (
                    Dimension::Temperature === $value->dimension
                    && str_starts_with($figure->code, 'needed_')
                    && $value->lowSi < ($basis->alloy?->liquidus->kelvin() ?? 0.0)
                ) {
                    self::fail("{$what} is advice below the liquidus");
                }
            }
        }
    }
}
