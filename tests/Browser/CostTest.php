<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** What a good casting cost after two that failed: meter, shelf and paper noted on the phone. */
final class CostTest extends JourneyTestCase
{
    public function testAGoodCastingAfterTwoFailuresIsPaidForByAllThree(): void
    {
        $this->signInAsDemo();
        Chromium::resize($this->driver, 390, 844);
        $this->open('/castings');
        $this->follow('Bow fairlead');
        // Two failed before the third came out: its page says what that made of it.
        $this->see('What a good one costs');
        $this->see('one from 3 pours');
        $this->see('One failed pour less');
        $before = $this->each();

        $this->press('No. 3', '//section[@aria-label="What a good one costs"]');
        $this->see('What it cost');
        $this->find('//*[@data-cost="energy" and @data-how="measured"]');
        $this->type('Meter after the melt', 'a lot');
        $this->press('Keep it');
        $this->find('//*[@role="alert"]');
        $this->type('Meter after the melt', '4173.0 kWh');
        $this->press('Keep it');
        // Ten kilowatt-hours more, at the tariff with its tax, are 4.08 more for the one good casting.
        $this->driver->wait(15, 50)->until(fn (): bool => abs($this->each() - $before - 4.08) < 0.3);
        $this->pick('What was used', 'Grit paper, 120');
        $this->type('How much, or how many', '10');
        $this->press('It was used');
        $this->see('10 × Grit paper, 120');
        $this->driver->wait(15, 50)->until(fn (): bool => abs($this->each() - $before - 4.08 - 9.00) < 0.5);
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }

    /** What a good one costs, as it stands on the page. */
    private function each(): float
    {
        return 1 === preg_match('/A good one costs (?:at least )?([\d.]+) EUR/', $this->text(), $match) ? (float) $match[1] : 0.0;
    }
}
