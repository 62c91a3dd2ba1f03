<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use MoltenNotes\Tests\Support\Chromium;

/** Plaster for two flasks in one batch, on a phone beside the scale; and a recipe of one's own. */
final class MixesTest extends JourneyTestCase
{
    public function testPlasterForTwoFlasksIsWeighedInOneBatchAndTheClockGoesOnOverAReload(): void
    {
        $this->register('mixes@molten.example');
        Chromium::resize($this->driver, 390, 844);
        $this->open('/workshop');
        $this->press('Add a consumable');
        $this->type('What you call it', 'Investment powder');
        $this->type('There was', '20 kg');
        $this->press('Keep it');
        $this->find('//*[@data-thing="Investment powder"]');
        $this->press('Mix a batch');
        $this->choose('What', 'Casting investment');
        $this->press('Put it on the scale');
        $this->see('Say what is to be filled or coated');
        $this->type('To be filled', '1.2 L + a cup');
        $this->press('Put it on the scale');
        $this->find('//*[@role="alert"]');
        $this->type('To be filled', '1.2 L + 0.8 L');
        $this->type('Temperature of the water', '20 C');
        $this->type('Largest bucket', '2 L');
        $this->press('Put it on the scale');
        $this->see('the joint between two of them does not hold');
        $this->type('Largest bucket', '6 L');
        $this->press('Put it on the scale');
        $this->gone('the joint between two of them does not hold');
        $parts = array_map(
            static fn ($part): mixed => $part->getAttribute('data-part'),
            $this->driver->findElements(WebDriverBy::cssSelector('[data-part]')),
        );
        self::assertSame(['Water', 'Investment powder'], $parts);
        // 2 L and 12 % at 40 to 100: 1.14 kg of water, 2.85 kg of powder.
        self::assertMatchesRegularExpression('/1\.1\d kg \(.*2\.8\d kg \(/s', $this->text());
        // What stands among the consumables goes off its shelf with a press, and only once.
        $this->press('Take investment powder off the shelf');
        $this->find('//button[normalize-space(.)="Off the shelf" and @disabled]');
        $this->press('The parts meet now');
        $this->see('In place by');
        $this->driver->navigate()->refresh();
        $this->see('In place by');
        $this->press('Put the clock away');

        $this->press('A recipe of your own after it');
        $this->type('What you call it', 'Thinner');
        $this->type('Parts by mass', 'Water 44; Investment powder none');
        $this->press('Keep the recipe');
        $this->see('Its share is a number above 0');
        $this->type('Parts by mass', 'Water 44; Investment powder 100');
        $this->press('Keep the recipe');
        $this->see('By mass: Water 44, Investment powder 100');
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }

    private function gone(string $words): void
    {
        $this->driver->wait(15, 50)->until(fn (): bool => !str_contains($this->text(), $words));
    }
}
