<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** A part held against itself in other moulds, on the phone, and planned the better way. */
final class WaysTest extends JourneyTestCase
{
    public function testWaysAreHeldAgainstEachOtherAndOneIsPlanned(): void
    {
        $this->signInAsDemo();
        Chromium::resize($this->driver, 390, 844);
        $this->open('/castings');
        $this->follow('Boom crutch');
        $this->follow('No. 6');
        $this->press('Other ways');
        $this->see('Ways of making it');
        $this->find('//*[@data-question="elapsed"]//*[@data-way="green_sand"]');
        $this->pick('Process 2', 'Ceramic shell');
        $this->find('//*[@data-question="skin"]//*[@data-way="ceramic_shell"]');
        $this->see('Ceramic shell has the finest skin');
        $this->press('Another way');
        $this->find('//label[contains(., "Process 4")]');
        $this->press('Leave it out way 4');
        // Its own green sand was poured before: that is told with what so few pours leave open.
        self::assertMatchesRegularExpression('/3 of 6 good \(\d+ to \d+ %\)/', $this->text());
        $this->press('Plan it this way Ceramic shell');
        $this->see('Boom crutch');
        $this->driver->wait(15, 50)->until(fn (): bool => str_contains($this->driver->getCurrentURL(), '/plan'));
        $this->driver->navigate()->back();
        $this->see('Ways of making it');
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }
}
