<?php

declare(strict_types=1);

// The measurements of bin/bench: php tools/bench.php core | web | app URL

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Quantity\UnitPreferences;

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/bench-app.php';

/** @param callable(): mixed $work */
function measure(string $name, int $times, callable $work, string $target): void
{
    for ($i = 0; $i < 5; ++$i) {
        $work();
    }
    gc_collect_cycles();
    memory_reset_peak_usage();
    $from = memory_get_usage();
    $took = [];
    for ($i = 0; $i < $times; ++$i) {
        $start = hrtime(true);
        $work();
        $took[] = (hrtime(true) - $start) / 1e6;
    }
    sort($took);
    report(
        $name,
        sprintf(
            'median %.1f ms, slowest of %d %.1f ms, memory %.1f MB',
            $took[intdiv($times, 2)],
            $times,
            $took[$times - 1],
            (memory_get_peak_usage() - $from) / 1048576,
        ),
        $target,
    );
}

function report(string $name, string $figures, string $target): void
{
    printf("    %-52s %s   (target: %s)\n", $name, $figures, $target);
}

function core(): void
{
    $catalogue = Catalogue::standard();
    $diagnose = new Diagnose($catalogue, UnitPreferences::metric());
    $record = static fn (int $signs): mixed => AttemptDocument::read(
        [
            'format' => 'molten-notes/attempt',
            'version' => 1,
            'made' => [
                'mould.process' => 'green_sand',
                'sand.condition' => 'wet',
                'casting.wall' => '4 mm',
                'pour.temperature' => '700 C',
                'venting.high_points' => 'some',
                'feeding.riser' => 'none',
            ],
            'heat' => ['metal.alloy' => 'al_si7mg', 'metal.source' => 'mixed'],
            'observations' => ['steam', 'sluggish'],
            'findings' => array_map(
                static fn (string $kind): array => ['kind' => $kind],
                array_slice(array_keys($catalogue->vocabulary->defects), 0, $signs),
            ),
        ],
        $catalogue->causeCodes(),
    )['record'];
    foreach ([[1, 'under 50 ms'], [12, 'under 50 ms and 64 MB'], [25, 'under 1000 ms, approximated']] as [$signs, $target]) {
        $known = $record($signs);
        measure("diagnosis with {$signs} positive findings", 25, static fn (): mixed => $diagnose->attempt($known), $target);
    }
    require __DIR__.'/bench-charge.php';
    wholeIngots();
    require __DIR__.'/bench-week.php';
    week();
    require __DIR__.'/bench-plan.php';
}

function web(): void
{
    $app = dirname(__DIR__).'/public/app';
    /** @var array<string, array{file: string, imports?: list<string>, css?: list<string>, isEntry?: bool}> $manifest */
    $manifest = json_decode((string) file_get_contents("{$app}/.vite/manifest.json"), true, 64, \JSON_THROW_ON_ERROR);
    $wanted = ['index.html', 'src/features/bench/index.ts'];
    $seen = [];
    while ([] !== $wanted) {
        $key = array_pop($wanted);
        if (!isset($seen[$key])) {
            $seen[$key] = true;
            array_push($wanted, ...$manifest[$key]['imports'] ?? []);
        }
    }
    $script = 0;
    $style = 0;
    foreach (array_keys($seen) as $key) {
        $script += strlen((string) gzencode((string) file_get_contents("{$app}/{$manifest[$key]['file']}"), 6));
        foreach ($manifest[$key]['css'] ?? [] as $css) {
            $style += strlen((string) gzencode((string) file_get_contents("{$app}/{$css}"), 6));
        }
    }
    report('script of the first screen (entry and bench), gzip', sprintf('%.1f KB', $script / 1024), 'under 250 KB');
    report('style of the first screen, gzip', sprintf('%.1f KB', $style / 1024), 'none set');
}

match ($argv[1] ?? '') {
    'core' => core(),
    'web' => web(),
    'app' => app($argv[2] ?? 'http://127.0.0.1:8480'),
    default => throw new InvalidArgumentException('php tools/bench.php core | web | app URL'),
};
