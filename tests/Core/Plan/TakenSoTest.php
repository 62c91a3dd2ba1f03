<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan;

use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;
use MoltenNotes\Tests\Support\Records;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

/** A computed size that is taken over, as it is offered, keeps the rule it was computed by. */
#[Group('wide')]
final class TakenSoTest extends TestCase
{
    /** @return iterable<string, array{UnitPreferences}> */
    public static function units(): iterable
    {
        yield 'metric' => [UnitPreferences::metric()];
        yield 'imperial' => [UnitPreferences::imperial()];
    }

    #[DataProvider('units')]
    public function testNoRiserTakenSoIsTooSmall(UnitPreferences $units): void
    {
        $format = new QuantityFormatter($units);
        $taken = 0;
        foreach (['al_si7mg', 'al_si12', 'red_brass', 'tin_bronze', 'grey_iron', 'za_27'] as $alloy) {
            foreach (range(14, 60, 2) as $size) {
                $values = [
                    'metal.alloy' => $alloy,
                    'feeding.riser' => 'open',
                    'pour.temperature' => null,
                    'casting.sections' => [
                        [
                            'id' => 'plate',
                            'label' => 'Plate',
                            'shape' => 'plate',
                            'length' => '120 mm',
                            'width' => '80 mm',
                            'thickness' => '5 mm',
                            'gates' => 1,
                        ],
                        [
                            'id' => 'boss',
                            'label' => 'Boss',
                            'shape' => 'boss',
                            'diameter' => "{$size} mm",
                            'height' => '20 mm',
                            'joins' => 'plate',
                            'sits' => 'top',
                            'riser' => true,
                        ],
                    ],
                ];
                $offer = $this->plan($values, $format)->figure('feeding', 'riser_diameter', 'boss')?->toArray($format)['offer'] ?? null;
                if (!is_array($offer)) {
                    continue;
                }
                // As the browser sends it back.
                $raw = json_decode(json_encode($offer['raw'], \JSON_THROW_ON_ERROR), true);
                $ratio = $this->plan(['feeding.riser_diameter' => $raw] + $values, $format)->figure('feeding', 'feeder_ratio', 'boss');
                self::assertNotNull($ratio);
                self::assertSame('good', $ratio->standing, "{$alloy}, boss {$size} mm: {$ratio->value->si}");
                ++$taken;
            }
        }
        self::assertGreaterThan(100, $taken);
    }

    /** @param array<string, mixed> $changes */
    private function plan(array $changes, QuantityFormatter $format): \MoltenNotes\Core\Plan\CastingPlan
    {
        return PlanCasting::of(
            Basis::of(
                Records::read(['planned' => array_filter($changes + Plans::values(), static fn (mixed $value): bool => null !== $value)]),
                $format,
            ),
        );
    }
}
