<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * WCAG 2.2 AA and the good practice around it, as far as a machine can tell: every view, by day and by night, on the desk and on the
 * phone.
 */
final class AccessTest extends JourneyTestCase
{
    private const SIZES = ['desk' => [1280, 800], 'phone' => [390, 844]];

    #[DataProvider('lights')]
    public function testEveryViewPassesTheAccessibilityRules(string $theme, string $size): void
    {
        Chromium::resize($this->driver, ...self::SIZES[$size]);
        $complaints = [];
        $this->open('/');
        $this->find('//h1');
        $complaints = [...$complaints, ...$this->complaints('sign-in page', $theme)];
        $this->signInAsDemo();
        foreach ($this->views() as $path) {
            $this->open($path);
            $this->find('//h1');
            $complaints = [...$complaints, ...$this->complaints($path, $theme)];
        }
        self::assertSame([], $complaints);
    }

    #[DataProvider('lights')]
    public function testEveryDialogPassesThemToo(string $theme, string $size): void
    {
        Chromium::resize($this->driver, ...self::SIZES[$size]);
        $this->signInAsDemo();
        [$id] = $this->attempt();
        $complaints = [];
        foreach (
            [
                "/attempts/{$id}" => 'Add a finding', '/castings' => 'New casting', '/log' => 'What is wrong with it?',
                '/workshop' => 'Connect an instrument', '/workshop?metal' => 'Add metal', '/workshop?flasks' => 'Add a flask',
                '/workshop?patterns' => 'Add a pattern or mould',
            ] as $path => $button
        ) {
            $this->open($path);
            $this->press($button);
            $this->find('//*[@role="dialog"]//h2');
            $complaints = [...$complaints, ...$this->complaints("{$path}: {$button}", $theme)];
        }
        self::assertSame([], $complaints);
    }

    /** @return iterable<string, array{string, string}> */
    public static function lights(): iterable
    {
        foreach (['day', 'night'] as $theme) {
            foreach (array_keys(self::SIZES) as $size) {
                yield "{$theme}, {$size}" => [$theme, $size];
            }
        }
    }

    /** At twice the size a laptop shows as much as a phone lying on its side: the bars must leave room for the page. */
    public function testAtTwiceTheSizeTheBarsLeaveRoomForThePage(): void
    {
        Chromium::resize($this->driver, 640, 400);
        $this->signInAsDemo();
        [$id] = $this->attempt();
        foreach (['/', "/attempts/{$id}/plan", '/log'] as $path) {
            $this->open($path);
            $this->find('//h1');
            $standing = $this->driver->executeScript(
                'return [...document.querySelectorAll("body *")].filter((e) => ["fixed", '
                    .'"sticky"].includes(getComputedStyle(e).position)).reduce((sum, e) => sum + e.getBoundingClientRect().height, 0)',
            );
            self::assertLessThan(
                100,
                is_numeric($standing) ? (float) $standing : 400.0,
                "{$path}: a quarter of the height at most stands still",
            );
        }
        $this->press('More', '//nav[@aria-label="Places"]');
        $this->find('//*[@role="menuitem"][normalize-space(.)="Handbook"]')->click();
        $this->see('Defect atlas');
    }

    /** @return list<string> */
    private function views(): array
    {
        [$id, $casting] = $this->attempt();

        return [
            '/',
            '/castings',
            "/castings/{$casting}",
            "/castings/{$casting}/plan",
            "/attempts/{$id}",
            "/attempts/{$id}/day",
            $this->melt(),
            ...array_map(static fn (string $stage): string => "/attempts/{$id}/plan?stage={$stage}", [
                'pattern',
                'metal',
                'gating',
                'filling',
                'feeding',
                'mould',
            ]),
            "/attempts/{$id}/why",
            "/attempts/{$id}/changes",
            "/attempts/{$id}/charge",
            "/attempts/{$id}/cost",
            "/attempts/{$id}/ways",
            "/attempts/{$id}/finish",
            "/attempts/{$id}/log",
            '/log',
            '/workshop',
            '/workshop/charge',
            $this->lot(),
            $this->pattern(),
            '/week',
            '/ledger',
            '/handbook',
            '/settings',
            '/nowhere-at-all',
        ];
    }

    /** @return string a lot of the demo that has gone through many pots */
    private function lot(): string
    {
        $lot = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/metal").then((r) => r.json())'
                .'.then(({ lots }) => done(lots.find((lot) => lot.name === "Bronze returns").id));',
        );
        self::assertIsString($lot);

        return "/workshop/metal/{$lot}";
    }

    private function pattern(): string
    {
        $pattern = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/patterns").then((r) => r.json())'
                .'.then(({ patterns }) => done(patterns.find((one) => one.name === "Ring waxes").id));',
        );
        self::assertIsString($pattern);

        return "/workshop/patterns/{$pattern}";
    }

    /** @return string the curve of the demo's melt */
    private function melt(): string
    {
        $heat = $this->driver->executeAsyncScript(
            'const done = arguments[0]; const get = (path) => fetch(path).then((r) => r.json()); (async () => {'
                .'for (const line of (await get("/api/attempts?defect=internal_shrinkage")).attempts) {'
                .'const heat = (await get(`/api/attempts/${line.id}`)).heat;'
                .'if (heat && (await get(`/api/heats/${heat.id}/curve`)).series.length > 0) return done(heat.id); } done(""); })();',
        );
        self::assertIsString($heat);
        self::assertNotSame('', $heat);

        return "/heats/{$heat}/curve";
    }

    /** Everything that is read or pressed on the day: seven to one in both colours, and as large as a glove. */
    #[DataProvider('lights')]
    public function testThePourDayIsReadInTheSunAndPressedWithGloves(string $theme, string $size): void
    {
        Chromium::resize($this->driver, ...self::SIZES[$size]);
        $this->signInAsDemo();
        [$id] = $this->attempt();
        $this->open("/attempts/{$id}/day");
        $this->find('//h1[.="Pour day"]');
        $this->driver->executeScript("document.documentElement.dataset.theme = '{$theme}'");
        $found = $this->driver->executeScript(<<<'JS'
            const channel = (c) => (c /= 255) <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
            const numbers = (colour) => (colour.match(/[\d.]+/g) ?? []).map(Number);
            const light = ([r, g, b]) => 0.2126 * channel(r) + 0.7152 * channel(g) + 0.0722 * channel(b);
            const ground = (e) => {
              const c = e ? numbers(getComputedStyle(e).backgroundColor) : [255, 255, 255];
              return c.length === 3 || c[3] === 1 ? c : ground(e.parentElement);
            };
            const faults = [];
            for (const e of document.querySelectorAll('main article *')) {
              const own = [...e.childNodes].some((n) => n.nodeType === 3 && n.textContent.trim());
              const box = e.getBoundingClientRect();
              if (own && box.width > 1 && !e.closest('.sr-only')) {
                const [a, b] = [light(numbers(getComputedStyle(e).color)), light(ground(e))].sort((x, y) => y - x);
                const ratio = (a + 0.05) / (b + 0.05);
                if (ratio < 7) faults.push(`${e.textContent.trim().slice(0, 40)}: ${ratio.toFixed(1)} to 1`);
              }
              if (e.matches('button.press:not(.press-quiet), button.peg') && box.height > 0 && box.height < 63.5)
                faults.push(`${e.textContent.trim().slice(0, 40)}: ${box.height} px high`);
            }
            return faults;
            JS);
        self::assertSame([], $found);
    }

    /** @return array{string, string} an attempt of the demo that misran, and its casting */
    private function attempt(): array
    {
        $attempt = $this->driver->executeAsyncScript(
            'const done = arguments[0]; fetch("/api/attempts?defect=misrun").then((r) => r.json()).then((l) => done([l.attempts[0].id, '
                .'l.attempts[0].casting_id]));',
        );
        self::assertIsArray($attempt);

        return [(string) $attempt[0], (string) $attempt[1]];
    }

    /** @return list<string> */
    private function complaints(string $view, string $theme): array
    {
        $this->settled();
        $this->driver->executeScript("document.documentElement.dataset.theme = '{$theme}'");
        $this->driver->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js'));
        $found = $this->driver->executeAsyncScript(
            'const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", '
                .'"best-practice"], rules: {"label-content-name-mismatch": {enabled: true}, "target-size": {enabled: true}}}).then((r) '
                    .'=> done(r.violations.map((v) => v.id + ": " + v.nodes.slice(0, 3).map((n) => n.html.slice(0, 140)).join(" | "))));',
        );
        $complaints = [];
        foreach (is_array($found) ? $found : ['axe gave no answer'] as $complaint) {
            $complaints[] = "{$view}: ".(is_string($complaint) ? $complaint : '');
        }
        $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
        if (is_int($wide) && $wide > 1) {
            $complaints[] = "{$view}: runs {$wide} px off the side";
        }

        return $complaints;
    }

    /** Nothing is loading any more, and no answer of the plan is on its way. */
    private function settled(): void
    {
        $until = microtime(true) + 15;
        do {
            $busy = $this->driver->executeScript('return document.querySelectorAll("[aria-busy=true], [role=status] .sr-only").length');
            if (0 === $busy) {
                return;
            }
            usleep(50_000);
        } while (microtime(true) < $until);
        self::fail('the page never came to rest');
    }
}
