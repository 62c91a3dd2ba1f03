<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use MoltenNotes\Tests\Support\Chromium;

/** A heap of sand on a phone: tested, mended by the scale, moulded and poured; what makes no sense is refused where it was typed. */
final class HeapTest extends JourneyTestCase
{
    public function testATiredHeapIsTestedMendedAndItsMouldPoured(): void
    {
        $this->register('heap@molten.example');
        Chromium::resize($this->driver, 390, 844);
        $this->open('/workshop');
        $this->press('Add a heap');
        $this->type('What you call it', 'Shed heap');
        $this->choose('Kind of sand', 'Green sand, bentonite');
        $this->type('It weighs', '80 lb');
        $this->type('Clay in the recipe', '8 %');
        $this->type('Your scale shows steps of', '0.1 g');
        $this->press('Keep the heap');
        $this->follow('Shed heap');
        $this->see('Its moisture is not known today');

        // The squeeze, and a sample that cannot be: nothing of it is lost.
        $this->press('Test it');
        $this->press('Crumbles The lump falls apart', '//*[@role="dialog"]');
        $this->type('Sample, moist', '180 g');
        $this->type('The same, dried', '200 g');
        $this->press('Keep the test');
        $this->see('It cannot weigh more afterwards than before');
        $this->type('Sample, moist', '204 g');
        $this->press('Keep the test');
        $this->see('Too dry by the squeeze');
        $water = $this->driver->findElement(WebDriverBy::cssSelector('[data-add="water"]'))->getText();
        self::assertMatchesRegularExpression('/\d+ g \(\d+–\d+\)/', $water);

        // What was worked out is written down with one press, and the heap is wetter for it.
        $this->press('I mixed it in');
        $this->press('As it was worked out');
        $this->press('Keep it');
        $this->see('Fit to mould');
        $this->press('Test it');
        $this->press('Breaks clean Holds the fingers, snaps sharp', '//*[@role="dialog"]');
        $this->type('Sample, moist', '200 g');
        $this->type('The same, dried', '193 g');
        $this->press('Keep the test');
        $this->see('moisture 3.5 %');

        // A mould made of it knows its sand, and the heap its pour.
        $this->open('/log');
        $this->press('New casting');
        $this->type('What is it?', 'Gaff jaw');
        $this->press('Add the casting');
        $this->find('//*[@role="radio"][normalize-space(.)="Gaff jaw"][@aria-checked="true"]');
        $this->choose('Mould process', 'Green sand');
        $this->choose('Made of the heap', 'Shed heap');
        $this->press('Save the pour');
        $this->see('No. 1: waits for inspection');
        $this->see('Breaks clean');
        $this->press('Shed heap', '//section[@aria-label="Sand"]//p');
        $this->see('one pour');
        $this->see('Gaff jaw, no. 1');

        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }

    public function testWhatWasTypedOfATestIsThereAfterTheTabWent(): void
    {
        $this->signInAsDemo();
        $this->open('/workshop');
        $this->follow('Oil bin');
        $this->press('Test it');
        $this->type('Ignition: dry sample', '100 g');
        $this->type('fired', '96 g');
        $this->press('Close');
        $this->see('1 thing on this device');
        $this->driver->navigate()->refresh();
        // What was typed is on the device, also after the page went away.
        $this->press('Test it');
        $fired = $this->find('//label[.="fired"]/following::input[1]')->getAttribute('value');
        self::assertSame('96 g', $fired);
        $this->press('Keep the test');
        $this->see('Loss on ignition 4');
    }
}
