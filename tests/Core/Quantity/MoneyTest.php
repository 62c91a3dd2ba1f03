<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Quantity;

use MoltenNotes\Core\Quantity\ImpossibleQuantity;
use MoltenNotes\Core\Quantity\Money;
use MoltenNotes\Core\Quantity\UnreadableQuantity;
use PHPUnit\Framework\TestCase;

final class MoneyTest extends TestCase
{
    public function testAmountsAreExact(): void
    {
        $sum = Money::ofMinor(0, 'EUR');
        for ($i = 0; $i < 10; ++$i) {
            $sum = $sum->plus(Money::parse('0,10', 'EUR'));
        }

        self::assertSame('1.00', $sum->decimal());
        self::assertSame('-3.05', Money::parse('-3.05', 'EUR')->decimal());
    }

    public function testThirdsOfACentAreNotMoney(): void
    {
        $this->expectException(UnreadableQuantity::class);
        Money::parse('1.333', 'EUR');
    }

    public function testTwoCurrenciesDoNotAddUp(): void
    {
        $this->expectException(ImpossibleQuantity::class);
        Money::ofMinor(100, 'EUR')->plus(Money::ofMinor(100, 'GBP'));
    }
}
