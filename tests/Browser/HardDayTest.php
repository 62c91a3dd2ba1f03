<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;
use MoltenNotes\Tests\Support\Plans;
use Symfony\Component\Process\Process;

/** A pour day on which everything goes wrong but the notes, a heat that is read live, and photos. */
final class HardDayTest extends DevicesTestCase
{
    private const STEP = '//section[@aria-label="This step"]';
    private const TAPPED = '//section[@aria-label="Tapped so far"]';
    private const ON_DEVICE = self::TAPPED.'//span[normalize-space(.)="on this device"]';

    public function testTheNetworkIsCutTwiceTheServerAndTheTabAreKilledAndTwoPhonesTap(): void
    {
        Chromium::resize($this->driver, 390, 844);
        $this->register('hard-day@molten.example');
        $day = "/attempts/{$this->planned(['pour.temperature' => '720 C'] + Plans::values())}/day";
        $this->open($day);
        $this->press('Lit');
        $this->goOn('Looked at with the neighbour');

        // The first cut.
        $this->offline(true);
        $this->press('First metal runs');
        $this->press('Stirred');
        $this->find(self::ON_DEVICE);
        $this->offline(false);
        $this->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $this->gone(self::ON_DEVICE);

        // The server dies without a word; what is tapped meanwhile goes in when it is back.
        posix_kill((int) file_get_contents((string) getenv('MOLTEN_TEST_FPM_PID')), \SIGKILL);
        $this->press('All liquid', self::STEP);
        $this->see('Treat and skim');
        $this->gone(self::ON_DEVICE);

        // A second phone on the same pour.
        $first = $this->driver;
        $second = $this->another();
        Chromium::resize($second, 390, 844);
        $this->signIn('hard-day@molten.example');
        $this->open($day);
        $this->press('Degassed');
        $this->gone(self::ON_DEVICE);

        // The second cut, and the tab is gone with what it tapped.
        $this->driver = $first;
        $this->offline(true);
        $this->press('Skimmed', self::STEP);
        $this->find(self::ON_DEVICE);
        $killed = $first->getWindowHandle();
        $tab = $this->newTab();
        $first->switchTo()->window($killed)->close();
        $first->switchTo()->window($tab);
        Chromium::resize($first, 390, 844);
        $this->open($day);
        $this->see('Take it out');
        $this->gone(self::ON_DEVICE);

        $this->press('Out of the furnace', self::STEP);
        $this->goOn('The same list');
        $this->press('Pour starts', self::STEP);
        $this->press('Full', self::STEP);
        $this->see('Since it was full');
        // Opening now is warned of, and left.
        $this->press('Opened', self::STEP);
        $this->see('Too early by the plan');
        $this->see('Solid right through');
        $this->press('Leave it closed');
        $this->see('Before it is forgotten');
        $this->gone(self::ON_DEVICE);

        $codes = $this->answer("/api{$day}", 'answer.events.map((event) => event.code)');
        self::assertSame(
            ['lit', 'first_metal', 'stirred', 'all_liquid', 'degassed', 'skimmed', 'out', 'pour', 'full'],
            $codes,
            'every tap once, in the order of the day',
        );
    }

    public function testAHeatIsReadLiveAndTheCupSaysThatItIsAnotherMetal(): void
    {
        Chromium::resize($this->driver, 390, 844);
        $this->register('live-heat@molten.example');
        $attempt = $this->planned(['pour.temperature' => '720 C'] + Plans::values());
        $this->open('/workshop');
        $this->press('Connect an instrument');
        $this->type('What you call it', 'Probe in the cup');
        $this->press('Connect it');
        $token = $this->find('//*[@data-token]')->getText();
        $this->press('I have it');
        $this->see('has not spoken yet');

        $stand = new Process([
            'php', 'bin/console', 'molten:simulate', 'thermocouple', '--to', (string) getenv('MOLTEN_TEST_URL'), '--token', $token,
            '--run', 'cup', '--alloy', 'al_si9cu3', '--mass', '300 g', '--every', '1', '--speed', '60',
        ], dirname(__DIR__, 2), null, null, 60);
        $stand->start();
        $this->open("/attempts/{$attempt}/day");
        $this->press('Melt curve');
        $this->see('Nothing has been read of this melt yet');
        $this->press('Listen to it', '//li[contains(., "Probe in the cup")]');
        $this->see('Simulated.');
        $this->see('When last read');
        $stand->wait();
        self::assertSame(0, $stand->getExitCode(), $stand->getOutput().$stand->getErrorOutput());
        $this->see('It stands still as Al-Si9Cu3(Fe) (die-cast housings) does.', 30);
        $this->see('Al-Si7Mg (wheels, castings) is written for this melt; it does not stand still there.');
        $this->press('Write it down', '//li[@data-take="melt.arrest_upper"]');
        $this->gone('//li[@data-take="melt.arrest_upper"]');
        $this->press('The same as a table');
        $this->see('Probe in the cup, °C (simulated)');

        // With the keyboard along the curve.
        $this->driver->executeScript('document.querySelector("figure [role=img]").focus()');
        $this->key(\Facebook\WebDriver\WebDriverKeys::HOME);
        $this->see('Probe in the cup 6');
    }

    public function testPhotosAreKeptOnThePhoneUntilTheNotebookHasThemAndFindingsArePinned(): void
    {
        Chromium::resize($this->driver, 390, 844);
        $this->register('photos@molten.example');
        $attempt = $this->planned(['pour.temperature' => '720 C'] + Plans::values());
        $this->open("/attempts/{$attempt}");
        $this->offline(true);
        $whole = self::photo();
        $files = [self::file('photo.jpg', $whole), self::file('torn.jpg', substr($whole, 0, 2000))];
        $this->find('//section[@aria-label="Photos"]//input[@type="file"]')->sendKeys(implode("\n", $files));
        $this->find('//*[@data-photo-waiting]');
        $this->see('2 things on this device');
        $this->offline(false);
        $this->driver->executeScript('window.dispatchEvent(new Event("online"))');
        $this->find('//button[.//img[contains(@src, "/thumbnail")]]', 30);
        $this->see('This photo is torn off');
        $this->press('Throw it away');
        $this->gone('//button[contains(@class, "device-mark")]');

        $this->press('Add a finding');
        $this->press('Misrun', '//*[@role="dialog"]');
        $this->press('Add the finding');
        $this->find('//section[@aria-label="Findings"]//p[contains(., "Misrun")]');
        $this->find('//button[.//img[contains(@src, "/thumbnail")]]')->click();
        $this->press('Pin it', '//*[@role="dialog"]');
        $this->find('//button[@aria-label="Set the pin here"]')->click();
        $this->find('//button[starts-with(@aria-label, "Pin 1: Misrun")]');
        self::assertEqualsWithDelta(0.5, $this->answer("/api/attempts/{$attempt}/photos", 'answer.photos[0].pins[0].x'), 0.05);
    }

    private function goOn(string $reason): void
    {
        $this->see('open');
        $this->type('Why you go on all the same', $reason);
        $this->press('Go on, and keep the reason');
    }

    private function answer(string $path, string $of): mixed
    {
        return $this->driver->executeAsyncScript(
            "const done = arguments[0]; fetch('{$path}').then((r) => r.json()).then((answer) => done({$of}));",
        );
    }

    private static function photo(): string
    {
        $image = imagecreatetruecolor(900, 600);
        self::assertNotFalse($image);
        imagefilledellipse($image, 450, 300, 500, 300, (int) imagecolorallocate($image, 180, 180, 190));
        ob_start();
        imagejpeg($image, null, 88);

        return (string) ob_get_clean();
    }

    private static function file(string $name, string $bytes): string
    {
        $dir = sys_get_temp_dir().'/molten-photos-'.bin2hex(random_bytes(4));
        mkdir($dir);
        file_put_contents("{$dir}/{$name}", $bytes);

        return "{$dir}/{$name}";
    }
}
