<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** The day of a pour on a phone: holds, taps, a connection that goes and comes back, and what stands in the record afterwards. */
final class PourDayTest extends DevicesTestCase
{
    public function testADayIsTappedOnThePhoneAndStandsInTheRecord(): void
    {
        Chromium::resize($this->driver, 390, 844);
        $this->signInAsDemo();
        $this->open('/castings');
        $this->follow('Rowlock socket');
        $this->follow('No. 5');
        $this->press('Pour day');
        $this->see('Light the furnace');
        $this->press('Lit');
        $this->see('holds are open');
        $this->type('Why you go on all the same', 'Checked with the neighbour, list on paper');
        $this->press('Go on, and keep the reason');
        $this->press('All liquid', '//section[@aria-label="This step"]');
        $this->press('Temperature');
        $this->type('What it reads', '758 C');
        $this->press('Keep it');
        $this->press('Skimmed', '//section[@aria-label="This step"]');
        $this->press('Out of the furnace');
        $this->type('Why you go on all the same', 'Same list');
        $this->press('Go on, and keep the reason');
        $this->see('At the mould');

        $this->offline(true);
        $this->press('Pour starts', '//section[@aria-label="This step"]');
        $this->press('Bubbled or kicked');
        $this->press('Full', '//section[@aria-label="This step"]');
        $this->see('on this device');
        $this->see('Since it was full');
        $this->offline(false);
        $this->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $this->gone('//section[@aria-label="Tapped so far"]//span[normalize-space(.)="on this device"]');

        $this->press('Rowlock socket, no. 5');
        $this->see('waits for inspection');
        $row = '//section[@aria-label="Record"]//div[contains(., "Pour temperature")]';
        $this->find("{$row}[contains(., '758')][contains(., 'measured')]");
        self::assertStringContainsString('Bubbled or kicked back', $this->text());
    }
}
