<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Attempt\AttemptRecord;
use MoltenNotes\Core\Drawing\FromAbove;
use MoltenNotes\Core\Drawing\MouldSection;
use MoltenNotes\Core\Experience\Experience;
use MoltenNotes\Core\Geometry\FreshSolids;
use MoltenNotes\Core\Geometry\MeshBody;
use MoltenNotes\Core\Geometry\MeshCut;
use MoltenNotes\Core\Geometry\MeshShelf;
use MoltenNotes\Core\Geometry\StlMesh;
use MoltenNotes\Core\Geometry\WayUp;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use MoltenNotes\Tests\Support\Meshes;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\TestCase;

/** A casting that is a mesh: its plan stands on its body as that of sections does, and turning it changes what it says. */
final class MeshCastingTest extends TestCase
{
    /** Stood on its side a plate lifts less and wants a deeper flask; what it weighs stays. */
    public function testTurningItChangesHeightLiftAndFlask(): void
    {
        $drawn = self::plan(WayUp::AsDrawn);
        $side = self::plan(WayUp::OnLeft);

        self::assertEqualsWithDelta(0.033, $drawn->solid->box[2] ?? 0.0, 1e-3);
        self::assertEqualsWithDelta(0.100, $side->solid->box[2] ?? 0.0, 1e-3);
        $volume = static fn (CastingPlan $plan): ?float => $plan->figure('pattern', 'casting_volume')?->value->si;
        self::assertSame($volume($drawn), $volume($side));
        self::assertGreaterThan(
            $side->figure('mould', 'cope_face')->value->si ?? 0.0,
            $drawn->figure('mould', 'cope_face')->value->si ?? 0.0,
        );
        self::assertGreaterThan(
            $drawn->figure('mould', 'flask_cope')->value->si ?? 0.0,
            $side->figure('mould', 'flask_cope')->value->si ?? 0.0,
        );
    }

    /** 100 × 60 mm of aluminium seen from above, by hand: what stands up in it hides nothing. */
    public function testTheLiftIsThatOfItsOutline(): void
    {
        $plan = self::plan(WayUp::AsDrawn);
        $face = $plan->figure('mould', 'cope_face')->value->si ?? 0.0;
        $head = 0.12 + 0.008;
        $byHand = 2400 * (0.1 * 0.06 * ($head - 0.008) - 0.03 * 0.03 * 0.025);

        self::assertEqualsWithDelta($byHand, $face, 0.06 * $byHand);
    }

    public function testAThickPlaceWantsARiserAndIsFedByOneThatStandsOnIt(): void
    {
        $bare = self::plan(WayUp::AsDrawn);
        $risks = array_column($bare->stages['feeding']->risks, 'words');
        self::assertCount(1, array_filter($risks, static fn (string $words): bool => str_contains($words, 'nothing feeds it')));
        $wanted = $bare->figure('feeding', 'riser_diameter', 'mesh');
        self::assertNotNull($wanted);

        $fed = self::plan(WayUp::AsDrawn, ['riser' => true], [
            'feeding.riser' => 'open',
            'feeding.riser_diameter' => (1000 * $wanted->value->si).' mm',
        ]);
        self::assertSame([], array_filter($fed->stages['feeding']->risks, static fn (array $risk): bool => 'hot_spot' === $risk['code']));
        self::assertGreaterThan(1.0, $fed->figure('feeding', 'feeder_ratio', 'mesh')->value->si ?? 0.0);
    }

    public function testItsHighPointIsVentedByARiserOrAVent(): void
    {
        $high = static fn (CastingPlan $plan): array => array_filter(
            $plan->stages['venting']->risks,
            static fn (array $risk): bool => 'high_point' === $risk['code'],
        );

        self::assertNotSame([], $high(self::plan(WayUp::AsDrawn)));
        self::assertSame([], $high(self::plan(WayUp::AsDrawn, ['vent' => true])));
    }

    public function testMoreGatesShortenItsWay(): void
    {
        self::assertLessThan(
            self::plan(WayUp::AsDrawn)->solid->way ?? 0.0,
            self::plan(WayUp::AsDrawn, ['gates' => 2])->solid->way ?? \INF,
        );
    }

    public function testItIsDrawnFromItsBody(): void
    {
        $basis = self::basis(WayUp::AsDrawn, [], []);
        $drawing = MouldSection::of($basis, PlanCasting::of($basis));
        $cut = array_values(array_filter($drawing->parts(), static fn ($part): bool => 'cavity' === $part->kind));
        self::assertCount(1, $cut);
        // A plate with a lump on it: eight corners, and no more.
        self::assertCount(8, $cut[0]->outline);

        $above = FromAbove::of($basis, false);
        self::assertCount(1, $above->parts ?? []);
        self::assertEqualsWithDelta(100.0, ($above->bounds['right'] ?? 0) - ($above->bounds['left'] ?? 0), 0.01);
    }

    /** Away from the notebook that keeps it a mesh is its measurements: mass and charge are told, and what is not is said. */
    public function testWithoutItsBodyTheRestIsStillPlanned(): void
    {
        $plan = PlanCasting::of(Basis::of(Records::read(['planned' => self::values(WayUp::AsDrawn, [], [])]), self::format()));

        self::assertNull($plan->solid);
        self::assertGreaterThan(0.1, $plan->figure('metal', 'charge')->value->si ?? 0.0);
        self::assertContains('lift', array_column($plan->stages['mould']->missing, 'for'));
    }

    public function testItIsTheWholeCasting(): void
    {
        $mesh = self::values(WayUp::AsDrawn, [], [])['casting.sections'];
        try {
            Records::read(['planned' => ['casting.sections' => [
                ...is_array($mesh) ? $mesh : [],
                ['shape' => 'boss', 'diameter' => '10 mm', 'height' => '5 mm', 'joins' => 'mesh'],
            ]]]);
            self::fail('A mesh with another section was taken.');
        } catch (RejectedRecord $rejected) {
            self::assertContains(
                'pattern.mesh_alone',
                array_map(static fn (FieldProblem $problem): string => $problem->code, $rejected->problems),
            );
        }
    }

    /**
     * @param array<string, mixed> $section
     * @param array<string, mixed> $values
     */
    private static function plan(WayUp $up, array $section = [], array $values = []): CastingPlan
    {
        return PlanCasting::of(self::basis($up, $section, $values));
    }

    private static function format(): QuantityFormatter
    {
        return new QuantityFormatter(UnitPreferences::metric());
    }

    /**
     * @param array<string, mixed> $section
     * @param array<string, mixed> $values
     */
    private static function basis(WayUp $up, array $section, array $values): Basis
    {
        $shelf = new class(self::mesh()) implements MeshShelf {
            public function __construct(private readonly MeshBody $mesh)
            {
            }

            public function has(string $id): bool
            {
                return true;
            }

            public function body(string $id): MeshBody
            {
                return $this->mesh;
            }
        };
        $read = Records::read(['planned' => self::values($up, $section, $values)])->values();

        return Basis::of(AttemptRecord::ofValues($read, null, new Experience(), new FreshSolids($shelf)), self::format());
    }

    /** A plate of 100 × 60 × 8 mm with a lump of 30 × 30 × 25 mm on it. */
    private static function mesh(): MeshBody
    {
        static $mesh = null;
        if (!$mesh instanceof MeshBody) {
            $stl = Meshes::binary([...Meshes::box([100, 60, 8]), ...Meshes::box([30, 30, 25.5], [35, 15, 7.5])]);
            $unit = UnitTable::get('mm');
            $mesh = MeshCut::of([$stl], $unit, StlMesh::read([$stl], $unit), 40_000)->body ?? null;
            self::assertNotNull($mesh);
        }

        return $mesh;
    }

    /**
     * @param array<string, mixed> $section
     * @param array<string, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function values(WayUp $up, array $section, array $values): array
    {
        $axes = $up->axes();
        $side = static fn (int $axis): string => (1000 * self::mesh()->side($axes[$axis][0])).' mm';

        return $values + [
            'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'pour.temperature' => '740 C', 'gating.sprue_height' => '120 mm',
            'casting.sections' => [$section + [
                'id' => 'mesh', 'label' => 'Bracket', 'shape' => 'mesh', 'mesh' => 'bracket', 'up' => $up->value, 'length' => $side(0),
                'width' => $side(1), 'height' => $side(2), 'thickness' => '8 mm', 'volume' => '70.5 mL', 'area' => '180 cm2', 'gates' => 1,
                'parting' => '8 mm',
            ]],
        ];
    }
}
