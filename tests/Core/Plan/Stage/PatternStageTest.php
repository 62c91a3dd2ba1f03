<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Geometry\SectionGeometry;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The casting as a handful of bodies, or known by water, scales or a mesh. */
final class PatternStageTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, float, float}> shape, volume mm³, surface mm²: school geometry */
    public static function bodies(): iterable
    {
        yield 'plate' => [
            ['shape' => 'plate', 'length' => '60 mm', 'width' => '40 mm', 'thickness' => '5 mm'],
            60 * 40 * 5,
            2 * (60 * 40 + 60 * 5 + 40 * 5),
        ];
        yield 'bar' => [['shape' => 'bar', 'length' => '100 mm', 'width' => '10 mm', 'thickness' => '10 mm'], 10_000, 4200];
        yield 'cylinder' => [
            ['shape' => 'cylinder', 'diameter' => '20 mm', 'height' => '50 mm'],
            \M_PI * 100 * 50,
            \M_PI * 20 * 50 + 2 * \M_PI * 100,
        ];
        yield 'boss' => [
            ['shape' => 'boss', 'diameter' => '30 mm', 'height' => '10 mm'],
            \M_PI * 225 * 10,
            \M_PI * 30 * 10 + 2 * \M_PI * 225,
        ];
        yield 'tube' => [
            ['shape' => 'tube', 'diameter' => '50 mm', 'wall' => '5 mm', 'height' => '80 mm'],
            \M_PI * (625 - 400) * 80,
            \M_PI * (50 + 40) * 80 + 2 * \M_PI * (625 - 400),
        ];
        yield 'ring' => [
            ['shape' => 'ring', 'diameter' => '100 mm', 'width' => '10 mm', 'thickness' => '6 mm'],
            \M_PI * (2500 - 1600) * 6,
            \M_PI * (100 + 80) * 6 + 2 * \M_PI * (2500 - 1600),
        ];
        yield 'sphere' => [['shape' => 'sphere', 'diameter' => '24 mm'], (\M_PI * 24 ** 3) / 6, \M_PI * 24 ** 2];
        yield 'wedge' => [
            ['shape' => 'wedge', 'length' => '40 mm', 'width' => '30 mm', 'thickness' => '10 mm', 'thin_end' => '4 mm'],
            40 * 30 * 7,
            40 * 30 + sqrt(40 ** 2 + 6 ** 2) * 30 + 2 * 40 * 7 + 30 * 14,
        ];
        yield 'block with a hole' => [
            ['shape' => 'pierced', 'length' => '80 mm', 'width' => '50 mm', 'thickness' => '30 mm', 'hole' => '20 mm'],
            (80 * 50 - 100 * \M_PI) * 30,
            2 * (80 * 50 - 100 * \M_PI) + 2 * 30 * 130 + \M_PI * 20 * 30,
        ];
        yield 'volume and area' => [['shape' => 'free', 'volume' => '12 mL', 'area' => '60 cm2'], 12_000, 6000];
    }

    /** @param array<string, mixed> $section */
    #[DataProvider('bodies')]
    public function testABodyHasTheVolumeAndSurfaceOfSchoolGeometry(array $section, float $volume, float $surface): void
    {
        $body = SectionGeometry::of(self::sections([['id' => 'a', 'label' => 'A'] + $section])->all()[0]);
        self::assertNotNull($body);

        self::assertEqualsWithDelta($volume * 1e-9, $body->volume, $volume * 1e-9 * 1e-9);
        self::assertEqualsWithDelta($surface * 1e-6, $body->surface, $surface * 1e-6 * 1e-9);
    }

    /** A mass that lacks a part is never told as if it were all of it: metal would run short. */
    public function testAPartWithoutItsHeightIsNamedWhereverMetalIsCounted(): void
    {
        $knob = ['id' => 'knob', 'label' => 'Knob', 'shape' => 'cylinder', 'diameter' => '30 mm', 'joins' => 'foot'];
        $sections = [...Plans::sections(), $knob];
        $plan = Plans::of(['casting.sections' => $sections]);
        $counted = ['casting_volume' => 'pattern', 'casting_mass' => 'pattern', 'poured' => 'metal', 'charge' => 'metal'];
        foreach ($counted as $code => $stage) {
            $figure = $plan->figure($stage, $code);
            self::assertSame('risky', $figure?->standing, $code);
            self::assertStringContainsString('Without Knob', $figure->note);
        }
        $whole = Plans::of();
        self::assertSame('plain', $whole->figure('metal', 'charge')?->standing);
        self::assertSame('', $whole->figure('metal', 'charge')->note);
        $dunked = Plans::of(['casting.sections' => $sections, 'pattern.volume_by' => 'dunk', 'pattern.volume' => '120 mL']);
        self::assertSame('plain', $dunked->figure('metal', 'charge')?->standing, 'all of it was dunked');
    }

    public function testSeveralOfAKindCountAsOftenAsThereAre(): void
    {
        $boss = ['id' => 'boss', 'label' => 'Boss', 'shape' => 'boss', 'diameter' => '10 mm', 'height' => '10 mm', 'joins' => 'foot'];
        $volume = static fn (array $more): float => Plans::of(['casting.sections' => [Plans::sections()[0], $more + $boss]])->figure(
            'pattern',
            'casting_volume',
        )->value->si ?? 0.0;

        self::assertEqualsWithDelta(3 * \M_PI * 25 * 10 * 1e-9, $volume(['count' => 4]) - $volume(['count' => 1]), 1e-12);
    }

    public function testAMeshOfThePartIsNotShrunkAndWhatWasHeldUnderWaterHasNoPartInIt(): void
    {
        $volume = static fn (array $more): float => Plans::bare(
            $more + ['metal.alloy' => 'al_si7mg', 'pattern.volume_by' => 'mesh', 'pattern.volume' => '100 mL', 'pattern.held' => '20 mL'],
        )->figure('pattern', 'casting_volume')->value->si ?? 0.0;

        self::assertEqualsWithDelta(100e-6, $volume([]), 1e-15);
        self::assertEqualsWithDelta(100e-6, $volume(['pattern.mesh_of' => 'part']), 1e-15);
        // Al-Si7Mg contracts 1.3 %: its pattern is larger by that each way.
        self::assertEqualsWithDelta(100e-6 * 0.987 ** 3, $volume(['pattern.mesh_of' => 'pattern']), 1e-10);
        self::assertEqualsWithDelta(80e-6 * 0.987 ** 3, $volume(['pattern.volume_by' => 'dunk']), 1e-9);
    }

    public function testASectionThatLacksAMeasureIsNamedAndTheRestIsComputed(): void
    {
        $plan = Plans::of([
            'casting.sections' => [
                Plans::sections()[0],
                ['id' => 'boss', 'label' => 'Boss', 'shape' => 'boss', 'diameter' => '20 mm', 'joins' => 'foot'],
            ],
        ]);

        self::assertStringContainsString('Boss', implode(' ', array_column($plan->stages['pattern']->missing, 'words')));
        self::assertEqualsWithDelta(16_200e-9, $plan->figure('pattern', 'casting_volume')?->value->si, 1e-12);
    }

    public function testContractionStepsMultiply(): void
    {
        $once = Plans::of()->figure('pattern', 'scale_factor')->value->si ?? 0.0;
        $twice = Plans::of(['pattern.contraction_2' => '1 %'])->figure('pattern', 'scale_factor')->value->si ?? 0.0;

        self::assertEqualsWithDelta($once / 0.99, $twice, 1e-9);
    }

    public function testAKnownCastingNeedsNoPattern(): void
    {
        $plan = Plans::of(['casting.sections' => null, 'casting.mass' => '0.5 kg']);

        self::assertEqualsWithDelta(0.5, $plan->figure('pattern', 'casting_mass')?->value->si, 1e-9);
        self::assertGreaterThan(0.5, $plan->figure('metal', 'poured')->value->si ?? 0.0);
    }

    /** @return iterable<string, array{mixed, string}> */
    public static function faults(): iterable
    {
        $foot = ['id' => 'foot', 'label' => 'Foot', 'shape' => 'plate', 'length' => '60 mm', 'width' => '45 mm', 'thickness' => '6 mm'];
        yield 'no list' => ['plate', '/planned/casting.sections'];
        yield 'no such shape' => [[['shape' => 'blob'] + $foot], '/planned/casting.sections/0/shape'];
        yield 'less than nothing' => [[['thickness' => '-3 mm'] + $foot], '/planned/casting.sections/0/thickness'];
        yield 'in kilograms' => [[['width' => '2 kg'] + $foot], '/planned/casting.sections/0/width'];
        yield 'a measure nobody knows' => [[['thicknes' => '3 mm'] + $foot], '/planned/casting.sections/0/thicknes'];
        yield 'joined to nothing' => [[$foot, ['id' => 'b', 'joins' => 'leg'] + $foot], '/planned/casting.sections/1/joins'];
        yield 'a wall thicker than the tube' => [
            [['id' => 't', 'label' => 'T', 'shape' => 'tube', 'diameter' => '20 mm', 'wall' => '12 mm', 'height' => '30 mm']],
            '/planned/casting.sections/0/wall',
        ];
    }

    #[DataProvider('faults')]
    public function testAFaultPointsAtItsMeasure(mixed $sections, string $pointer): void
    {
        try {
            Records::read(['planned' => ['casting.sections' => $sections]]);
            self::fail('It was taken.');
        } catch (RejectedRecord $rejected) {
            self::assertContains($pointer, array_map(static fn (FieldProblem $problem): string => $problem->pointer, $rejected->problems));
        }
    }

    public function testSectionsKnowTheirNeighboursBothWays(): void
    {
        $neighbours = self::sections(Plans::sections())->neighbours();

        self::assertEqualsCanonicalizing(['boss', 'rim'], $neighbours['foot']);
        self::assertSame(['foot'], $neighbours['rim']);
    }

    public function testWithoutAGateGivenTheFirstLetsTheMetalIn(): void
    {
        $sections = array_map(static fn (array $section): array => array_diff_key($section, ['gates' => 0]), Plans::sections());

        self::assertSame(['foot'], self::sections($sections)->gated());
    }

    /** @param list<array<string, mixed>> $raw */
    private static function sections(array $raw): Sections
    {
        return Records::read(['planned' => ['casting.sections' => $raw]])
            ->values()
            ->sections() ?? throw new \LogicException('no sections');
    }
}
