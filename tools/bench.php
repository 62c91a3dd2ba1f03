<?php

declare(strict_types=1);

// The measurements of bin/bench: php tools/bench.php core | web | app URL

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\AttemptDocument;

require dirname(__DIR__).'/vendor/autoload.php';

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
    report($name, sprintf('median %.1f ms, slowest of %d %.1f ms, memory %.1f MB', $took[intdiv($times, 2)], $times, $took[$times - 1], (memory_get_peak_usage() - $from) / 1048576), $target);
}

function report(string $name, string $figures, string $target): void
{
    printf("    %-62s %s   (target: %s)\n", $name, $figures, $target);
}

function core(): void
{
    $catalogue = Catalogue::standard();
    $diagnose = new Diagnose($catalogue, UnitPreferences::metric());
    $record = static fn (int $signs): mixed => AttemptDocument::read([
        'format' => 'molten-notes/attempt', 'version' => 1,
        'made' => ['mould.process' => 'green_sand', 'sand.condition' => 'wet', 'casting.wall' => '4 mm', 'pour.temperature' => '700 C', 'venting.high_points' => 'some', 'feeding.riser' => 'none'],
        'heat' => ['metal.alloy' => 'al_si7mg', 'metal.source' => 'mixed'],
        'observations' => ['steam', 'sluggish'],
        'findings' => array_map(static fn (string $kind): array => ['kind' => $kind], array_slice(array_keys($catalogue->vocabulary->defects), 0, $signs)),
    ], $catalogue->causeCodes())['record'];
    foreach ([[1, 'under 50 ms'], [12, 'under 50 ms and 64 MB'], [25, 'under 1000 ms, approximated']] as [$signs, $target]) {
        $known = $record($signs);
        measure("diagnosis with {$signs} positive findings", 25, static fn (): mixed => $diagnose->attempt($known), $target);
    }
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
            array_push($wanted, ...($manifest[$key]['imports'] ?? []));
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

function app(string $url): void
{
    $dsn = parse_url((string) getenv('MOLTEN_DATABASE_URL'));
    $storage = new PDO("mysql:host={$dsn['host']};port={$dsn['port']};dbname=molten", $dsn['user'] ?? '', $dsn['pass'] ?? '');
    $storage->exec("INSERT INTO attempt (id, casting_id, caster_id, number, poured_on, happened_on, verdict, note, observations, process, alloy, pour_temperature_k, created_at, updated_at, version)
        SELECT s.id, c.id, c.caster_id, 1000 + s.seq, d, d, ELT(1 + MOD(seq, 3), 'good', 'usable', 'scrap'), NULL, '[]', ELT(1 + MOD(seq, 4), 'green_sand', 'oil_sand', 'lost_foam', 'plaster'), 'al_si7mg', 950 + MOD(seq, 150), d, d, 1
        FROM (SELECT seq, UNHEX(CONCAT(LPAD(HEX(1700000000000 + seq * 60000), 12, '0'), '7', LPAD(HEX(MOD(seq, 4096)), 3, '0'), '8', LPAD(HEX(seq), 15, '0'))) AS id, DATE_ADD('2010-01-01', INTERVAL MOD(seq, 5000) DAY) AS d FROM seq_1_to_10000) AS s
        CROSS JOIN (SELECT id, caster_id FROM casting LIMIT 1) AS c");
    $storage->exec("INSERT INTO finding (id, attempt_id, kind, places, looks) SELECT UNHEX(REPLACE(UUID(), '-', '')), id, 'misrun', '[]', '[]' FROM attempt WHERE number > 1000 AND verdict = 'scrap'");
    $jar = tempnam(sys_get_temp_dir(), 'molten');
    $curl = curl_init();
    curl_setopt_array($curl, [\CURLOPT_RETURNTRANSFER => true, \CURLOPT_COOKIEFILE => $jar, \CURLOPT_COOKIEJAR => $jar]);
    $call = static function (string $path, ?string $body = null, string $token = '') use ($curl, $url): mixed {
        curl_setopt_array($curl, [\CURLOPT_URL => $url.$path, \CURLOPT_POSTFIELDS => $body, \CURLOPT_CUSTOMREQUEST => null === $body ? 'GET' : 'POST', \CURLOPT_HTTPHEADER => null === $body ? [] : ['Content-Type: application/json', "X-CSRF-Token: {$token}"]]);
        $answer = json_decode((string) curl_exec($curl), true, 64, \JSON_THROW_ON_ERROR);
        if (200 !== curl_getinfo($curl, \CURLINFO_RESPONSE_CODE)) {
            throw new RuntimeException("{$path} answered ".curl_getinfo($curl, \CURLINFO_RESPONSE_CODE));
        }

        return $answer;
    };
    $call('/api/session', '{"email":"demo@molten.example","password":"pour-and-learn"}', $call('/api/session')['csrf']);
    report('attempts of the caster', (string) $call('/api/attempts')['total'], '10 000');
    measure('session (the least any request costs)', 40, static fn (): mixed => $call('/api/session'), 'none set');
    foreach (['first page' => '/api/attempts', 'page 100' => '/api/attempts?page=100', 'filtered by verdict' => '/api/attempts?verdict=scrap', 'filtered by defect' => '/api/attempts?defect=misrun'] as $name => $path) {
        measure("ledger, {$name}", 40, static fn (): mixed => $call($path), 'median under 60 ms');
    }
    $attempt = $call('/api/attempts?defect=blowhole')['attempts'][0]['id'];
    measure('attempt with its section', 40, static fn (): mixed => $call("/api/attempts/{$attempt}"), 'none set');
    measure('diagnosis', 40, static fn (): mixed => $call("/api/attempts/{$attempt}/diagnosis"), 'none set');
    $token = $call('/api/session')['csrf'];
    $plan = json_encode(['values' => array_map(static fn (array $value): mixed => $value['raw'], $call('/api/attempts/'.$call('/api/attempts?defect=misrun&q=rowlock')['attempts'][0]['id'])['planned'])], \JSON_THROW_ON_ERROR);
    measure('plan recomputed while typing', 40, static fn (): mixed => $call('/api/plan', $plan, $token), 'median under 100 ms');
    unlink($jar);
}

match ($argv[1] ?? '') {
    'core' => core(),
    'web' => web(),
    'app' => app($argv[2] ?? 'http://127.0.0.1:8480'),
    default => exit("php tools/bench.php core | web | app URL\n"),
};
