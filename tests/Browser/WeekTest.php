<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;
use Symfony\Component\Process\Process;

/** The week before the pours on the phone: planned, done with a glove, slipped, and taken along in another calendar. */
final class WeekTest extends JourneyTestCase
{
    public function testAWeekIsPlannedDoneSlippedAndReadBack(): void
    {
        $this->register('week@molten.example');
        Chromium::resize($this->driver, 390, 844);
        $this->open('/week');
        $this->see('Nothing is planned: plan a casting');
        $values = ['metal.alloy' => 'al_si7mg', 'pattern.volume' => '200 mL', 'pattern.kind' => 'foam'];
        $this->planned($values + ['mould.process' => 'lost_foam', 'foam.coats' => 1], 'Fairlead');
        $this->planned($values + ['mould.process' => 'green_sand'], 'Rowlock');
        $this->open('/week');
        foreach (['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'] as $day) {
            $this->type($day, '0:00-24:00');
        }
        $this->type('Sunday', 'late');
        $this->press('Keep the hours');
        $this->see('Say from when to when');
        $this->type('Sunday', '0:00-24:00');
        $this->press('Keep the hours');
        $this->find('//li[@data-task="foam_cut"]');

        // Done with one press, and what follows waits for the glue.
        $this->press('Done Cut and glue the foam');
        $this->find('//li[@data-running="foam_cut"]');
        $this->see('One step is done');
        $this->press('One step is done');
        $this->press('Not done after all Cut and glue the foam');
        $this->find('//li[@data-task="foam_cut"]');
        $this->press('Done Cut and glue the foam');
        $this->find('//li[@data-running="foam_cut"]');

        // It is wanted within the hour: that cannot be had, and it says from when on it can.
        $soon = new \DateTimeImmutable('+90 minutes');
        $this->driver->executeScript(
            'const entry = document.querySelector(\'[data-pour="Fairlead"] input\');'
                .'Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(entry, arguments[0]);'
                .'entry.dispatchEvent(new Event("input", { bubbles: true }));',
            [$soon->format('Y-m-d\TH:i')],
        );
        $this->press('Keep the hour of Fairlead');
        $this->see('Fairlead cannot be poured');
        $this->see('at the earliest');

        $this->press('A secret address to subscribe to');
        $address = $this->find('//*[@data-feed]//code')->getText();
        $calendar = (string) file_get_contents($address);
        $python = 'import sys, icalendar; print("\n".join(str(e["summary"]) for e in '
            .'icalendar.Calendar.from_ical(sys.stdin.buffer.read()).walk("vevent")))';
        $process = new Process(['/usr/bin/python3', '-c', $python]);
        $process->setInput($calendar)->mustRun();
        self::assertStringContainsString('Coat the foam: Fairlead, no. 1', $process->getOutput());
        self::assertStringContainsString('Cut and glue the foam, wait: Fairlead, no. 1', $process->getOutput());
        $this->press('Cut it off');
        $this->gone('//*[@data-feed]');
        self::assertFalse(@file_get_contents($address));

        $this->open('/');
        $this->see('This week');
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }

    private function gone(string $xpath): void
    {
        $this->driver->wait(15)->until(
            fn (): bool => [] === $this->driver->findElements(\Facebook\WebDriver\WebDriverBy::xpath($xpath)),
        );
    }
}
