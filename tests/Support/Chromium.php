<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;

/** Headless Chromium, as the journeys and the screenshots use it. */
final class Chromium
{
    public static function open(string $driverUrl, int $width = 1280, int $height = 800): RemoteWebDriver
    {
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--hide-scrollbars',
            '--force-device-scale-factor=1',
            '--user-data-dir='.sys_get_temp_dir().'/molten-chromium-'.bin2hex(random_bytes(6)),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create($driverUrl, $capabilities, 20_000, 60_000);
        self::resize($driver, $width, $height);

        return $driver;
    }

    /** Sets the size of the page itself, not of the window around it; narrow windows need the emulation. */
    public static function resize(RemoteWebDriver $driver, int $width, int $height): void
    {
        $driver->manage()->window()->setSize(new WebDriverDimension(max($width, 500), $height));
        $driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500],
        ]);
    }
}
