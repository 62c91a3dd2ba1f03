<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use MoltenNotes\Tests\Support\Chromium;

/** Journeys with more than one tab, device or caster, and with connections that fail. */
abstract class DevicesTestCase extends JourneyTestCase
{
    protected const ON_THIS_DEVICE = 'On this device, not yet in the notebook';

    /** @var list<RemoteWebDriver> */
    private array $others = [];

    protected function tearDown(): void
    {
        parent::tearDown();
        array_map(static fn (RemoteWebDriver $other) => $other->quit(), $this->others);
    }

    /** What stands in a field. */
    protected function typed(string $label): string
    {
        return (string) $this->find('//label[starts-with(normalize-space(.), "'.$label.'")]/following::input[1]')->getAttribute('value');
    }

    protected function aCasting(string $name): void
    {
        $this->press('Castings', '//nav[@aria-label="Places"]');
        $this->press('New casting');
        $this->type('What is it?', $name);
        $this->press('Add the casting');
        $this->see('No attempt yet');
    }

    /** @return string the address of the log of a new attempt */
    protected function logged(string $note): string
    {
        $this->press('Log an attempt');
        $this->type('Note', $note);
        $this->press('Save the pour');
        $this->see('No. 1');
        $this->find('//header//p[contains(., "'.$note.'")]');

        return (string) parse_url($this->driver->getCurrentURL(), \PHP_URL_PATH).'/log';
    }

    /** How many attempts the one casting has, as its page says. */
    protected function attempts(string $words): void
    {
        $this->open('/castings');
        $this->follow('Cleat');
        $this->see($words);
    }

    protected function save(): void
    {
        $this->press('Save');
        $this->see('How did it come out?');
    }

    protected function signIn(string $email, bool $fresh = true): void
    {
        if ($fresh) {
            $this->open('/');
        }
        $this->type('E-mail', $email);
        $this->type('Password', 'four plain words here');
        $this->press('Sign in');
        $this->find('//nav[@aria-label="Places"]');
    }

    protected function signOut(): void
    {
        $this->find('//header//button[contains(., "Notebook")]')->click();
        $this->find('//*[@role="menuitem"][.="Sign out"]')->click();
        $this->see('Sign in');
    }

    /** Waits until what was typed is in the device's own storage. */
    protected function kept(): void
    {
        $this->find('//button[contains(@class, "device-mark")]');
    }

    protected function gone(string $xpath): void
    {
        $this->driver
            ->wait(20, 50)
            ->until(fn (): bool => [] === $this->driver->findElements(WebDriverBy::xpath($xpath)));
        $this->addToAssertionCount(1);
    }

    protected function newTab(): string
    {
        $this->driver->newWindow();
        $handles = $this->driver->getWindowHandles();
        $tab = end($handles) ?: '';
        $this->driver->switchTo()->window($tab);

        return $tab;
    }

    protected function another(): RemoteWebDriver
    {
        $driver = getenv('MOLTEN_TEST_DRIVER');
        self::assertIsString($driver);
        $this->driver = Chromium::open($driver);

        return $this->others[] = $this->driver;
    }

    protected function offline(bool $off): void
    {
        $this->cdp('Network.enable', []);
        $this->cdp('Network.emulateNetworkConditions', [
            'offline' => $off,
            'latency' => 0,
            'downloadThroughput' => -1,
            'uploadThroughput' => -1,
        ]);
    }

    /** @param array<string, mixed> $params */
    protected function cdp(string $command, array $params): void
    {
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => $command,
            'params' => (object) $params,
        ]);
    }
}
