<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** Metal from the shelf into the pot and back: made exact, put right after a check, missed before the day. */
final class MetalTest extends JourneyTestCase
{
    public function testASilverChargeIsMadeExactOnThePhoneAndTheReturnsAreKept(): void
    {
        $this->register('silver@molten.example');
        Chromium::resize($this->driver, 390, 844);
        $this->open('/workshop');
        $this->see('Write down what metal you have');
        $this->lot('Fine grain', '64 g', 'Silver 999', 'Known ingot');
        $this->lot('Bare wire', '0.4 kg', 'Copper', 'Known ingot');
        $attempt = $this->planned(
            ['metal.alloy' => 'silver_925', 'mould.process' => 'plaster', 'pattern.volume' => '2 mL', 'pattern.kind' => 'wax'],
            'Name plate',
        );
        $this->open("/attempts/{$attempt}/charge");
        $this->see('Silver 925 are wanted; nothing has gone into the pot yet');
        $this->press('Work out the charge');
        $this->see('The cheapest that comes out as Silver 925');
        $this->find('//*[@data-part="Fine grain"]');
        $this->press('I charged this');
        $this->find('//*[@data-moved="Fine grain"]');
        $this->see('Reaches the pot');
        // Sterling: 92.5 to 93 of silver in every hundred, in the middle where that costs nothing.
        self::assertMatchesRegularExpression('/Ag\s+92\.[6-8]/', $this->find('//tr[@data-element="Ag"]')->getText());

        $this->choose('What it is', 'Sprues, runners, risers');
        $this->choose('Onto which lot', 'A new lot of returns');
        $this->type('It weighs', '9 g');
        $this->press('Back on the shelf');
        $this->see('came back');
        $this->find('//*[@data-moved="Returns, Silver 925"]');
        $this->open('/workshop');
        $this->follow('Returns, Silver 925');
        $this->see('melted once');
        $this->see('Name plate, no. 1');
        $this->find('//tr[@data-element="Cu"][@data-standing="good" or @data-standing="risky"]');
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }

    public function testAnAlloyIsPutRightAfterACheckAndNonsenseIsRefusedWhereItWasTyped(): void
    {
        $this->register('brass@molten.example');
        $this->open('/workshop');
        $this->lot('Old taps', '5 kg', 'Yellow brass 60/40', 'Cast scrap');
        $this->press('Add metal');
        $this->type('What you call it', 'Zinc');
        $this->type('There was', '1 kg');
        $this->type('Composition, per cent', 'Zn 199');
        $this->press('Keep it');
        $this->see('Zn cannot be 199');
        $this->type('Composition, per cent', 'Zn 99.9');
        $this->press('Keep it');
        $this->find('//*[@data-lot="Zinc"]');
        $attempt = $this->planned(
            ['metal.alloy' => 'yellow_brass', 'mould.process' => 'green_sand', 'pattern.volume' => '250 mL', 'pattern.kind' => 'wood'],
        );
        $this->open("/attempts/{$attempt}/charge");
        $this->press('Weighed by hand');
        $this->find('//*[@aria-label="Out of which lot"]//button[starts-with(normalize-space(.), "Old taps")]')->click();
        $this->type('Went into the pot', 'a lot');
        $this->press('It went in');
        $this->find('//form[@aria-label="Weighed by hand"]//*[@role="alert"]');
        $this->type('Went into the pot', '4 kg');
        $this->press('It went in');
        $this->find('//*[@data-moved="Old taps"]');
        $this->type('Zn', '320');
        $this->press('What to add');
        $this->find('//section[@aria-label="A check of the pot"]//*[@role="alert"]');
        $this->type('Zn', '32');
        $this->press('What to add');
        $this->see('One thing to weigh out');
        $this->find('//*[@data-add="Zinc"]');
        $this->press('I stirred it in');
        $this->find('//*[@data-moved="Zinc"]');
        $this->see('Stirred in');
        $this->open("/attempts/{$attempt}/charge");
        $this->see('Too little Zn: 32');
    }

    public function testWhatIsShortIsSaidOnTheBenchUntilItIsBoughtAndACrackedCrucibleIsOut(): void
    {
        $this->register('short@molten.example');
        $this->open('/workshop');
        $this->lot('Ingots', '300 g', 'Al-Si12', 'Known ingot');
        $this->planned(
            ['metal.alloy' => 'al_si12', 'mould.process' => 'green_sand', 'pattern.volume' => '600 mL', 'pattern.kind' => 'wood'],
        );
        $this->open('/');
        $this->see('It is short by');
        $this->open('/workshop');
        $this->follow('Ingots');
        $this->press('More came');
        $this->type('Came on top', '4 kg');
        $this->press('Keep it');
        $this->find('//*[@data-entry="lot_added"]');
        $this->open('/workshop');
        $this->see('There is metal enough for what is planned.');

        $this->press('Add a crucible');
        $this->type('What you call it', 'Old pot');
        $this->type('To the brim', '1 L');
        $this->press('Keep it');
        $this->find('//*[@data-thing="Old pot"]');
        $this->press('Look it over Old pot');
        $this->choose('Found', 'Cracked');
        $this->press('Keep it');
        $this->see('It is cracked: no metal goes into it any more.');
    }

    private function lot(string $name, string $mass, string $alloy, string $what): void
    {
        $this->press('Add metal');
        $this->type('What you call it', $name);
        $this->type('There was', $mass);
        $this->pick('Alloy', $alloy);
        $this->pick('What it is', $what);
        $this->press('Keep it');
        $this->find("//*[@data-lot='{$name}']");
    }
}
