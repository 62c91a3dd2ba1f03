<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Plan\Stage;

use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\TestCase;

/** Between what fills and what the mould bears: open, or empty and said to be. */
final class PourWindowTest extends TestCase
{
    private const RING = [
        'mould.process' => 'silicone', 'gating.sprue_height' => '50 mm', 'pour.carry_time' => '5 s', 'pour.temperature' => '300 C',
        'casting.sections' => [
            [
                'id' => 'ring', 'label' => 'Ring', 'shape' => 'ring', 'diameter' => '22 mm', 'width' => '2 mm', 'thickness' => '6 mm',
                'gates' => 1,
            ],
        ],
    ];

    /** Silicone bears tin and pewter to 290 °C at its face (common practice): Sn-Sb7-Cu2 is at its edge, low-copper pewter far inside. */
    public function testAPewterRingHasAWindowInOneAlloyAndNoneInAnother(): void
    {
        $empty = self::window(['metal.alloy' => 'pewter_sb7cu2']);
        self::assertSame('bad', $empty->standing);
        self::assertStringContainsString('The window is empty', $empty->note);

        $open = self::window(['metal.alloy' => 'pewter_low_cu']);
        self::assertSame('plain', $open->standing);
        self::assertEqualsWithDelta(273.15 + 310, $open->value->highSi, 0.1);
        self::assertLessThan(273.15 + 285, $open->value->lowSi);
    }

    public function testCarryingItFartherClosesIt(): void
    {
        $width = static fn (Figure $window): float => $window->value->highSi - $window->value->lowSi;
        $near = self::window(['metal.alloy' => 'pewter_low_cu', 'pour.carry_time' => '2 s']);
        $far = self::window(['metal.alloy' => 'pewter_low_cu', 'pour.carry_time' => '30 s']);

        self::assertGreaterThan($width($far), $width($near));
    }

    public function testItIsNoHotterThanTheMouldBears(): void
    {
        $sand = Plans::of(['pour.temperature' => '740 C'])->figure('filling', 'window', '');
        self::assertNotNull($sand);
        self::assertStringContainsString('what is usual for this metal', $sand->note);
        // Zinc boils at 907 °C (handbook tables): far above what it is poured at, so practice bounds it first.
        $zinc = Plans::of(['metal.alloy' => 'za_12', 'pour.temperature' => '520 C'])->figure('filling', 'window', '');
        self::assertLessThan(273.15 + 907, $zinc->value->highSi ?? \INF);
    }

    /** @param array<string, mixed> $change */
    private static function window(array $change): Figure
    {
        $window = Plans::bare($change + self::RING)->figure('filling', 'window');
        self::assertNotNull($window);

        return $window;
    }
}
