<?php

declare(strict_types=1);

// Takes the pictures of docs/screenshots from a running demo, or any page for a look:
//   php tools/screenshots.php http://127.0.0.1:8400 [NAME=PATH[@WIDTHxHEIGHT][#selector to click, or mesh:selector to send a mesh to]]...
// Without pages it renews every picture of docs/screenshots. Needs chromium and chromium-driver.

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use MoltenNotes\Tests\Support\Chromium;
use MoltenNotes\Tests\Support\Meshes;

require dirname(__DIR__).'/vendor-dev/autoload.php';

$url = $argv[1] ?? 'http://127.0.0.1:8400';
$port = random_int(20000, 50000);
$process = proc_open(['chromedriver', "--port={$port}"], [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes);
if (!is_resource($process)) {
    fwrite(\STDERR, "chromedriver could not be started\n");
    exit(1);
}
for ($i = 0; $i < 50 && false === @fsockopen('127.0.0.1', $port); ++$i) {
    usleep(100_000);
}
$driver = Chromium::open("http://127.0.0.1:{$port}");
try {
    $driver->get($url);
    $driver->wait(15)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('input[type=password]')));
    $driver->findElement(WebDriverBy::cssSelector('input[type=email]'))->sendKeys('demo@molten.example');
    $driver->findElement(WebDriverBy::cssSelector('input[type=password]'))->sendKeys("pour-and-learn\n");
    $driver->wait(15)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('.title-block')));
    $ask = static fn (string $path): mixed => $driver->executeAsyncScript(
        'const done = arguments[arguments.length - 1]; fetch(arguments[0]).then((r) => r.json()).then(done);',
        [$path],
    );
    /** @var array{castings: list<array{id: string, name: string, trail: list<array{id: string, number: int}>}>} $castings */
    $castings = $ask('/api/castings');
    $ids = [];
    foreach ($castings['castings'] as $casting) {
        $slug = strtolower(strtok($casting['name'], ' ') ?: '');
        $ids[$slug] = $casting['id'];
        foreach ($casting['trail'] as $attempt) {
            $ids["{$slug}.{$attempt['number']}"] = $attempt['id'];
        }
    }
    /** @var array{heaps: list<array{id: string, name: string}>} $heaps */
    $heaps = $ask('/api/heaps');
    foreach ($heaps['heaps'] as $heap) {
        $ids['heap.'.strtolower(strtok($heap['name'], ' ') ?: '')] = $heap['id'];
    }
    /** @var array{patterns: list<array{id: string, name: string}>} $patterns */
    $patterns = $ask('/api/patterns');
    foreach ($patterns['patterns'] as $pattern) {
        $ids['pattern.'.strtolower(strtok($pattern['name'], ' ') ?: '')] = $pattern['id'];
    }
    $pages = array_values(array_filter(array_slice($argv, 2), static fn (string $page): bool => str_contains($page, '=')));
    $into = [] === $pages ? dirname(__DIR__).'/docs/screenshots' : '/tmp';
    foreach ([] === $pages ? require __DIR__.'/screenshot-pages.php' : $pages as $page) {
        [$name, $rest] = explode('=', $page, 2);
        [$rest, $click] = array_pad(explode('#', $rest, 2), 2, '');
        [$path, $size] = array_pad(explode('@', $rest, 2), 2, '1280x800');
        [$width, $height] = array_map(intval(...), explode('x', $size));
        Chromium::resize($driver, $width, $height);
        $path = preg_replace_callback('/\{([\w.]+)\}/', static fn (array $m): string => $ids[$m[1]] ?? $m[0], $path);
        $driver->get($url.$path);
        usleep(1_200_000);
        foreach (array_filter(explode('>>', $click)) as $selector) {
            [$selector, $sent] = str_starts_with($selector, 'mesh:') ? [substr($selector, 5), true] : [$selector, false];
            $element = $driver->findElement(
                str_starts_with($selector, '//') ? WebDriverBy::xpath($selector) : WebDriverBy::cssSelector($selector),
            );
            if ($sent) {
                // A bracket with a lump and a rib, drawn on its side.
                $file = (string) tempnam(sys_get_temp_dir(), 'bracket');
                file_put_contents($file, Meshes::binary([
                    ...Meshes::box([8, 60, 100]), ...Meshes::box([26, 30, 30], [7, 15, 35]), ...Meshes::box([15, 6, 30], [7, 27, 64]),
                ]));
                $element->sendKeys($file);
                usleep(8_000_000);
                unlink($file);
                $driver->executeScript('document.querySelector("[aria-label=\"Which way up\"]")?.previousElementSibling.scrollIntoView()');
            } else {
                $element->click();
            }
            usleep(900_000);
        }
        $driver->takeScreenshot("{$into}/{$name}.png");
        echo "{$into}/{$name}.png\n";
    }
} finally {
    $driver->quit();
    proc_terminate($process);
}
