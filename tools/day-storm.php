<?php

declare(strict_types=1);

// The day part of bin/fuzz: php tools/day-storm.php URL TAPS. Taps of pour days in a browser, while its tab, the server and the storage are
// killed. Whatever stood under "Tapped so far" once, and so was on the device, must be in the notebook in the end, and once. Exit 1 else.

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Exception\WebDriverException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;
use Symfony\Component\Uid\Uuid;

require dirname(__DIR__).'/vendor-dev/autoload.php';
require __DIR__.'/caller.php';

const OF_A_DAY = 250;
const KILLS = 100;
const LONGEST_S = 3000;
/** As long as fewer are waiting than before, they are waited for; this long without any, and it is given up. */
const NO_PROGRESS_S = 240;

/** The browser on a profile that stays: what was on the device is there again after the tab was killed. */
final class Phone
{
    private ?RemoteWebDriver $driver = null;
    private readonly Process $chromedriver;
    private readonly string $profile;

    public function __construct(private readonly string $url, private readonly string $email, private readonly string $password)
    {
        $this->profile = sys_get_temp_dir().'/molten-phone-'.bin2hex(random_bytes(5));
        $this->chromedriver = new Process(['chromedriver', '--port=9533'], null, null, null, null);
        $this->chromedriver->start();
        usleep(800_000);
    }

    public function close(): void
    {
        $this->kill();
        $this->chromedriver->stop(2);
        (new Process(['rm', '-rf', $this->profile]))->run();
    }

    public function on(string $path): RemoteWebDriver
    {
        for ($try = 0;; ++$try) {
            try {
                $this->driver ??= $this->open();
                $this->driver->get($this->url.$path);
                $this->ready();

                return $this->driver;
            } catch (WebDriverException $error) {
                if ($try > 20) {
                    throw $error;
                }
                $this->kill();
                usleep(500_000);
            }
        }
    }

    /** Not a polite end. */
    public function kill(): void
    {
        foreach (array_filter(explode("\n", (string) shell_exec('pgrep -f '.escapeshellarg('user-data-dir='.$this->profile)))) as $pid) {
            posix_kill((int) $pid, \SIGKILL);
        }
        $this->driver = null;
        usleep(200_000);
    }

    private function open(): RemoteWebDriver
    {
        @unlink($this->profile.'/SingletonLock');
        $options = new ChromeOptions();
        $options->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--window-size=500,844', '--user-data-dir='.$this->profile,
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $driver = RemoteWebDriver::create('http://127.0.0.1:9533', $capabilities, 20_000, 30_000);
        $driver->manage()->timeouts()->setScriptTimeout(30);

        return $driver;
    }

    /** Waits for the day, signing in where that is asked for. */
    private function ready(): void
    {
        $until = microtime(true) + 25;
        while (microtime(true) < $until) {
            $state = $this->driver?->executeScript(<<<'JS'
                const here = (xpath) => document.evaluate(xpath, document, null, 9, null).singleNodeValue;
                if (here('//h1[.="Pour day"]')) return 'day';
                if (here('//label[starts-with(., "E-mail")]')) return 'sign-in';
                return document.body.innerText.includes('again') ? 'broken' : 'coming';
                JS);
            if ('day' === $state) {
                return;
            }
            if ('sign-in' === $state) {
                $this->driver?->executeScript(<<<'JS'
                    const find = (xpath) => document.evaluate(xpath, document, null, 9, null).singleNodeValue;
                    const type = (label, words) => {
                      const input = find(`//label[starts-with(., "${label}")]/following::input[1]`);
                      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, words);
                      input.dispatchEvent(new Event('input', { bubbles: true }));
                    };
                    type('E-mail', arguments[0]);
                    type('Password', arguments[1]);
                    find('//button[.="Sign in"]').click();
                    JS, [$this->email, $this->password]);
            } elseif ('broken' === $state) {
                $this->driver?->navigate()->refresh();
            }
            usleep(300_000);
        }
        throw new WebDriverException('The day does not open.');
    }
}

$url = $argv[1] ?? throw new RuntimeException('which server?');
$wanted = (int) ($argv[2] ?? 10_000);
$caller = new Caller($url);
$email = 'day.'.bin2hex(random_bytes(4)).'@molten.example';
$caller->open($email);
$casting = Uuid::v7()->toRfc4122();
$caller->change(Caller::casting($casting, 'Storm'));
$days = [];
for ($i = 0; $i < ceil($wanted / OF_A_DAY); ++$i) {
    $days[] = $id = Uuid::v7()->toRfc4122();
    $set = ['planned.mould.process' => ['to' => 'green_sand'], 'planned.metal.alloy' => ['to' => 'al_si7mg']];
    if (200 !== $caller->change(['part' => 'attempt', 'id' => $id, 'create' => ['casting' => $casting], 'set' => $set])) {
        throw new RuntimeException("no attempt: {$caller->body}");
    }
}
// Bursts of taps as a quick thumb makes them; the answer tells how long each took until it stood on the list, which is after the disk.
const BURST = <<<'JS'
    const [count, done] = [arguments[0], arguments[1]];
    const button = () => [...document.querySelectorAll('button')].find((one) => one.textContent === 'Stirred');
    const listed = () => Number(document.querySelector('[data-tapped]')?.dataset.tapped ?? 0);
    const events = new Set();
    const look = () => document.querySelectorAll('[data-event]').forEach((one) => events.add(one.dataset.event));
    (async () => {
      const took = [];
      for (let i = 0; i < count; i++) {
        const before = listed();
        const start = performance.now();
        button()?.click();
        while (listed() <= before && performance.now() - start < 3000) await new Promise((next) => setTimeout(next, 2));
        took.push(performance.now() - start);
        look();
      }
      done({ took, events: [...events] });
    })();
    JS;
$phone = new Phone($url, $email, 'wind over the sand bed');
$run = (string) getenv('MOLTEN_STORM_DB_RUN');
$seen = array_fill_keys($days, []);
$clicks = array_fill_keys($days, 0);
$took = [];
$kills = ['tab' => 0, 'server' => 0, 'storage' => 0];
$total = 0;
$started = microtime(true);
mt_srand(7);
foreach ($days as $day) {
    $driver = $phone->on("/attempts/{$day}/day");
    while ($clicks[$day] < OF_A_DAY && $total < $wanted && microtime(true) - $started < LONGEST_S) {
        $burst = min(mt_rand(8, 30), OF_A_DAY - $clicks[$day], $wanted - $total);
        // As many kills as are wanted, spread over all taps.
        if (array_sum($kills) < KILLS * ($total + $burst) / $wanted) {
            $what = ['tab', 'server', 'storage'][mt_rand(0, 2)];
            ++$kills[$what];
            if ('server' === $what) {
                posix_kill((int) @file_get_contents((string) getenv('MOLTEN_STORM_FPM_PID')), \SIGKILL);
            } elseif ('storage' === $what && is_file("{$run}/db.pid")) {
                posix_kill((int) file_get_contents("{$run}/db.pid"), \SIGKILL);
            }
        } else {
            $what = '';
        }
        try {
            /** @var array{took: list<float>, events: list<string>} $answer */
            $answer = $driver->executeAsyncScript(BURST, [$burst]);
            array_push($took, ...$answer['took']);
            $seen[$day] += array_fill_keys($answer['events'], true);
        } catch (WebDriverException $error) {
            fwrite(\STDERR, 'The page went away: '.substr($error->getMessage(), 0, 120)."\n");
            $what = 'tab';
        }
        $clicks[$day] += $burst;
        $total += $burst;
        if ('tab' === $what) {
            $phone->kill();
            $driver = $phone->on("/attempts/{$day}/day");
        }
    }
    if ($total >= $wanted || microtime(true) - $started > LONGEST_S) {
        break;
    }
}
// All of it must arrive by itself.
$waiting = '';
$fewest = \PHP_INT_MAX;
$until = microtime(true) + NO_PROGRESS_S;
do {
    $driver = $phone->on("/attempts/{$days[0]}/day");
    for ($i = 0; $i < 30; ++$i) {
        sleep(1);
        $waiting = $driver->executeScript('return document.querySelector(".device-mark")?.textContent ?? ""');
        if ('' === $waiting) {
            break;
        }
    }
    $left = (int) preg_replace('/\D.*/', '', $waiting);
    if ($left < $fewest) {
        [$fewest, $until] = [$left, microtime(true) + NO_PROGRESS_S];
    }
} while ('' !== $waiting && microtime(true) < $until);
$lost = $doubled = $kept = 0;
foreach ($days as $day) {
    for ($try = 0; $try < 10 && 200 !== $caller->send('GET', "/api/attempts/{$day}/day"); ++$try) {
        sleep(1);
    }
    /** @var array{events: list<array{id: string}>} $sheet */
    $sheet = $caller->json();
    $ids = array_column($sheet['events'], 'id');
    $kept += count($ids);
    $lost += count(array_diff(array_keys($seen[$day]), $ids));
    $doubled += count($ids) - count(array_unique($ids)) + max(0, count($ids) - $clicks[$day]);
}
$phone->close();
sort($took);
$part = static fn (float $share): string => [] === $took ? '-' : number_format($took[(int) floor($share * (count($took) - 1))], 1);
printf(
    "%d taps in %d s, killed %d times (tab %d, server %d, storage %d): %d in the notebook, %d were on the device, %d lost, %d doubled\n",
    $total,
    microtime(true) - $started,
    array_sum($kills),
    $kills['tab'],
    $kills['server'],
    $kills['storage'],
    $kept,
    array_sum(array_map(count(...), $seen)),
    $lost,
    $doubled,
);
printf("From a tap to its place on the list, after the disk: p50 %s ms, p95 %s ms, p99 %s ms\n", $part(0.5), $part(0.95), $part(0.99));
if ('' !== $waiting) {
    echo "Still on the device: {$waiting}\n";
}
exit(0 === $lost && 0 === $doubled && '' === $waiting ? 0 : 1);
