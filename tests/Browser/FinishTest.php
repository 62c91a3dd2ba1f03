<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** The route card of a casting on the phone at the bench, from the saw to the signature. */
final class FinishTest extends JourneyTestCase
{
    public function testARouteIsMadeFollowedAndSigned(): void
    {
        $this->register('finish@molten.example');
        Chromium::resize($this->driver, 390, 844);
        $attempt = $this->planned(
            ['metal.alloy' => 'al_si7mg', 'mould.process' => 'green_sand', 'pattern.volume' => '90 mL'],
            'Hook',
        );
        $this->open("/attempts/{$attempt}/finish");
        $this->see('hands on; next: cut off gates');
        $this->choose('How it is to look', 'Painted');
        $this->choose('Heat treatment', 'T6');
        $this->type('Faces to be machined', 'the top');
        $this->press('Make the route');
        $this->find('//*[@role="alert"]');
        $this->type('Faces to be machined', '9 cm2');
        $this->press('Make the route');
        $this->find('//*[@data-step="heat_treat"]');
        $this->find('//*[@data-step="paint"]');
        $this->see('never above');

        $this->type('It took', 'for ever');
        $this->press('Done');
        $this->see('cannot be read');
        $this->type('It took', '20');
        $this->press('Done');
        $this->find('//*[@data-step="cut_gates" and @data-done="true"]');
        $this->see('next: look into the cuts');
        // A reload, and it stands where it stood.
        $this->driver->navigate()->refresh();
        $this->find('//*[@data-step="cut_gates" and @data-done="true"]');
        $this->press('Not done after all Cut off gates, risers and sprue');
        $this->find('//*[@data-step="cut_gates" and @data-done="false"]');
        foreach (['cut_gates', 'inspect', 'rough_machine', 'heat_treat', 'finish_machine', 'sand', 'paint'] as $step) {
            $this->press('Done');
            $this->find("//*[@data-step='{$step}' and @data-done='true']");
        }
        $this->type('Signed by, and what for', 'Hangs the kettle, tried with two.');
        $this->press('Sign it off');
        $this->see('It is finished and signed off');
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - window.innerWidth');
        self::assertLessThanOrEqual(0, $wide, 'something runs over the edge of the phone');
    }
}
