<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Drawing;

use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\Drawing\SectionPart;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The drawing is a readout: to scale, joined up, and its risks stand where they are.
 *
 * @phpstan-type Drawn array{one_piece: bool, bounds: array{left: float, right: float, top: float, bottom: float},
 * dimensions: list<array{from: array{float, float}, to: array{float, float}, label: string, field: string}>, places: array<string,
 * array{float,
 *     float}>, risks: list<array{code: string, subject: string, at: array{float, float}, short: string}>}
 */
final class MouldSectionTest extends TestCase
{
    public function testSectionsAreDrawnToScale(): void
    {
        [$parts] = self::drawn(Plans::values());

        self::assertSame([60.0, 6.0], self::extent($parts['section-foot-00']));
        self::assertSame([26.0, 28.0], self::extent($parts['section-boss-00']));
        // A ring is cut twice: 12 mm wide and 4 mm thick on both sides, 120 mm over all.
        self::assertSame([12.0, 4.0], self::extent($parts['section-rim-00']));
        self::assertSame([12.0, 4.0], self::extent($parts['section-rim-01']));
        self::assertEqualsWithDelta(120.0, self::right($parts['section-rim-01']) - self::left($parts['section-rim-00']), 1e-6);
    }

    public function testAWallHalvedIsDrawnHalfAsThick(): void
    {
        [$thick] = self::drawn(['casting.sections' => Plans::sectionsWith('rim', ['thickness' => '6 mm'])] + Plans::values());
        [$thin] = self::drawn(['casting.sections' => Plans::sectionsWith('rim', ['thickness' => '3 mm'])] + Plans::values());

        self::assertSame(6.0, self::extent($thick['section-rim-00'])[1]);
        self::assertSame(3.0, self::extent($thin['section-rim-00'])[1]);
    }

    public function testSprueAndHeadAreDrawnAsNoted(): void
    {
        [$parts, $drawing] = self::drawn(['gating.sprue_shape' => 'straight'] + Plans::values());
        [$width, $height] = self::extent($parts['sprue']);

        self::assertSame(14.0, $width);
        self::assertGreaterThanOrEqual(90.0, $height, 'the head stands over the gate, and the sprue goes on to the runner');
        $head = array_values(
            array_filter($drawing['dimensions'], static fn (array $row): bool => 'gating.sprue_height' === $row['field']),
        )[0];
        self::assertEqualsWithDelta(90.0, $head['to'][1] - $head['from'][1], 1e-6);
        self::assertMatchesRegularExpression('/^90\Wmm$/u', $head['label']);
    }

    public function testATaperedSprueIsWiderAtTheTop(): void
    {
        [$parts] = self::drawn(['gating.sprue_shape' => 'tapered'] + Plans::values());
        $outline = $parts['sprue']->outline;

        self::assertGreaterThan($outline[1][0] - $outline[0][0], $outline[2][0] - $outline[3][0]);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function moulds(): iterable
    {
        foreach (['green_sand', 'oil_sand', 'plaster', 'lost_foam', 'silicone'] as $process) {
            foreach (['bottom', 'parting', 'top', 'step'] as $fill) {
                yield "{$process}, {$fill}, sections" => [['mould.process' => $process, 'gating.fill' => $fill] + Plans::values()];
                yield "{$process}, {$fill}, two thicknesses" => [
                    [
                        'mould.process' => $process,
                        'gating.fill' => $fill,
                        'casting.sections' => null,
                        'casting.wall' => '5 mm',
                        'casting.heaviest' => '22 mm',
                        'casting.length' => '140 mm',
                        'casting.height' => '30 mm',
                    ] + Plans::values(),
                ];
            }
            yield "{$process}, nothing else known" => [['mould.process' => $process]];
        }
    }

    /** @param array<string, mixed> $planned */
    #[DataProvider('moulds')]
    public function testTheMetalFindsItsWayFromTheSprueIntoTheCasting(array $planned): void
    {
        [$parts] = self::drawn($planned);
        $casting = array_filter($parts, static fn (SectionPart $part): bool => 'cavity' === $part->kind);
        $gates = array_filter($parts, static fn (SectionPart $part): bool => 'gate' === $part->kind);

        self::assertTrue(self::touch($parts['sprue'], $parts['runner']), 'the sprue meets the runner');
        self::assertNotEmpty($gates);
        foreach ($gates as $gate) {
            self::assertTrue(self::touch($gate, $parts['runner']), 'the gate leaves the runner');
            self::assertNotEmpty(
                array_filter($casting, static fn (SectionPart $part): bool => self::touch($gate, $part)),
                'the gate enters the casting',
            );
        }
    }

    /** @param array<string, mixed> $planned */
    #[DataProvider('moulds')]
    public function testEverythingLiesInTheMould(array $planned): void
    {
        [$parts, $drawing] = self::drawn(
            ['feeding.riser' => 'blind', 'feeding.riser_diameter' => '30 mm', 'venting.vents' => 3] + $planned,
        );
        $bounds = $drawing['bounds'];
        foreach ($parts as $part) {
            foreach ($part->outline as [$x, $y]) {
                self::assertGreaterThanOrEqual($bounds['bottom'] - 1e-6, $y, $part->id);
                if (!in_array($part->kind, ['basin', 'vent'], true)) {
                    self::assertLessThanOrEqual($bounds['top'] + 1e-6, $y, $part->id);
                    self::assertGreaterThanOrEqual($bounds['left'] - 1e-6, $x, $part->id);
                    self::assertLessThanOrEqual($bounds['right'] + 1e-6, $x, $part->id);
                }
            }
        }
    }

    public function testAnOpenRiserReachesTheTopAndABlindOneDoesNot(): void
    {
        $riser = ['feeding.riser_diameter' => '32 mm', 'casting.sections' => Plans::sectionsWith('boss', ['riser' => true])];
        [$open, $drawing] = self::drawn(['feeding.riser' => 'open'] + $riser + Plans::values());
        [$blind] = self::drawn(['feeding.riser' => 'blind'] + $riser + Plans::values());

        self::assertSame($drawing['bounds']['top'], self::top($open['riser-0']));
        self::assertLessThan($drawing['bounds']['top'], self::top($blind['riser-0']));
        self::assertTrue(self::touch($open['riser-0'], $open['section-boss-00']), 'it stands on the section that it feeds');
        self::assertArrayNotHasKey('riser-0', self::drawn(['feeding.riser' => 'none'] + $riser + Plans::values())[0]);
    }

    public function testWhatIsNotNotedIsMarkedAsAssumed(): void
    {
        [$noted] = self::drawn(Plans::values());
        [$guessed] = self::drawn(['gating.sprue' => null] + Plans::values());

        self::assertFalse($noted['sprue']->assumed);
        self::assertTrue($guessed['sprue']->assumed);
    }

    public function testASizeNotYetCutIsDrawnAsThePlanSizesIt(): void
    {
        $planned = array_diff_key(Plans::values(), ['gating.sprue' => 0]);
        [$parts] = self::drawn(['gating.sprue_shape' => 'straight'] + $planned);
        $bore = Plans::of(['gating.sprue' => null, 'gating.sprue_shape' => 'straight'])->figure('gating', 'sprue_base');

        self::assertNotNull($bore);
        self::assertEqualsWithDelta($bore->value->si * 1000, self::extent($parts['sprue'])[0], 0.02);
    }

    public function testRisksOfThePlanStandAtTheirSection(): void
    {
        [$parts, $drawing] = self::drawn(
            ['pour.temperature' => '680 C', 'pour.carry_time' => '30 s', 'pour.time' => '5 s'] + Plans::values(),
        );
        $fill = array_values(
            array_filter($drawing['risks'], static fn (array $risk): bool => 'fill_ratio' === $risk['code'] && 'rim' === $risk['subject']),
        );
        $spot = array_values(
            array_filter($drawing['risks'], static fn (array $risk): bool => 'hot_spot' === $risk['code'] && 'boss' === $risk['subject']),
        );

        self::assertCount(1, $fill);
        self::assertMatchesRegularExpression('/^may not fill \d/', $fill[0]['short'], 'with its number');
        self::assertTrue(self::within($fill[0]['at'], $parts['section-rim-01']), 'on the far side of the ring, where the streams meet');
        self::assertCount(1, $spot);
        self::assertTrue(self::within($spot[0]['at'], $parts['section-boss-00']));
    }

    public function testEveryPlaceOfAFindingCanBePinned(): void
    {
        foreach ([Plans::values(), ['mould.process' => 'green_sand', 'casting.wall' => '4 mm']] as $planned) {
            [, $drawing] = self::drawn($planned);
            self::assertSame(
                [],
                array_diff(
                    [
                        'cope_face',
                        'drag_face',
                        'near_gate',
                        'far_from_gate',
                        'last_to_fill',
                        'high_point',
                        'thick_junction',
                        'thin_section',
                        'parting_line',
                    ],
                    array_keys($drawing['places']),
                ),
            );
            self::assertLessThan($drawing['places']['far_from_gate'][0], $drawing['places']['near_gate'][0]);
        }
    }

    public function testAMouldInOnePieceHasNoParting(): void
    {
        self::assertTrue(self::drawn(['mould.process' => 'lost_foam'])[1]['one_piece']);
        self::assertFalse(self::drawn(['mould.process' => 'green_sand'])[1]['one_piece']);
    }

    /**
     * @param array<string, mixed> $planned
     *
     * @return array{array<string, SectionPart>, Drawn}
     */
    private static function drawn(array $planned): array
    {
        $record = Records::read(['planned' => array_filter($planned, static fn (mixed $value): bool => null !== $value)]);
        $basis = Basis::of($record, new QuantityFormatter(UnitPreferences::metric()));
        $section = MouldSection::of($basis, PlanCasting::of($basis));
        $parts = [];
        foreach ($section->parts() as $part) {
            $parts[$part->id] = $part;
        }

        /** @var Drawn $drawing */
        $drawing = $section->toArray();

        return [$parts, $drawing];
    }

    /** @return array{float, float} width and height, millimetres */
    private static function extent(SectionPart $part): array
    {
        return [round(self::right($part) - self::left($part), 2), round(self::top($part) - self::foot($part), 2)];
    }

    private static function left(SectionPart $part): float
    {
        return min([\INF, ...array_column($part->outline, 0)]);
    }

    private static function right(SectionPart $part): float
    {
        return max([-\INF, ...array_column($part->outline, 0)]);
    }

    private static function top(SectionPart $part): float
    {
        return max([-\INF, ...array_column($part->outline, 1)]);
    }

    private static function foot(SectionPart $part): float
    {
        return min([\INF, ...array_column($part->outline, 1)]);
    }

    private static function touch(SectionPart $a, SectionPart $b): bool
    {
        $reach = 0.05;

        return self::left($a) <= self::right($b) + $reach
            && self::left($b) <= self::right($a) + $reach
            && self::foot($a) <= self::top($b) + $reach
            && self::foot($b) <= self::top($a) + $reach;
    }

    /** @param array{float, float} $point */
    private static function within(array $point, SectionPart $part): bool
    {
        return $point[0] >= self::left($part) - 0.1
            && $point[0] <= self::right($part) + 0.1
            && $point[1] >= self::foot($part) - 0.1
            && $point[1] <= self::top($part) + 0.1;
    }

    /** It touches the section by its neck, stands on its own foot, and the mould reaches round it. */
    public function testARiserBesideItsSectionStandsThere(): void
    {
        $drawn = static fn (string $stands): array => self::drawn([
            'feeding.riser' => 'blind', 'feeding.riser_stands' => $stands, 'feeding.riser_diameter' => '40 mm',
            'casting.sections' => [
                [
                    'id' => 'block', 'shape' => 'plate', 'length' => '80 mm', 'width' => '60 mm', 'thickness' => '24 mm', 'gates' => 1,
                    'riser' => true,
                ],
            ],
        ] + Plans::values());
        [$parts, $drawing] = $drawn('side');

        self::assertEqualsWithDelta(self::right($parts['section-block-00']), self::left($parts['riser-0']), 0.01);
        self::assertEqualsWithDelta(self::foot($parts['section-block-00']), self::foot($parts['riser-0']), 0.01);
        self::assertGreaterThanOrEqual(self::right($parts['riser-0']) + 30, $drawing['bounds']['right']);
        [$on] = $drawn('top');
        self::assertLessThan(self::right($on['section-block-00']), self::right($on['riser-0']));
        self::assertEqualsWithDelta(self::top($on['section-block-00']), self::foot($on['riser-0']), 0.01);
    }
}
