<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use MoltenNotes\Core\Plan\CastingPlan;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\WildCastings;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/**
 * The gating agrees with itself, over processes, metals and castings from a trinket to a flywheel: what is advised does what is told when
 * it is cut, goes into the section it enters, and every part of it is metal to melt.
 */
#[Group('wide')]
final class GatingAgreesTest extends TestCase
{
    /** Figure → the field it is recorded in when it is cut. */
    private const CUT = [
        'sprue_base' => 'gating.sprue', 'sprue_top' => 'gating.sprue_top', 'runner_height' => 'gating.runner_height',
        'runner_width' => 'gating.runner_width', 'gate_thickness' => 'gating.gate_thickness', 'gate_width' => 'gating.gate_width',
    ];
    private const POURS = [
        ['green_sand', 'al_si7mg', 720], ['oil_sand', 'tin_bronze', 1150], ['resin_sand', 'grey_iron', 1380],
        ['silicone', 'tin', 260], ['plaster', 'silicon_bronze', 1120], ['metal_mould', 'al_si7mg', 720],
        ['ceramic_shell', 'tin_bronze', 1150],
    ];

    public function testWhatIsAdvisedDoesTheSameWhenItIsCut(): void
    {
        foreach (self::castings(4) as [$planned, $words]) {
            $advised = Plans::bare($planned);
            $flow = $advised->figure('gating', 'flow');
            self::assertNotNull($flow, $words);
            $cut = Plans::bare($planned + self::asCut($advised));
            self::assertEqualsWithDelta(1.0, ($cut->figure('gating', 'flow')->value->si ?? 0.0) / $flow->value->si, 1e-6, $words);
            foreach (array_keys(self::CUT) as $code) {
                self::assertEqualsWithDelta(
                    $advised->figure('gating', $code)->value->si ?? 0.0,
                    $cut->figure('gating', $code)->value->si ?? 0.0,
                    1e-9,
                    "{$code}: {$words}",
                );
            }
        }
    }

    public function testNoGateIsWiderThanTheSectionItEntersAndNoStraightSprueIsWiderAbove(): void
    {
        foreach (self::castings(5) as [$planned, $words]) {
            foreach (['tapered', 'straight'] as $shape) {
                $plan = Plans::bare(['gating.sprue_shape' => $shape] + $planned);
                $width = $plan->figure('gating', 'gate_width')?->value->si;
                self::assertNotNull($width, $words);
                /** @var list<array<string, string>> $sections */
                $sections = $planned['casting.sections'];
                $side = max(
                    array_map(
                        static fn (string $measure): float => (float) ($sections[0][$measure] ?? '0') / 1000,
                        ['length', 'width', 'diameter'],
                    ),
                );
                self::assertLessThanOrEqual($side + 1e-9, $width, $words);
                $base = $plan->figure('gating', 'sprue_base')->value->si ?? 0.0;
                $top = $plan->figure('gating', 'sprue_top')->value->si ?? 0.0;
                'straight' === $shape
                    ? self::assertEqualsWithDelta($base, $top, 1e-9, $words)
                    : self::assertGreaterThanOrEqual($base, $top, $words);
            }
        }
    }

    public function testATrinketIsNotGatedLikeAFlywheel(): void
    {
        $ring = Plans::bare([
            'mould.process' => 'silicone', 'metal.alloy' => 'tin', 'pour.temperature' => '260 C', 'gating.sprue_height' => '40 mm',
            'casting.sections' => [
                ['id' => 'r', 'shape' => 'ring', 'diameter' => '22 mm', 'width' => '2.5 mm', 'thickness' => '5 mm', 'gates' => 1],
            ],
        ]);

        self::assertLessThan(0.016, $ring->figure('gating', 'gate_width')->value->si ?? 1.0);
        self::assertGreaterThan(0.02, $ring->figure('gating', 'fill_time')->value->si ?? 0.0);
    }

    public function testEveryPartOfEveryCastingIsMetalToMelt(): void
    {
        foreach (self::castings(3) as [$planned, $words]) {
            $plan = static fn (array $more): CastingPlan => Plans::bare($more + $planned);
            $poured = static fn (array $more): float => $plan($more)->figure('metal', 'poured')->value->si ?? 0.0;
            $yield = static fn (array $more): float => $plan($more)->figure('metal', 'yield')->value->si ?? 100.0;
            $castings = Plans::bare($planned)->figure('pattern', 'casting_mass')->value->si ?? 0.0;
            self::assertGreaterThan($castings, $poured([]), $words);
            self::assertLessThan(100.0, $yield([]), $words);
            self::assertLessThan(100.0, $yield(['gating.sprue_height' => null]), "nothing sized: {$words}");
            self::assertGreaterThan($poured([]) + $castings * 0.99, $poured(['casting.count' => 2]), $words);
            $riser = ['feeding.riser' => 'open', 'feeding.riser_diameter' => '30 mm', 'feeding.riser_height' => '40 mm'];
            $one = $poured($riser) - $poured(['feeding.riser' => 'none']);
            $four = $poured(['casting.count' => 4] + $riser) - $poured(['casting.count' => 4, 'feeding.riser' => 'none']);
            self::assertEqualsWithDelta(4.0, $four / $one, 1e-6, "risers of every casting: {$words}");
        }
    }

    public function testAChargeThatIsTooSmallIsSaidToBeShortBySoMuch(): void
    {
        $planned = [
            'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'casting.mass' => '1 kg', 'pattern.volume_by' => 'mass',
            'gating.sprue_height' => '120 mm',
        ];
        $plan = Plans::bare($planned);
        $poured = $plan->figure('metal', 'poured')->value->si ?? 0.0;
        $risks = static fn (float $kg): array => array_column(
            array_filter(
                Plans::bare($planned + ['metal.charge' => round($kg, 4).' kg'])->stages['metal']->risks,
                static fn (array $risk): bool => 'charge_short' === $risk['code'],
            ),
            'words',
            'standing',
        );

        self::assertArrayHasKey('bad', $risks($poured * 0.8));
        self::assertStringContainsString('short by', (string) json_encode($risks($poured * 0.8)));
        self::assertArrayHasKey('risky', $risks(($plan->figure('metal', 'charge')->value->si ?? 0.0) * 0.97));
        self::assertSame([], $risks(($plan->figure('metal', 'charge')->value->si ?? 0.0) * 1.01));
    }

    /** @return iterable<array{array<string, mixed>, string}> */
    private static function castings(int $each): iterable
    {
        $wild = new WildCastings(1208);
        foreach (self::POURS as [$process, $alloy, $celsius]) {
            for ($i = 0; $i < $each; ++$i) {
                $sections = $wild->next();
                yield [
                    [
                        'mould.process' => $process, 'metal.alloy' => $alloy, 'pour.temperature' => "{$celsius} C",
                        'casting.sections' => $sections, 'gating.sprue_height' => '420 mm', 'gating.fill' => 'parting',
                    ],
                    "{$process}, {$alloy}: ".json_encode($sections),
                ];
            }
        }
    }

    /** @return array<string, string> */
    private static function asCut(CastingPlan $plan): array
    {
        $cut = [];
        foreach (self::CUT as $code => $field) {
            $value = $plan->figure('gating', $code)?->value->si;
            if (null !== $value) {
                $cut[$field] = round($value * 1000, 9).' mm';
            }
        }

        return $cut;
    }
}
