<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The journey that everything else hangs on: a pour from memory, what is wrong with it, why, and what to change. */
final class FromPourToNextAttemptTest extends JourneyTestCase
{
    public function testTheBenchLeadsToTheTrailOfTheRowlockSocket(): void
    {
        $this->signInAsDemo();
        $this->see('Planned, waiting for the pour');
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->see('Copied from the one good socket');
        $this->follow('Rowlock socket');
        $this->see('No. 4');
        self::assertStringContainsString('as foretold', $this->text());
        self::assertStringContainsString('Pour hotter', $this->text());
    }

    public function testLogYesterdaysPourFromMemoryThenFindOutWhyAndPlanTheNext(): void
    {
        $this->register('journey@molten.example');
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', 'Mooring cleat');
        $this->press('Add the casting');
        $this->see('No attempt yet');

        $this->actions = 0;
        $from = microtime(true);
        $this->press('Log an attempt');
        $this->choose('Mould process', 'Green sand');
        $this->choose('Squeeze test', 'Sticky');
        $this->pick('Metal', 'Al-Si7Mg (wheels, castings)');
        $this->type('Pour temperature', '1300F');
        $this->choose('Kind of fill', 'At the parting');
        $this->type('Sprue bore at the base', '5/8 in');
        $this->type('Number of gates', '1');
        $this->choose('Riser', 'No riser');
        $this->type('Vents', '2');
        $this->press('Steam or hiss from the mould');
        $this->choose('Verdict', 'Scrap');
        $this->press('What is wrong with it?');
        $this->press('Blowhole', '//*[@role="dialog"]');
        $this->choose('Where it sits', 'Cope face');
        $this->choose('Its wall?', 'Smooth, shiny');
        $this->choose('When it showed', 'As opened');
        $this->choose('How bad', 'Spoils it');
        $this->press('Add the finding');
        $this->press('Save the pour');
        $this->see('No. 1: scrap');
        self::assertLessThanOrEqual(25, $this->actions, 'actions to log a pour from memory');
        self::assertLessThanOrEqual(90, microtime(true) - $from);
        self::assertStringContainsString('704 °C', $this->text());
        self::assertStringContainsString('15.9 mm', $this->text());

        $this->actions = 0;
        $this->key('f');
        $this->press('Rough skin', '//*[@role="dialog"]');
        $this->choose('How bad', 'Minor');
        $this->press('Add the finding');
        $this->see('minor');

        $this->key('w');
        $this->see('Sand too wet');
        $this->see('Look at this next');
        self::assertStringContainsString('Squeeze test: sticky.', $this->text());
        $before = $this->ranking();
        $question = $this->find(
            '//section[@aria-label="Look at this next"]//p | //section[@aria-label="Look at this next"]//h3',
        )->getText();
        $this->press('Yes', '//section[@aria-label="Look at this next"]');
        $this->see('Checks made');
        self::assertStringContainsString($question, $this->find('//section[@aria-label="Checks made"]')->getText());
        self::assertNotSame($before, $this->ranking(), 'answering the check ranks anew at once');
        $this->press('It was this');

        $this->press('To the change sheet');
        $this->press('Accept: Temper until it breaks clean');
        $this->see('On the sheet');
        $this->press('Accept: Prick more vents');
        $this->see('Start attempt 2 with these 2 changes');
        self::assertMatchesRegularExpression('/Sticky → Breaks clean/', $this->text());
        $this->press('Start attempt 2 with these 2 changes');
        $this->see('No. 2: planned');
        self::assertLessThanOrEqual(25, $this->actions, 'actions from ruined casting to the plan of the next');

        $this->press('Log the pour');
        $this->choose('Squeeze test', 'Breaks clean');
        $this->choose('Verdict', 'Good');
        $this->press('Save the pour');
        $this->see('No. 2: good');
        $this->press('Mooring cleat');
        $this->see('as foretold');
        self::assertMatchesRegularExpression('/Blowhole foretold (gone|better)/', $this->text());
    }

    public function testWhatIsTypedWrongIsSaidAtItsFieldAndNothingIsLost(): void
    {
        $this->signInAsDemo();
        $this->key('p');
        $this->choose('Casting', 'Stove damper');
        $this->choose('Mould process', 'Green sand');
        $this->type('Pour temperature', 'rather hot');
        $this->leaveField();
        $this->see('cannot be read as a temperature');
        $this->press('Save the pour');
        $this->see('cannot be read as a temperature');
        $this->driver->navigate()->refresh();
        $this->see('On this device, not yet in the notebook');
        self::assertSame('rather hot', $this->find('//label[contains(., "Pour temperature")]/following::input[1]')->getAttribute('value'));
        $this->press('Throw it away');
        $this->find('//label[contains(., "Pour temperature")]/following::input[1][@value=""]');
    }

    public function testTheShortcutSheetOpensAndTheKeysLead(): void
    {
        $this->signInAsDemo();
        $this->key('?');
        $this->see('Answer the check');
        $this->press('Close');
        foreach (['l' => 'Ledger', 'h' => 'Handbook', 'c' => 'Castings', 'b' => 'On the bench'] as $key => $heading) {
            $this->key($key);
            $this->find('//h1[contains(., "'.$heading.'")]');
        }
        $this->addToAssertionCount(1);
    }

    /** @return list<string> */
    private function ranking(): array
    {
        $rows = $this->driver->findElements(
            WebDriverBy::xpath('//section[@aria-label="Causes, most likely first"]//button[@aria-expanded]'),
        );

        return array_values(array_map(static fn ($row): string => $row->getText(), $rows));
    }
}
