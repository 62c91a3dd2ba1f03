<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Diagnosis\FactSheet;
use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\NextAttempt\NextAttempt;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use MoltenNotes\Tests\Support\WildRecords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** Whatever quotes a number of a record quotes the plan's: Why, change sheet, drawing, console and document stand on one basis. */
final class OneBasisTest extends TestCase
{
    /** Fact of the diagnosis → stage and figure of the plan it stands for; of several sections the one that stands worst. */
    private const QUOTED = [
        'gate_speed_share' => 'gating',
        'fill_ratio' => 'filling',
        'feeder_ratio' => 'feeding',
        'vent_share' => 'venting',
        'steam' => 'venting',
        'cope_share' => 'mould',
    ];
    private const LEARNT = [
        'process' => 'green_sand',
        'pours' => [['ratio' => 1.6, 'filled' => false], ['ratio' => 2.1, 'filled' => false], ['ratio' => 2.4, 'filled' => true]],
        'efficiencies' => [0.11, 0.14],
    ];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function experience(): iterable
    {
        yield 'nothing learnt yet' => [[]];
        yield 'own pours and heats' => [['experience' => self::LEARNT]];
    }

    /** @param array<string, mixed> $learnt */
    #[DataProvider('experience')]
    #[Group('wide')]
    public function testWhyTheChangeSheetAndTheDrawingQuoteThePlan(array $learnt): void
    {
        $wild = new WildRecords(2611);
        $quoted = array_fill_keys(['fact', 'move', 'risk', 'riser'], 0);
        for ($i = 0; $i < 150; ++$i) {
            $document = 0 === $i % 3 ? $wild->document() : ['planned' => $this->varied($i)];
            // What was found makes the sheet offer something.
            $record = Records::read(['findings' => [['kind' => 'misrun', 'severity' => 'spoils']]] + $learnt + $document);
            $this->holds($record, "record {$i}", $quoted);
        }
        foreach ($quoted as $what => $times) {
            self::assertGreaterThan(20, $times, "{$what} was hardly looked at");
        }
    }

    public function testTheOwnFactorIsInTheDiagnosisAsItIsInThePlan(): void
    {
        $ratio = static function (array $learnt): array {
            $record = Records::read(['planned' => Plans::values()] + $learnt);
            $format = new QuantityFormatter(UnitPreferences::metric());

            return [
                PlanCasting::of(Basis::of($record, $format))->least('filling', 'fill_ratio')?->value->si,
                FactSheet::of($record, $format)->fact('fill_ratio')?->number,
            ];
        };
        [$plain, $plainInWhy] = $ratio([]);
        [$learnt, $learntInWhy] = $ratio(['experience' => self::LEARNT]);

        self::assertSame([$plain, $learnt], [$plainInWhy, $learntInWhy]);
        self::assertLessThan(0.9 * (float) $plain, (float) $learnt, 'three pours that ran short tell of a shorter flow');
    }

    public function testOwnPoursOfAnotherProcessSayNothing(): void
    {
        $plan = static fn (array $learnt): ?float => PlanCasting::of(
            Basis::of(Records::read(['planned' => Plans::values()] + $learnt), new QuantityFormatter(UnitPreferences::metric())),
        )->least('filling', 'fill_ratio')?->value->si;

        self::assertSame($plan([]), $plan(['experience' => ['process' => 'lost_foam'] + self::LEARNT]));
    }

    public function testADocumentGivesTheSamePlanWherever(): void
    {
        $format = new QuantityFormatter(UnitPreferences::metric());
        foreach ([[], ['experience' => self::LEARNT]] as $learnt) {
            $record = Records::read(
                ['planned' => Plans::values(), 'workshop' => ['cutters' => [['name' => 'Tube', 'kind' => 'tube', 'size' => '16 mm']]]] +
                    $learnt,
            );
            $again = AttemptDocument::read(
                json_decode(json_encode($record->toArray(), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), true),
                Catalogue::standard()->causeCodes(),
            )['record'];
            self::assertSame(
                PlanCasting::of(Basis::of($record, $format))->toArray($format),
                PlanCasting::of(Basis::of($again, $format))->toArray($format),
            );
        }
    }

    public function testWhatWasWrittenForAnotherProcessIsNoEvidence(): void
    {
        $foam = ['mould.process' => 'lost_foam'] + Plans::values();
        $format = new QuantityFormatter(UnitPreferences::metric());
        $facts = FactSheet::of(Records::read(['planned' => ['sand.moisture' => '7 %', 'sand.condition' => 'wet'] + $foam]), $format);

        self::assertNull($facts->fact('sand.condition'));
        self::assertSame(array_keys(FactSheet::of(Records::read(['planned' => $foam]), $format)->all()), array_keys($facts->all()));
    }

    /** @param array<string, int> $quoted */
    private function holds(AttemptRecord $record, string $name, array &$quoted): void
    {
        $units = UnitPreferences::metric();
        $format = new QuantityFormatter($units);
        $basis = Basis::of($record, $format);
        $plan = PlanCasting::of($basis);
        $facts = FactSheet::of($record, $format);
        foreach (self::QUOTED as $code => $stage) {
            $fact = $facts->fact($code);
            $working = $facts->workings()[$code] ?? null;
            if (null !== $fact && null !== $working) {
                $figure = $plan->least($stage, $code);
                self::assertNotNull($figure, "{$name}: {$code} is in Why and not in the plan");
                self::assertSame($figure->working->toArray(), $working->toArray(), "{$name}: {$code}");
                ++$quoted['fact'];
            }
        }
        $catalogue = Catalogue::standard();
        $planner = new NextAttempt($catalogue, $units);
        $sheet = $planner->sheet(
            $record,
            (new Diagnose($catalogue, $units))->attempt($record),
            array_slice($planner->proposals($record, ['metal_cold', 'sand_wet', 'feeder_freezes_first']), 0, 3),
        );
        $after = PlanCasting::of(Basis::of($record->with($sheet->plan), $format));
        foreach ($sheet->moves as $move) {
            foreach ([[$move->before, $plan], [$move->after, $after]] as [$figure, $of]) {
                if (null !== $figure) {
                    self::assertEquals(
                        $of->figure($move->stage, $move->code, $figure->subject)?->toArray($format),
                        $figure->toArray($format),
                        "{$name}: {$move->code} moves",
                    );
                    ++$quoted['move'];
                }
            }
        }
        $this->drawn($basis, $plan, $name, $quoted);
    }

    /** @param array<string, int> $quoted */
    private function drawn(Basis $basis, CastingPlan $plan, string $name, array &$quoted): void
    {
        $section = MouldSection::of($basis, $plan);
        /** @var array{risks: list<array{short: string, code: FigureCode, stage: string, subject: string}>} $drawing */
        $drawing = $section->toArray();
        foreach ($drawing['risks'] as $risk) {
            $figure = $plan->figure($risk['stage'], $risk['code'], $risk['subject']);
            if (null !== $figure && 1 === preg_match('/([\d.]+) ×$/', $risk['short'], $m)) {
                self::assertEqualsWithDelta(
                    $figure->value->si,
                    (float) $m[1],
                    max(0.06, 0.5 * ($figure->value->si >= 10 ? 1 : 0)),
                    "{$name}: {$risk['short']}",
                );
                ++$quoted['risk'];
            }
        }
        $risers = array_values(array_filter($section->parts(), static fn ($part): bool => 'riser' === $part->kind));
        self::assertCount(count($plan->assembly->risers), $risers, "{$name}: as many risers as the plan counts");
        foreach ($plan->assembly->risers as $i => $seat) {
            self::assertSame($seat->section, $risers[$i]->subject, "{$name}: the riser stands where the plan has it");
            // To scale: as wide on the drawing as in the plan, at its top, where no neck makes it wider.
            $top = max([-\INF, ...array_column($risers[$i]->outline, 1)]);
            $across = array_column(array_filter($risers[$i]->outline, static fn (array $point): bool => $point[1] > $top - 1e-6), 0);
            if ([] === $across) {
                self::fail("{$name}: a riser without an outline");
            }
            self::assertEqualsWithDelta($seat->diameter->millimetres(), max($across) - min($across), 0.05, $name);
            if ('' !== $seat->section && null !== $plan->figure('feeding', 'feeder_ratio', $seat->section)) {
                ++$quoted['riser'];
            }
        }
    }

    /** @return array<string, mixed> a plan of one kind or another, with a riser on what is heaviest */
    private function varied(int $i): array
    {
        return [
            'casting.sections' => Plans::sectionsWith('rim', ['thickness' => 2 + ($i % 7).' mm', 'width' => 6 + ($i % 11).' mm']),
            'feeding.riser' => ['open', 'blind', 'none'][$i % 3],
            'feeding.riser_diameter' => 20 + ($i % 30).' mm',
            'pour.temperature' => 660 + 3 * ($i % 30).' C',
            'venting.vents' => $i % 4,
            'sand.moisture' => 2 + ($i % 6).' %',
            'mould.cope_weight' => $i % 9 .' kg',
            'pour.time' => 1 + ($i % 8).' s',
        ] + Plans::values();
    }
}
