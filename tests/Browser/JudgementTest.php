<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

/** Looking at a casting step by step, holding it against another try, and taking one way on. */
final class JudgementTest extends JourneyTestCase
{
    public function testAnInspectionIsGoneOnWithLaterAndTheTrySaysWhatItLearnt(): void
    {
        $this->signInAsDemo();
        $this->openAttempt('Rowlock socket', 3);
        $this->press('Inspected at 2 of 5 steps');
        $this->press('Gate cuts are dense');
        $this->see('Inspected at 3 of 5 steps');
        $this->driver->navigate()->refresh();
        $this->press('Inspected at 3 of 5 steps');
        $this->press('Something is wrong sawn through');
        $this->press('Gas porosity', '//*[@role="dialog"]');
        $this->choose('On which section', 'Boss');
        $this->choose('Its wall?', 'Smooth, shiny');
        $this->press('Add the finding');
        $this->see('on the boss');
        $this->see('sawn through');

        $this->press('Why');
        $this->choose('Held against another try', 'No. 2, scrap');
        $this->see('differ at once');
        $this->find('//section[@aria-label="What was right"]//button[starts-with(normalize-space(.), "Keep: ")]')->click();
        $this->find('//section[@aria-label="What was right"]//button[@aria-pressed="true"]');
        $this->press('I suspect it');
        $this->see('you suspect it');
        $this->choose('How sure', 'A guess');
        $this->see('you suspect it, a guess');
    }

    public function testOneWayIsTakenWithAChangeOfOnesOwn(): void
    {
        $this->signInAsDemo();
        $this->openAttempt('Stove damper', 2);
        $this->press('Change sheet');
        $this->see('A cheap trial first');
        $this->press('All 4', '//section[@aria-label="One change or all"]');
        $this->see('Start attempt 3 with these 4 changes');
        $this->press('This one only', '//section[@aria-label="One change or all"]');
        $this->see('Start attempt 3 with this change');
        $this->type('What will you do otherwise?', 'Warm the cup with a torch first');
        $this->press('Put it on the sheet');
        $this->find('//section[@aria-label="Changes of your own"]//li[contains(., "Warm the cup")]');
        $this->press('Start attempt 3 with this change');
        $this->see('No. 3: planned');
        $this->press('Stove damper');
        $this->see('Warm the cup with a torch first');
    }

    private function openAttempt(string $casting, int $number): void
    {
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->follow($casting);
        $this->follow("No. {$number}");
        $this->see("No. {$number}: ");
    }
}
