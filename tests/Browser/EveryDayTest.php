<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;
use MoltenNotes\Tests\Support\Meshes;

/**
 * Small things that are met every day: the verdict where one looks, a plan that is only tried, an address that leads nowhere, keys that
 * can be switched off.
 */
final class EveryDayTest extends JourneyTestCase
{
    public function testInspectTakesTheVerdictWhereItIsLookedAt(): void
    {
        $this->register('inspect@molten.example');
        $this->newCasting('Fairlead');
        $this->press('Log an attempt');
        $this->type('Pour temperature', '700 C');
        $this->press('Save the pour');
        $this->see('No. 1: waits for inspection');

        $this->press('Bench', '//nav[@aria-label="Places"]');
        $this->press('Inspect');
        $this->see('How did it come out?');
        $this->choose('Verdict', 'Usable');
        $this->see('No. 1: usable');
        $this->driver->navigate()->refresh();
        $this->see('No. 1: usable');
        // What was logged is still there.
        self::assertStringContainsString('700 °C', $this->text());
    }

    public function testAPlanThatIsOnlyTriedLeavesNothing(): void
    {
        $this->register('tried@molten.example');
        $this->newCasting('Stem band');
        $this->press('Plan an attempt');
        $this->see('Only thought of so far');
        $this->pick('Metal', 'Tin');
        $this->press('Stem band, no. 1');
        $this->see('No attempt yet');

        $this->press('Plan an attempt');
        $this->pick('Metal', 'Al-Si12');
        $this->press('Save the plan');
        $this->see('No. 1: planned');
        $this->see('What the plan says');
        $this->driver->navigate()->back();
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->follow('Stem band');
        $this->see('1 attempt');
    }

    public function testAnAddressThatLeadsNowhereSaysSo(): void
    {
        $this->signInAsDemo();
        foreach (['/nowhere', '/attempts/nothing', '/castings/01890000-0000-7000-8000-000000000000', '/attempts/1/2/3'] as $path) {
            $this->open($path);
            $this->see('There is nothing here');
            self::assertStringNotContainsString('broke', $this->text(), $path);
        }
    }

    public function testEveryPlaceIsReachedOnThePhone(): void
    {
        Chromium::resize($this->driver, 390, 844);
        $this->signInAsDemo();
        foreach (['Castings' => 'Castings', 'Week' => 'Week'] as $place => $title) {
            $this->press($place, '//nav[@aria-label="Places"]');
            $this->find("//h1[contains(., '{$title}')]");
        }
        foreach (['Workshop' => 'Workshop', 'Ledger' => 'Ledger', 'Handbook' => 'Handbook', 'Settings' => 'Settings'] as $place => $title) {
            $this->press('More', '//nav[@aria-label="Places"]');
            $this->find("//*[@role='menuitem'][normalize-space(.)='{$place}']")->click();
            $this->find("//h1[contains(., '{$title}')]");
        }
    }

    public function testSingleKeysCanBeSwitchedOff(): void
    {
        $this->register('keys@molten.example');
        $this->find('//*[@data-single-keys="on"]');
        $this->key('h');
        $this->see('Defect atlas');
        $this->open('/settings');
        $this->choose('Single-key shortcuts', 'Off');
        $this->find('//*[@data-single-keys="off"]');
        $this->key('h');
        $this->key('?');
        $this->key('c');
        $this->find('//h1[normalize-space(.)="Settings"]');
        self::assertStringEndsWith('/settings', $this->driver->getCurrentURL());
        $this->driver->navigate()->refresh();
        $this->find('//h1[normalize-space(.)="Settings"]');
        $this->key('l');
        self::assertStringEndsWith('/settings', $this->driver->getCurrentURL());
    }

    public function testTheSignInPageTellsOfTheDemoAndAWeakPasswordIsRefused(): void
    {
        $this->open('/');
        $this->see('made-up boat shed');
        $this->press('New here: open a notebook');
        $this->type('What we call you', 'Somebody');
        $this->type('E-mail', 'somebody@molten.example');
        $this->type('Password', 'Password2026');
        $this->press('Open my notebook');
        $this->see('on every list of common ones');
        $this->type('Password', 'vents over every high point');
        $this->press('Open my notebook');
        $this->see('On the bench');
    }

    public function testAMeshIsReadBesideThePage(): void
    {
        $this->register('mesh@molten.example');
        $this->newCasting('Porthole ring');
        $this->press('Plan an attempt');
        $this->press('Mesh file');
        $file = tempnam(sys_get_temp_dir(), 'mesh').'.stl';
        file_put_contents($file, Meshes::binary(Meshes::torus(60.0, 8.0, 120)));
        // The other one above it lays the casting; this one only measures.
        $this->find('(//input[@type="file"])[last()]')->sendKeys($file);
        $this->see('28,800 facets', 20);
        unlink($file);
        $this->press('Use it');
        // 2 π² · 60 · 8² mm³ in 28 800 facets.
        $this->find('//*[@data-figure="casting_volume"]');
        self::assertStringContainsString('75.7 mL', $this->text());
    }

    public function testWhatIsSignedInElsewhereIsSeenAndEnded(): void
    {
        $this->register('devices@molten.example');
        $first = $this->driver;
        $driver = getenv('MOLTEN_TEST_DRIVER');
        self::assertIsString($driver);
        $this->driver = Chromium::open($driver);
        try {
            $this->open('/');
            $this->type('E-mail', 'Devices@Molten.example');
            $this->type('Password', 'four plain words here');
            $this->press('Sign in');
            $this->see('On the bench');
            $this->open('/settings');
            $this->see('last seen');
            $this->press('Sign out everywhere else');
            $this->find('//h2[normalize-space(.)="Signed in"]/following::ul[1][count(li)=1]');
        } finally {
            $this->driver->quit();
            $this->driver = $first;
        }
        $this->driver->navigate()->refresh();
        $this->find('//h2[normalize-space(.)="Sign in"]');
    }

    private function newCasting(string $name): void
    {
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', $name);
        $this->press('Add the casting');
        $this->see('No attempt yet');
    }
}
