<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

/** What a caster typed is in the notebook or on the device, whatever happens in between. */
final class NothingIsLostTest extends DevicesTestCase
{
    public function testTwoDevicesOnOneAttemptMergeAndATrueClashIsChosen(): void
    {
        $this->register('two-devices@molten.example');
        $this->aCasting('Cleat');
        $log = $this->logged('Wet day');
        $phone = $this->driver;
        $desk = $this->another();
        $this->signIn('two-devices@molten.example');
        foreach ([$phone, $desk] as $here) {
            $this->driver = $here;
            $this->open($log);
            $this->see('During the pour');
        }
        $this->driver = $phone;
        $this->type('Note', 'from the phone');
        $this->press('Steam or hiss from the mould');
        $this->save();
        $this->see('from the phone');

        // The desk began from what was there before: what it touches alone goes in, what both touched is asked about.
        $this->driver = $desk;
        $this->press('Heavy smoke');
        $this->type('Note', 'from the desk');
        $this->press('Save');
        $this->see('This was changed elsewhere too');
        $this->see('from the phone');
        $this->press('Yours: from the desk', '//*[@role="dialog"]');
        $this->press('Save it so');
        $this->find('//header//p[contains(., "from the desk")]');

        $this->driver = $phone;
        $this->open(substr($log, 0, -4));
        $this->see('from the desk');
        self::assertStringContainsString('Steam or hiss from the mould · Heavy smoke', $this->text());
    }

    public function testAPlanThatWasTypedIsThereWhenTheTabIsOpenedAgain(): void
    {
        $this->register('plan-again@molten.example');
        $this->aCasting('Fairlead');
        $this->press('Plan an attempt');
        $this->see('Only thought of so far');
        $this->pick('Metal', 'Al-Si7Mg (wheels, castings)');
        $this->press('Mould', '//*[@role="tablist"]');
        $this->type('Flask length inside', '300 mm');
        $this->see(self::ON_THIS_DEVICE);
        $address = $this->driver->getCurrentURL();
        $this->kept();
        $this->newTab();
        $this->driver->get($address);
        $this->see(self::ON_THIS_DEVICE);
        self::assertSame('300 mm', $this->typed('Flask length inside'));
        $this->press('Save the plan');
        $this->see('No. 1: planned');
        $this->find('//dl//dd[contains(., "300")]');
    }

    public function testAPourSavedWithoutAConnectionIsSentOnceWhenThereIsOne(): void
    {
        $this->register('offline@molten.example');
        $this->aCasting('Cleat');
        $this->press('Log an attempt');
        $this->type('Note', 'in the yard');
        $this->offline(true);
        $this->press('Save the pour');
        $this->see('kept on this device and sent by itself');
        $this->see('1 thing on this device');
        $this->offline(false);
        $this->driver->navigate()->refresh();
        $this->gone('//button[contains(@class, "device-mark")]');
        $this->attempts('1 attempt,');
    }

    public function testALostAnswerAndMoreTypedAfterItIsOnePourWithAllOfIt(): void
    {
        $this->register('lost-answer@molten.example');
        $this->aCasting('Cleat');
        // Answers to a command are lost on the way back until more is typed; the notebook has it by then.
        $this->cdp('Page.addScriptToEvaluateOnNewDocument', [
            'source' => <<<'JS'
                const real = window.fetch;
                window.fetch = async (...request) => {
                  const answer = await real(...request);
                  const url = request[0] instanceof Request ? request[0].url : String(request[0]);
                  if (url.endsWith('/api/commands') && window.losing) throw new TypeError('the answer was lost');
                  return answer;
                };
                JS,
        ]);
        $this->driver->navigate()->refresh();
        $this->press('Log an attempt');
        $this->type('Note', 'first');
        $this->driver->executeScript('window.losing = true');
        $this->press('Save the pour');
        $this->type('Note', 'first, and more');
        $this->driver->executeScript('window.losing = false');
        $this->gone('//button[contains(., "being sent")]');
        $this->press('Save the pour');
        $this->see('first, and more');
        $this->attempts('1 attempt,');
    }

    public function testTwoTabsOfTheLogAreTwoPours(): void
    {
        $this->register('two-tabs@molten.example');
        $this->aCasting('Cleat');
        $first = $this->driver->getWindowHandle();
        $this->press('Log an attempt');
        $this->type('Note', 'the first mould');
        $this->kept();
        $second = $this->newTab();
        $this->open('/log');
        $this->choose('Casting', 'Cleat');
        $this->type('Note', 'the second mould');
        $this->press('Save the pour');
        $this->see('the second mould');
        $this->driver->switchTo()->window($first);
        self::assertSame('the first mould', $this->typed('Note'));
        $this->press('Save the pour');
        $this->see('the first mould');
        self::assertNotSame($first, $second);
        $this->attempts('2 attempts,');
    }

    public function testSomebodyElseOnThisBrowserSeesNothingOfADraft(): void
    {
        $this->register('first-hand@molten.example');
        $this->aCasting('Cleat');
        $this->press('Log an attempt');
        $this->type('Note', 'nobody else’s business');
        $this->kept();
        $address = $this->driver->getCurrentURL();
        $this->signOut();
        $this->register('second-hand@molten.example');
        $this->driver->get($address);
        $this->see('During the pour');
        self::assertStringNotContainsString('not yet in the notebook', $this->text());
        self::assertSame('', $this->typed('Note'));
        $this->signOut();
        $this->signIn('first-hand@molten.example');
        $this->driver->get($address);
        $this->see(self::ON_THIS_DEVICE);
        self::assertSame('nobody else’s business', $this->typed('Note'));
    }

    public function testAChangeIsTakenBackAndWhatWasThrownAwayIsPutBack(): void
    {
        $this->register('second-thoughts@molten.example');
        $this->aCasting('Cleat');
        $log = $this->logged('first words');
        $this->open($log);
        $this->type('Note', 'second words');
        $this->save();
        $this->see('second words');
        $this->press('What was changed');
        $this->find('//*[@role="dialog"]//li[1]//dd[contains(., "first words") and contains(., "second words")]');
        $this->press('Take back', '//*[@role="dialog"]//li[1]');
        $this->see('taken back since');
        $this->press('Close');
        $this->find('//header//p[contains(., "first words")]');

        $this->press('Into the bin');
        $this->see('No attempt yet');
        $this->open('/bin');
        $this->see('Cleat, no. 1');
        $this->press('Put back Cleat, no. 1');
        $this->see('The bin is empty');
        $this->open(substr($log, 0, -4));
        $this->find('//header//p[contains(., "first words")]');
    }

    public function testASessionThatEndsWhileTypingLosesNothing(): void
    {
        $this->register('long-evening@molten.example');
        $this->aCasting('Cleat');
        $this->press('Log an attempt');
        $this->type('Note', 'typed till midnight');
        $this->driver->manage()->deleteAllCookies();
        $this->type('Note', 'typed till long after midnight');
        $this->press('Save the pour');
        $this->see('Sign in');
        $this->signIn('long-evening@molten.example', false);
        // What was saved goes out by itself.
        $this->gone('//button[contains(@class, "device-mark")]');
        $this->attempts('1 attempt,');
        $this->see('typed till long after midnight');
    }
}
