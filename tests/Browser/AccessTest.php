<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Browser;

use MoltenNotes\Tests\Support\Chromium;

/** WCAG 2.2 AA as far as a machine can tell, on each main view, by day, by night and on a phone. */
final class AccessTest extends JourneyTestCase
{
    public function testEveryMainViewPassesTheAccessibilityRules(): void
    {
        $axe = (string) file_get_contents(dirname(__DIR__, 2).'/web/node_modules/axe-core/axe.min.js');
        $this->signInAsDemo();
        $attempt = $this->driver->executeAsyncScript('const done = arguments[0]; fetch("/api/attempts?defect=misrun").then((r) => r.json()).then((l) => done([l.attempts[0].id, l.attempts[0].casting_id]));');
        self::assertIsArray($attempt);
        [$id, $casting] = [(string) $attempt[0], (string) $attempt[1]];
        $complaints = [];
        foreach ([['auto', 1280, 800], ['night', 1280, 800], ['auto', 390, 844]] as [$theme, $width, $height]) {
            Chromium::resize($this->driver, $width, $height);
            foreach (['/', '/castings', "/castings/{$casting}", "/attempts/{$id}", "/attempts/{$id}/plan", "/attempts/{$id}/plan?stage=gating", '/workshop', "/attempts/{$id}/why", "/attempts/{$id}/changes", '/log', '/ledger', '/handbook', '/settings'] as $path) {
                $this->open($path);
                $this->find('//h1');
                usleep(150_000);
                $this->driver->executeScript("document.documentElement.dataset.theme = '{$theme}'");
                $this->driver->executeScript($axe);
                $found = $this->driver->executeAsyncScript('const done = arguments[0]; axe.run(document, {runOnly: ["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"]}).then((r) => done(r.violations.map((v) => v.id + ": " + v.nodes.slice(0, 3).map((n) => n.html.slice(0, 140)).join(" | "))));');
                foreach (is_array($found) ? $found : ['axe gave no answer'] as $complaint) {
                    $complaints[] = "{$path} {$theme} {$width}: ".(is_string($complaint) ? $complaint : '');
                }
                $wide = $this->driver->executeScript('return document.documentElement.scrollWidth - document.documentElement.clientWidth');
                if (is_int($wide) && $wide > 1) {
                    $complaints[] = "{$path} {$width}: runs {$wide} px off the side";
                }
            }
        }

        self::assertSame([], $complaints);
    }
}
