<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\App\PlanCasting\ReadMesh;
use MoltenNotes\App\PlanCasting\ReadMeshHandler;
use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Changes;
use MoltenNotes\Tests\Support\Meshes;
use MoltenNotes\Tests\Support\Plans;

final class PlanAndWorkshopTest extends ApiTestCase
{
    private const WORKSHOP = [
        'furnaces' => [['name' => 'Kiln', 'source' => 'electric', 'power' => '2 kW']],
        'crucibles' => [['name' => 'No. 3', 'volume' => '1 L', 'mass' => '1.4 kg']],
        'flasks' => [['name' => 'Small', 'length' => '300 mm', 'width' => '200 mm', 'cope' => '100 mm', 'drag' => '80 mm']],
        'cutters' => [['name' => 'Tube', 'kind' => 'tube', 'size' => '5/8 in']],
        'stock' => [
            [
                'name' => 'Wheels',
                'mass' => '3 kg',
                'price' => '2,20',
                'loss' => '5 %',
                'composition' => ['Si' => '7 %', 'Mg' => 0.35, 'Fe' => 0.15],
            ],
            [
                'name' => 'Extrusion',
                'mass' => '4 kg',
                'price' => 1.1,
                'loss' => '8 %',
                'composition' => ['Si' => 0.45, 'Mg' => 0.5, 'Fe' => 0.25],
            ],
            [
                'name' => 'Ingot',
                'mass' => '3 kg',
                'price' => 3.6,
                'loss' => '2 %',
                'composition' => ['Si' => 12, 'Mg' => 0.05, 'Fe' => 0.4],
            ],
        ],
        'tariffs' => ['electric' => 0.34],
        'safe_lift' => '15 kg',
        'currency' => 'EUR',
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testAPlanIsComputedWhileItIsTypedAndNothingIsSaved(): void
    {
        $plan = $this->call('POST', '/api/plan', ['values' => Plans::values()]);

        self::assertSame(
            ['pattern', 'metal', 'gating', 'filling', 'feeding', 'venting', 'mould', 'cooling'],
            array_column($plan['stages'], 'stage'),
        );
        self::assertNotEmpty($plan['section']['risks']);
        self::assertContains('section-rim-00', array_column($plan['section']['parts'], 'id'));
        self::assertSame(0, $this->call('GET', '/api/attempts')['total']);
    }

    public function testWhatCannotBeReadIsNamedAndTheRestIsPlanned(): void
    {
        $plan = $this->call('POST', '/api/plan', ['values' => ['pour.temperature' => 'hottish'] + Plans::values()]);

        self::assertSame('/values/pour.temperature', $plan['problems'][0]['pointer']);
        self::assertNotEmpty($plan['stages'][0]['figures']);
        self::assertSame(['pour.temperature'], $plan['stages'][3]['missing'][0]['fields']);
    }

    public function testACastingIsLaidFromAFewMeasurementsAndWhatDoesNotGoTogetherIsRefused(): void
    {
        $ask = [
            'starter' => 'flanged_tube',
            'measures' => ['diameter' => '60 mm', 'height' => '5 in', 'wall' => '6', 'flange' => '110 mm'],
        ];
        $laid = $this->call('POST', '/api/starters', $ask);
        self::assertSame(['tube', 'flange'], array_column($laid['sections'], 'id'));
        self::assertEqualsWithDelta(127.0, $laid['sections'][0]['height']['value'], 1e-9);
        $plan = $this->call('POST', '/api/plan', ['values' => ['casting.sections' => $laid['sections'], 'metal.alloy' => 'al_si7mg']]);
        self::assertSame([], $plan['problems']);
        self::assertSame([], $plan['solid']['apart']);

        $pointers = fn (array $more): array => array_column(
            $this->call('POST', '/api/starters', ['measures' => $more + $ask['measures']] + $ask, 422)['problems'],
            'pointer',
        );
        self::assertSame(['/measures/flange'], $pointers(['flange' => '']));
        self::assertSame(['/measures/wall'], $pointers(['wall' => 'thick']));
        self::assertSame(['/measures'], $pointers(['flange' => '40 mm']), 'a flange narrower than its tube');
        $this->call('POST', '/api/starters', ['starter' => 'teapot', 'measures' => []], 422);
    }

    public function testSectionsAreKeptWithTheUnitsTheyWereTypedIn(): void
    {
        $casting = $this->casting();
        $id = self::id();
        $sections = Plans::sectionsWith('rim', ['thickness' => '3/16 in']);
        $this->log($id, ['casting_id' => $casting, 'planned' => ['casting.sections' => $sections] + Plans::values()]);
        $kept = $this->call('GET', "/api/attempts/{$id}")['planned']['casting.sections']['raw'];
        self::assertEquals(['value' => 0.1875, 'unit' => 'in'], $kept[2]['thickness']);

        $plan = $this->call('GET', "/api/attempts/{$id}/plan");
        self::assertSame([], $plan['problems']);
        self::assertStringContainsString('4.76', (string) json_encode($plan['section']['parts']));
    }

    public function testTheWorkshopIsUsedAndChangedRowByRow(): void
    {
        $this->furnish(self::WORKSHOP);
        $stock = $this->call('GET', '/api/workshop')['stock'][0];
        self::assertSame([2.2, 'Si 7, Mg 0.35, Fe 0.15'], [$stock['columns']['price']['raw'], $stock['columns']['composition']['shown']]);
        $lift = fn (string $to, int $expect): array => $this->change(
            [['part' => 'workshop', 'id' => self::id(), 'set' => Changes::set(['safe_lift' => $to], '', ['safe_lift' => '15 kg'])]],
            $expect,
        );
        $lift('12 kg', 200);
        self::assertSame('12 kg', str_replace("\u{A0}", ' ', (string) $lift('18 kg', 409)['clashes'][0]['stored']['shown']));
        // Another device put a price right meanwhile: that is no clash with the name.
        $row = fn (string $column, mixed $was, mixed $to): array => $this->change([
            ['part' => 'workshop_row', 'id' => $stock['id'], 'set' => Changes::set([$column => $to], '', [$column => $was])],
        ]);
        $row('price', 2.2, '2.40');
        $row('name', 'Wheels', 'Old wheels');
        $columns = $this->call('GET', '/api/workshop')['stock'][0]['columns'];
        self::assertSame([2.4, 'Old wheels'], [$columns['price']['raw'], $columns['name']['raw']]);

        $plan = $this->call('POST', '/api/plan', ['values' => ['gating.sprue' => null] + Plans::values()]);
        $figures = array_column(array_merge(...array_column($plan['stages'], 'figures')), null, 'code');
        self::assertArrayHasKey('energy_cost', $figures);
        self::assertEqualsWithDelta(0.015875, $figures['sprue_base']['value']['value'], 1e-6, 'the caster’s own tube of 5/8 inch');
    }

    public function testFaultsOfAWorkshopPointAtTheirField(): void
    {
        $refused = $this->furnish(
            [
                'cutters' => [['name' => 'x', 'kind' => 'saw', 'size' => '4 kg']],
                'stock' => [['name' => 'y', 'composition' => ['Si' => '70 %', 'Mg' => '40 %']]],
                'currency' => 'euro',
            ],
            422,
        );

        self::assertEqualsCanonicalizing(
            ['/changes/1/set/size', '/changes/1/set/kind', '/changes/2/set/composition', '/changes/0/set/currency'],
            array_column($refused['problems'], 'pointer'),
        );
    }

    public function testAMixIsMadeFromTheStockOrSaysWhyNot(): void
    {
        $this->furnish(self::WORKSHOP);
        $mix = $this->call('POST', '/api/mix', [
            'melt' => '3 kg',
            'windows' => ['Si' => ['low' => '6.5 %', 'high' => '7.5 %'], 'Fe' => ['low' => null, 'high' => '0.45 %']],
        ]);
        self::assertTrue($mix['feasible']);
        self::assertMatchesRegularExpression('/^\d+\.\d\d$/', $mix['cost']);
        self::assertGreaterThan(0, (float) $mix['cost']);

        $none = $this->call('POST', '/api/mix', ['melt' => '3 kg', 'windows' => ['Cu' => ['low' => '2 %', 'high' => '3 %']]]);
        self::assertFalse($none['feasible']);
        self::assertFalse(array_column($none['composition'], 'met', 'element')['Cu']);
        $this->call('POST', '/api/mix', ['melt' => '3 kg', 'windows' => ['Si' => ['low' => '9 %', 'high' => '5 %']]], 422);
    }

    public function testAMeshIsMeasuredAndABrokenOneReported(): void
    {
        $mesh = $this->measured('mm', Meshes::binary(Meshes::box([20, 30, 40])))['mesh'];
        self::assertTrue($mesh['closed']);
        self::assertEqualsWithDelta(24.0, $mesh['volume']['value'], 1e-6);

        $open = $this->measured('in', Meshes::binary(array_slice(Meshes::box([2, 3, 4]), 1)))['mesh'];
        self::assertSame('mesh.open', $open['faults'][0]['code']);
        $refused = $this->measured('mm', 'no mesh at all');
        self::assertSame(['refused', 'mesh.too_short'], [$refused['state'], $refused['refused']['code']]);
        $this->send('/api/meshes', 'no unit', 422);
    }

    public function testTheCutIsAShareOfTheDepthAndNothingElse(): void
    {
        $values = ['casting.sections' => [['shape' => 'cylinder', 'diameter' => '100 mm', 'height' => '10 mm']]];
        $front = $this->call('POST', '/api/plan', ['values' => $values, 'cut' => 0.25])['above']['cut_along'];
        self::assertEqualsWithDelta(-25.0, $front, 0.01);
        foreach ([2, -0.1, 'middle', true] as $nonsense) {
            $problem = $this->call('POST', '/api/plan', ['values' => $values, 'cut' => $nonsense], 422);
            self::assertSame('/cut', $problem['problems'][0]['pointer']);
        }
    }

    /** While somebody types, a body that cannot be is told at its field and nothing is computed from it: no negative volume. */
    public function testABodyThatCannotBeIsToldAndNotComputed(): void
    {
        $bodies = [
            'hole' => ['shape' => 'pierced', 'length' => '50 mm', 'width' => '40 mm', 'thickness' => '20 mm', 'hole' => '60 mm'],
            'wall' => ['shape' => 'tube', 'diameter' => '20 mm', 'wall' => '30 mm', 'height' => '40 mm'],
            'width' => ['shape' => 'ring', 'diameter' => '20 mm', 'width' => '30 mm', 'thickness' => '4 mm'],
            'area' => ['shape' => 'free', 'volume' => '100 mL', 'area' => '1 cm2'],
        ];
        foreach ($bodies as $field => $body) {
            $plan = $this->call('POST', '/api/plan', ['values' => ['casting.sections' => [$body], 'metal.alloy' => 'al_si7mg']]);
            self::assertSame("/values/casting.sections/0/{$field}", $plan['problems'][0]['pointer']);
            $told = array_merge(...array_column($plan['stages'], 'figures'));
            self::assertNotContains('casting_volume', array_column($told, 'code'), $field);
        }
    }

    public function testOneLayerIsLookedAtAndNoOtherWordIsOne(): void
    {
        $values = ['casting.sections' => [['shape' => 'cylinder', 'diameter' => '100 mm', 'height' => '10 mm', 'gates' => 1]]];
        $layers = array_column($this->call('POST', '/api/plan', ['values' => $values, 'layer' => 'way'])['layers'], 'bands', 'code');
        self::assertCount(4, $layers['way']);
        self::assertSame([], $layers['thickness']);
        foreach (['heat', 4, true, ['way']] as $nonsense) {
            $problem = $this->call('POST', '/api/plan', ['values' => $values, 'layer' => $nonsense], 422);
            self::assertSame('/layer', $problem['problems'][0]['pointer']);
        }
    }

    /** A read mesh is a casting: laid one way up it plans and draws, is kept with the attempt, and is nobody else's. */
    public function testAMeshIsLaidAndPlannedAndIsNobodyElses(): void
    {
        $facets = [...Meshes::box([100, 60, 8]), ...Meshes::box([30, 30, 25.5], [35, 15, 7.5])];
        $mesh = $this->measured('mm', Meshes::binary($facets))['mesh'];
        self::assertCount(6, $mesh['ways']);
        self::assertSame(['mesh.overlap'], array_column($mesh['faults'], 'code'));
        self::assertEqualsWithDelta(48 + 30 * 30 * 25 / 1000, $mesh['volume']['value'], 0.4);
        [$best] = $mesh['ways'];
        self::assertEqualsWithDelta(0.0, $best['undercut']['value'], 0.2);
        self::assertEqualsWithDelta(33.0, $best['box'][2]['value'], 0.8);
        $values = [
            'casting.sections' => [$best['section']], 'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg',
            'gating.sprue_height' => '120 mm', 'pour.temperature' => '740 C',
        ];
        $plan = $this->call('POST', '/api/plan', ['values' => $values]);
        self::assertNotNull($plan['solid']);
        self::assertContains('cope_face', array_column(array_column($plan['stages'], null, 'stage')['mould']['figures'], 'code'));
        self::assertCount(8, array_column($plan['section']['parts'], null, 'kind')['cavity']['outline'] ?? []);

        $this->signedIn('second@molten.example');
        self::assertNull($this->call('POST', '/api/plan', ['values' => $values])['solid']);
        $this->call('GET', "/api/meshes/{$best['section']['mesh']}", null, 404);
    }

    public function testAFileThatNeverEndsAFacetIsGivenUpAndTheFileIsGone(): void
    {
        $endless = $this->measured('mm', "solid x\nfacet normal 0 0 1\n".str_repeat("vertex 1 2 3\n", 400_000));

        self::assertSame('mesh.endless', $endless['refused']['code']);
        self::assertSame([], glob(getenv('MOLTEN_VAR_DIR').'/meshes/'.$endless['id'].'*'));
    }

    public function testThreeMeshesWaitAtMost(): void
    {
        for ($i = 0; $i < 3; ++$i) {
            $this->send('/api/meshes?unit=mm', Meshes::binary(Meshes::box([20, 30, 40])));
        }
        $this->send('/api/meshes?unit=mm', Meshes::binary(Meshes::box([20, 30, 40])), 429);
    }

    /** @return array<string, mixed> what the worker made of it */
    private function measured(string $unit, string $bytes): array
    {
        $taken = $this->send("/api/meshes?unit={$unit}", $bytes);
        self::assertSame('waiting', $taken['state']);
        $worker = self::getContainer()->get(ReadMeshHandler::class);
        self::assertInstanceOf(ReadMeshHandler::class, $worker);
        $worker(new ReadMesh((string) $taken['id']));

        return $this->call('GET', "/api/meshes/{$taken['id']}");
    }

    public function testTheChangeSheetShowsTheNumberMoveIntoItsBand(): void
    {
        $attempt = $this->pour($this->casting(), [
            'planned' => Plans::values(),
            'made' => ['pour.temperature' => '680 C', 'pour.carry_time' => '30 s', 'pour.time' => '3 s', 'sand.condition' => 'good'],
            'observations' => ['sluggish'],
        ]);
        $this->find($attempt['id'], ['kind' => 'misrun', 'places' => ['far_from_gate'], 'severity' => 'spoils']);
        $why = $this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis");
        self::assertSame('metal_cold', $why['causes'][0]['cause']);
        self::assertStringContainsString('times as far as the rim asks', (string) json_encode($why['causes'][0]['contributions']));

        $this->say((string) $attempt['id'], ['sheet.hotter' => true]);
        $sheet = $this->call('GET', "/api/attempts/{$attempt['id']}/change-sheet");
        $moves = array_column($sheet['moves'], null, 'code');
        self::assertArrayHasKey('fill_ratio', $moves);
        self::assertSame('bad', $moves['fill_ratio']['before_standing']);
        self::assertNotSame('bad', $moves['fill_ratio']['after_standing']);
    }

    public function testOwnPoursTeachTheFillFactorAndOwnHeatsTheEfficiency(): void
    {
        $casting = $this->casting();
        for ($i = 0; $i < 3; ++$i) {
            $attempt = $this->pour($casting, [
                'planned' => Plans::values(),
                'made' => ['pour.time' => '1.5 s', 'pour.temperature' => '730 C'],
                'heat' => ['values' => ['metal.alloy' => 'al_si7mg', 'metal.charge' => '1 kg', 'melt.energy' => '1.2 kWh']],
                'observations' => [],
            ]);
            $this->find($attempt['id'], ['kind' => 'misrun']);
        }
        $plan = $this->call('POST', '/api/plan', ['values' => Plans::values()]);

        self::assertSame(3, $plan['calibration']['pours']);
        self::assertLessThan(1.0, $plan['calibration']['factor']);
        self::assertSame(3, $this->call('GET', '/api/workshop')['learnt'][0]['heats']);
    }

    public function testPlanWhyAttemptAndDocumentQuoteOneNumberAndAnAttemptDoesNotTeachItself(): void
    {
        $casting = $this->casting();
        $short = fn (): array => $this->pour($casting, [
            'planned' => Plans::values(),
            'made' => ['pour.time' => '1.5 s', 'pour.temperature' => '730 C'],
            'observations' => [],
        ]);
        $first = $short();
        $this->find($first['id'], ['kind' => 'misrun']);
        self::assertSame(
            0,
            $this->call('GET', "/api/attempts/{$first['id']}/plan")['calibration']['pours'],
            'the only pour there is has nothing to learn from',
        );
        self::assertSame(1, $this->call('POST', '/api/plan', ['values' => Plans::values()])['calibration']['pours']);
        self::assertSame(
            0,
            $this->call('POST', '/api/plan', ['values' => Plans::values(), 'attempt' => $first['id']])['calibration']['pours'],
        );
        for ($i = 0; $i < 2; ++$i) {
            $this->find($short()['id'], ['kind' => 'misrun']);
        }
        $this->forget();

        $plan = $this->call('GET', "/api/attempts/{$first['id']}/plan");
        self::assertSame(2, $plan['calibration']['pours']);
        $ratios = array_values(
            array_filter(
                array_merge(...array_column($plan['stages'], 'figures')),
                static fn (array $figure): bool => 'fill_ratio' === $figure['code'],
            ),
        );
        usort($ratios, static fn (array $a, array $b): int => $a['value']['value'] <=> $b['value']['value']);
        self::assertStringContainsString('Your own factor, from 2 pours', (string) json_encode($ratios[0]['working']));

        $why = $this->call('GET', "/api/attempts/{$first['id']}/diagnosis");
        self::assertSame($ratios[0]['working'], $why['workings']['fill_ratio'] ?? null, 'Why shows the plan’s own working');
        self::assertSame($plan['risks'], $this->call('GET', "/api/attempts/{$first['id']}")['risks']);
        self::assertSame($plan['section']['risks'], $this->call('GET', "/api/castings/{$casting}")['trail'][0]['section']['risks']);
        $document = $this->call('GET', "/api/attempts/{$first['id']}/document");
        $format = new QuantityFormatter(UnitPreferences::metric());
        $alone = PlanCasting::of(
            Basis::of(AttemptDocument::read($document, Catalogue::standard()->causeCodes())['record'], $format),
        )->toArray($format);
        self::assertEquals($plan['stages'], json_decode(json_encode($alone['stages'], \JSON_THROW_ON_ERROR), true));
    }
}
