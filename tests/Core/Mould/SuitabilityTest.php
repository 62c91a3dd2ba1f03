<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Mould;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Mould\Suitability;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pour temperature against mould and metal, asked while planning. Limits: handbook tables and common practice, as marked in the table. */
final class SuitabilityTest extends TestCase
{
    /** @param array<string, mixed> $values */
    #[DataProvider('refused')]
    public function testWhatTheMouldDoesNotBearIsABadRisk(array $values, string $code, string $reason): void
    {
        $risk = self::risk($values, $code);

        self::assertSame('bad', $risk['standing'] ?? null);
        self::assertStringContainsString($reason, $risk['words'] ?? '');
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'aluminium in silicone' => [['mould.process' => 'silicone'], 'process_metal', 'bears tin and pewter'];
        yield 'lead in silicone' => [
            ['mould.process' => 'silicone', 'metal.alloy' => 'lead', 'pour.temperature' => '360 C'],
            'process_metal',
            "290\u{a0}°C",
        ];
        yield 'pewter at 310 in silicone' => [
            ['mould.process' => 'silicone', 'metal.alloy' => 'pewter_low_cu', 'pour.temperature' => '310 C'],
            'mould_limit',
            "within 20\u{a0}°C",
        ];
        yield 'steel in plaster' => [
            ['mould.process' => 'plaster', 'metal.alloy' => 'carbon_steel', 'pour.temperature' => '1590 C'],
            'process_metal',
            'sulphur',
        ];
        yield 'iron in plaster' => [
            ['mould.process' => 'plaster', 'metal.alloy' => 'grey_iron', 'pour.temperature' => '1350 C'],
            'process_metal',
            'sulphur',
        ];
        yield 'brass where it flares' => [['metal.alloy' => 'yellow_brass', 'pour.temperature' => '1060 C'], 'boils', 'zinc boils out'];
        yield 'zinc at its boiling point' => [['metal.alloy' => 'zn_al4', 'pour.temperature' => '907 C'], 'boils', '907'];
        yield 'a cold metal mould' => [
            ['mould.process' => 'metal_mould', 'mould.temperature' => '15 C'],
            'mould_damp',
            'throw the metal out',
        ];
        yield 'tin on foam' => [
            ['mould.process' => 'lost_foam', 'metal.alloy' => 'tin', 'pour.temperature' => '300 C'],
            'process_metal',
            'not hot enough',
        ];
        yield 'poured below the liquidus' => [['pour.temperature' => '600 C'], 'not_liquid', '615'];
        yield 'plaster hotter than gypsum bears' => [
            ['mould.process' => 'plaster', 'mould.temperature' => '760 C', 'metal.alloy' => 'tin_bronze', 'pour.temperature' => '1100 C'],
            'mould_limit',
            '750',
        ];
        yield 'the melt got too hot before' => [
            ['metal.alloy' => 'zn_al4', 'pour.temperature' => '450 C', 'melt.peak' => '950 C'],
            'boils',
            '907',
        ];
    }

    /** @param array<string, mixed> $values */
    #[DataProvider('questioned')]
    public function testWhatIsNearTheLimitIsQuestioned(array $values, string $code): void
    {
        self::assertSame('risky', self::risk($values, $code)['standing'] ?? null);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function questioned(): iterable
    {
        yield 'pewter at 300 in silicone' => [
            ['mould.process' => 'silicone', 'metal.alloy' => 'pewter_sb7cu2', 'pour.temperature' => '300 C'],
            'mould_limit',
        ];
        yield 'brass 40 below' => [['metal.alloy' => 'yellow_brass', 'pour.temperature' => '1020 C'], 'boils'];
        yield 'iron in silicate sand without a wash' => [
            ['mould.process' => 'silicate_sand', 'metal.alloy' => 'grey_iron', 'pour.temperature' => '1350 C'],
            'process_metal',
        ];
        yield 'a metal mould of unknown warmth' => [['mould.process' => 'metal_mould'], 'mould_damp'];
    }

    public function testWhatTheTradeDoesEveryDayIsNotQuestioned(): void
    {
        foreach (
            [
                [],
                ['mould.process' => 'silicone', 'metal.alloy' => 'pewter_low_cu', 'pour.temperature' => '275 C'],
                [
                    'mould.process' => 'plaster',
                    'metal.alloy' => 'silicon_bronze',
                    'pour.temperature' => '1100 C',
                    'mould.temperature' => '450 C',
                ],
                [
                    'mould.process' => 'silicate_sand',
                    'metal.alloy' => 'grey_iron',
                    'pour.temperature' => '1350 C',
                    'mould.coating' => 'dry',
                ],
                ['metal.alloy' => 'yellow_brass', 'pour.temperature' => '1000 C'],
                ['mould.process' => 'metal_mould', 'mould.temperature' => '180 C'],
            ] as $values
        ) {
            self::assertSame(
                [],
                array_values(
                    array_intersect(array_column(Plans::of($values)->risks(), 'code'), [
                        'process_metal',
                        'mould_limit',
                        'boils',
                        'mould_damp',
                        'not_liquid',
                        'mould_too_hot',
                    ]),
                ),
                json_encode($values, \JSON_THROW_ON_ERROR),
            );
        }
    }

    public function testEveryProcessSaysSomethingOfEveryMetal(): void
    {
        foreach (array_keys(Choices::list('process')) as $process) {
            foreach (AlloyTable::all() as $alloy) {
                $questions = (new Suitability($process, $alloy))->questions(
                    null,
                    null,
                    true,
                    new \MoltenNotes\Core\Quantity\QuantityFormatter(\MoltenNotes\Core\Quantity\UnitPreferences::metric()),
                );
                self::assertLessThan(3, count($questions), "{$process} {$alloy->code}");
            }
        }
    }

    public function testAMouldAsHotAsTheSolidusIsRefusedWithTheReason(): void
    {
        // It was a fill ratio of 62 000, "good", and solid after days.
        $hot = [
            'mould.process' => 'ceramic_shell',
            'mould.temperature' => '600 C',
            'casting.sections' => [['shape' => 'plate', 'length' => '100 mm', 'width' => '60 mm', 'thickness' => '5 mm', 'gates' => 1]],
        ];
        $plan = Plans::of($hot);

        self::assertStringContainsString('solidus of Al-Si7Mg (wheels, castings), 555', self::risk($hot, 'mould_too_hot')['words'] ?? '');
        self::assertNull($plan->least('filling', 'fill_ratio'));
        self::assertNull($plan->least('feeding', 'freezing_time'));
        self::assertContains(['mould.temperature'], array_column($plan->stages['filling']->missing, 'fields'));
        self::assertNotNull(Plans::of(['mould.temperature' => '300 C'] + $hot)->least('filling', 'fill_ratio'));
    }

    public function testNoRemedyPoursHotterThanTheMouldBears(): void
    {
        $record = Records::read([
            'made' => [
                'mould.process' => 'silicone',
                'metal.alloy' => 'pewter_low_cu',
                'pour.temperature' => '285 C',
                'casting.wall' => '1 mm',
                'casting.run' => '200 mm',
                'gating.sprue' => '8 mm',
                'gating.sprue_height' => '60 mm',
            ],
            'findings' => [['kind' => 'misrun']],
        ]);
        $planner = new \MoltenNotes\Core\NextAttempt\NextAttempt(
            \MoltenNotes\Core\Diagnosis\Catalogue::standard(),
            \MoltenNotes\Core\Quantity\UnitPreferences::metric(),
        );
        foreach ($planner->proposals($record, ['metal_cold', 'foam_gas']) as $change) {
            if ('pour.temperature' === $change->remedy->field && $change->new instanceof \MoltenNotes\Core\Quantity\Measurement) {
                self::assertLessThan(310.0, $change->new->in('degC'));
            }
        }
        $this->addToAssertionCount(1);
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return array<string, string>|null
     */
    private static function risk(array $values, string $code): ?array
    {
        foreach (Plans::of($values)->risks() as $risk) {
            if ($risk['code'] === $code) {
                return $risk;
            }
        }

        return null;
    }
}
