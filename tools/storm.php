<?php

declare(strict_types=1);

// The hard weather of bin/fuzz, against a server it has started: php tools/storm.php requests|kills|disk|hostile URL [COUNT]
// Loopback only, bounded, and it ends by itself. Exit 1 when anything was answered or lost that must not be.

use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Tests\Support\Changes;
use MoltenNotes\Tests\Support\Meshes;
use MoltenNotes\Tests\Support\WildRecords;
use Symfony\Component\Uid\Uuid;

require dirname(__DIR__).'/vendor-dev/autoload.php';
require __DIR__.'/caller.php';

function fresh(): string
{
    return Uuid::v7()->toRfc4122();
}

/** Something where it does not belong. */
function nonsense(): mixed
{
    $things = [
        null,
        true,
        false,
        0,
        -1,
        1,
        2.5,
        -0.0,
        1e308,
        \PHP_INT_MAX,
        '',
        ' ',
        '0',
        'null',
        '١٢ mm',
        "1\u{0662} mm",
        '5 mil',
        '💥',
        "\u{0000}",
        "\u{202E}abc",
        str_repeat('a', 3000),
        '1/0 in',
        '-400 C',
        '9999999999999999999 mm',
        'NaN',
        'INF',
        '0 mm',
        "'; DROP TABLE caster; --",
        '<script>',
        '../../etc/passwd',
        [],
        [[]],
        ['a' => 1],
        ['value' => 1, 'unit' => 'mm'],
        ['value' => '1', 'unit' => 'mm'],
        ['value' => 1e400, 'unit' => 'mm'],
        ['value' => 1, 'unit' => 'cubit'],
        ['value' => 5, 'unit' => 'mm', 'upper' => 1],
        [1, 2, 3],
        ['value' => -5, 'unit' => 'kg'],
        ['value' => 0, 'unit' => 'degC'],
    ];

    return $things[array_rand($things)];
}

/** The same document with a few things changed, dropped, doubled or nested. */
function mutate(mixed $value, int $depth = 0): mixed
{
    if (!is_array($value) || 0 === mt_rand(0, 7 + $depth)) {
        return 0 === mt_rand(0, 3) ? nonsense() : $value;
    }
    foreach (array_keys($value) as $key) {
        $dice = mt_rand(0, 12);
        if (0 === $dice) {
            unset($value[$key]);
        } elseif ($dice < 3) {
            $value[$key] = nonsense();
        } elseif ($dice < 7) {
            $value[$key] = mutate($value[$key], $depth + 1);
        }
    }
    if (0 === mt_rand(0, 9)) {
        $value[['extra', '', '0', 'Value', 'id', '💥'][mt_rand(0, 5)]] = nonsense();
    }
    if (0 === mt_rand(0, 60)) {
        $deep = 1;
        for ($i = 0; $i < 40; ++$i) {
            $deep = [$deep];
        }
        $value['deep'] = $deep;
    }

    return $value;
}

/** @return array{string, string, mixed, string} method, path, body, content type: one write, as it should be */
function write(string $casting, string $attempt, WildRecords $wild): array
{
    $causes = array_keys(Catalogue::standard()->causes);
    $checks = array_keys(Catalogue::standard()->vocabulary->checks);
    $kinds = array_keys(Catalogue::standard()->vocabulary->defects);
    $remedies = array_keys(Remedies::all());
    $pick = static fn (array $list): string => (string) $list[array_rand($list)];
    $document = $wild->document();
    $record = [
        'casting_id' => $casting,
        'planned' => $document['planned'],
        'made' => array_slice($wild->document()['planned'], 0, 8),
        'observations' => $document['observations'],
        'poured_on' => '2026-05-03',
        'verdict' => $document['verdict'],
        'note' => 'a note',
    ];
    $command = static fn (array ...$changes): array => [
        'POST',
        '/api/commands',
        ['id' => fresh(), 'made_at' => '2026-05-03T17:40:00Z', 'changes' => array_values($changes)],
        '',
    ];
    $say = static fn (string $field, mixed $to, mixed $was = null): array => [
        'part' => 'attempt',
        'id' => $attempt,
        'set' => [$field => ['was' => $was, 'to' => $to]],
    ];
    $workshop = [
        'furnaces' => [['name' => 'Drum', 'source' => 'propane', 'power' => '8 kW', 'efficiency' => '12 %']],
        'crucibles' => [['name' => 'A6', 'volume' => '600 mL', 'mass' => '1.4 kg']],
        'flasks' => [['name' => 'Box', 'length' => '12 in', 'width' => '8 in', 'cope' => '4 in', 'drag' => '3 in']],
        'cutters' => [['name' => 'Tube', 'kind' => 'tube', 'size' => '16 mm']],
        'stock' => [
            ['name' => 'Wheels', 'mass' => '3 kg', 'price' => 2.2, 'loss' => '5 %', 'composition' => ['Si' => '7 %', 'Mg' => '0.35 %']],
        ],
        'tariffs' => ['propane' => 2.9],
        'safe_lift' => '20 kg',
        'currency' => 'EUR',
        'school' => 'unpressurised',
    ];

    return match (mt_rand(0, 16)) {
        0 => $command([
            'part' => 'casting',
            'id' => fresh(),
            'create' => (object) [],
            'set' => Changes::set(['name' => 'Cleat', 'purpose' => 'works', 'wanted' => 2, 'note' => 'x']),
        ]),
        1 => $command([
            'part' => 'casting',
            'id' => $casting,
            'set' => Changes::set(['name' => $pick(['Cleat', 'Fairlead'])], '', ['name' => $pick(['Cleat', 'Fairlead'])]),
        ]),
        2, 3, 4 => $command(...Changes::attempt(fresh(), $record, true)),
        5 => $command(...Changes::attempt($attempt, array_diff_key($record, ['casting_id' => 0]), false)),
        6 => $command(
            Changes::finding($attempt, [
                'kind' => $pick($kinds),
                'places' => ['cope_face'],
                'looks' => ['smooth_wall'],
                'severity' => 'spoils',
                'note' => 'x',
            ]),
        ),
        7 => $command($say('answers.'.$pick($checks), 'yes')),
        8 => $command($say('opinions.'.$pick($causes), ['opinion' => 'confirmed', 'note' => 'x'])),
        9 => $command(
            ...array_map(
                static fn (): array => $say('sheet.'.$pick($remedies), 0 === mt_rand(0, 1) ? true : ['new' => nonsense()]),
                range(0, mt_rand(0, 5)),
            ),
        ),
        10 => $command(['part' => 'attempt', 'id' => fresh(), 'create' => ['after' => $attempt], 'set' => (object) []]),
        11, 12 => ['POST', '/api/plan', ['values' => $document['planned']], ''],
        13 => $command(...Changes::workshop(fresh(), $workshop)),
        15 => $command([
            'part' => $pick(['attempt', 'heat', 'finding', 'casting']),
            'id' => 0 === mt_rand(0, 1) ? $attempt : fresh(),
            'create' => (object) [],
            'set' => Changes::set(['binned' => 0 === mt_rand(0, 1), 'name' => 'x', 'casting' => $casting, 'heat' => fresh()], '', [
                'binned' => 0 === mt_rand(0, 1),
                'casting' => $casting,
            ]),
        ]),
        14 => [
            'POST',
            '/api/mix',
            [
                'melt' => '3 kg',
                'windows' => ['Si' => ['low' => '6.5 %', 'high' => '7.5 %'], 'Mg' => ['low' => '0.2 %', 'high' => '0.5 %']],
                'recovery' => ['Mg' => '85 %'],
            ],
            '',
        ],
        default => match (mt_rand(0, 4)) {
            0 => [
                'PATCH',
                '/api/me/preferences',
                [
                    'units' => ['length' => 'in'],
                    'theme' => 'night',
                    'dismissed_cautions' => ['rain'],
                    'idle_minutes' => 60,
                    'single_keys' => true,
                ],
                '',
            ],
            1 => ['POST', '/api/quantities', ['field' => 'pour.temperature', 'text' => '1300 F'], ''],
            2 => [
                'POST',
                '/api/meshes?unit='.$pick(['mm', 'in', 'parsec', '']),
                substr(Meshes::binary(Meshes::box([20, 30, 40])), 0, mt_rand(0, 700)),
                'application/octet-stream',
            ],
            3 => ['PUT', '/api/me/password', ['current' => 'not it', 'new' => 'another four words'], ''],
            default => ['POST', '/api/casters', ['email' => 'x@molten.example', 'name' => 'x', 'password' => 'short'], ''],
        },
    };
}

function requests(string $url, int $count): int
{
    mt_srand(20261126);
    $wild = new WildRecords(7);
    $callers = [];
    foreach (range(1, 4) as $i) {
        $caller = new Caller($url);
        $caller->open("storm{$i}.".bin2hex(random_bytes(3)).'@molten.example');
        $casting = fresh();
        $caller->change(Caller::casting($casting, 'Cleat'));
        $callers[] = [$caller, $casting, null];
    }
    $statuses = [];
    $faults = 0;
    $reads = 0;
    for ($i = 0; $i < $count; ++$i) {
        [$caller, $casting, $attempt] = $callers[$i % 4];
        if (null === $attempt || 0 === $i % 500) {
            // A new attempt now and then: the old one is full of findings, and its sheet is closed.
            $attempt = fresh();
            $caller->change(
                ...Changes::attempt($attempt, ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'verdict' => 'scrap'], true),
            );
            $callers[$i % 4][2] = $attempt;
        }
        [$method, $path, $body, $type] = write($casting, $attempt, $wild);
        $sent = is_string($body)
            ? $body
            : json_encode(0 === $i % 5 ? $body : mutate($body), \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE);
        if (0 === mt_rand(0, 40)) {
            $sent = substr((string) $sent, 0, mt_rand(0, strlen((string) $sent)));
        }
        $status = $caller->send($method, $path, (string) $sent, '' === $type ? 'application/json' : $type);
        if ($status >= 500 || 0 === $status || ($status >= 400 && !str_starts_with($caller->type, 'application/problem+json'))) {
            ++$faults;
            fwrite(\STDERR, "{$status} {$method} {$path} ".mb_strcut((string) $sent, 0, 400)."\n   {$caller->body}\n");
        }
        $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        if (0 === ($i + 1) % 5000) {
            fwrite(\STDERR, sprintf("    %d of %d\n", $i + 1, $count));
        }
        // Whatever was stored must be readable: every page of it, now and then.
        if (0 === $i % 25) {
            // Nonsense may have thrown them away: they are brought back first.
            foreach (['casting' => $casting, 'attempt' => $attempt] as $part => $id) {
                $caller->change(['part' => $part, 'id' => $id, 'set' => ['binned' => ['was' => true, 'to' => false]]]);
            }
            foreach (
                [
                    '/api/bin',
                    '/api/workshop/history',
                    "/api/attempts/{$attempt}/history",
                    "/api/attempts/{$attempt}",
                    "/api/attempts/{$attempt}/diagnosis",
                    "/api/attempts/{$attempt}/change-sheet",
                    "/api/attempts/{$attempt}/plan",
                    "/api/castings/{$casting}",
                    '/api/bench',
                    '/api/workshop',
                    '/api/attempts',
                    '/api/suggestions',
                ] as $page
            ) {
                ++$reads;
                if (200 !== ($status = $caller->send('GET', $page))) {
                    ++$faults;
                    fwrite(\STDERR, "{$status} GET {$page}: {$caller->body}\n");
                }
            }
        }
    }
    ksort($statuses);
    printf("    %d writes, %d reads between them; answers %s; %d faults\n", $count, $reads, json_encode($statuses), $faults);

    return 0 === $faults ? 0 : 1;
}

function kills(string $url, int $databaseKills): int
{
    $sessions = [];
    foreach (range(1, 20) as $i) {
        $caller = new Caller($url);
        if ($i <= 10) {
            $caller->open("kill{$i}.".bin2hex(random_bytes(3)).'@molten.example');
        } elseif (!$caller->signIn('demo@molten.example', 'pour-and-learn')) {
            throw new RuntimeException("the demo does not sign in: {$caller->body}");
        }
        $sessions[] = $caller;
    }
    $run = (string) getenv('MOLTEN_STORM_DB_RUN');
    $acknowledged = $statuses = [];
    $unclean = $databases = $workers = 0;
    $next = ['database' => microtime(true) + 2, 'worker' => microtime(true) + 1];
    for ($i = 0; $databases < $databaseKills || $workers < 2 * $databaseKills; ++$i) {
        $caller = $sessions[$i % count($sessions)];
        $id = fresh();
        $name = "Casting {$i}";
        $status = $caller->change(Caller::casting($id, $name));
        $statuses[$status] = ($statuses[$status] ?? 0) + 1;
        if (200 === $status) {
            $acknowledged[$id] = [$i % count($sessions), $name];
        } elseif (0 !== $status && !str_starts_with($caller->type, 'application/problem+json')) {
            ++$unclean;
            fwrite(\STDERR, "{$status} {$caller->type}: ".substr($caller->body, 0, 200)."\n");
        }
        if (microtime(true) > $next['worker'] && $workers < 2 * $databaseKills) {
            $pids = array_filter(
                explode("\n", (string) shell_exec('pgrep -P '.(int) @file_get_contents((string) getenv('MOLTEN_STORM_FPM_PID')))),
            );
            if ([] !== $pids) {
                posix_kill((int) $pids[array_rand($pids)], \SIGKILL);
                ++$workers;
            }
            $next['worker'] = microtime(true) + 1.1;
        }
        if (microtime(true) > $next['database'] && $databases < $databaseKills && is_file("{$run}/db.pid")) {
            posix_kill((int) file_get_contents("{$run}/db.pid"), \SIGKILL);
            ++$databases;
            $next['database'] = microtime(true) + 5;
        }
    }
    sleep(4);
    $lost = 0;
    foreach ($acknowledged as $id => [$session, $name]) {
        $status = $sessions[$session]->send('GET', "/api/castings/{$id}");
        if (200 !== $status || $name !== ($sessions[$session]->json()['name'] ?? null)) {
            ++$lost;
            fwrite(\STDERR, "lost {$id}: {$status} {$sessions[$session]->body}\n");
        }
    }
    $gone = 0;
    foreach ($sessions as $caller) {
        $caller->send('GET', '/api/session');
        $gone += null === ($caller->json()['caster'] ?? null) ? 1 : 0;
    }
    ksort($statuses);
    printf(
        "    %d kills of MariaDB, %d of php-fpm workers; answers %s\n    %d writes acknowledged, %d lost; %d unclean failures; %d of %d "
            ."sessions lost\n",
        $databases,
        $workers,
        json_encode($statuses),
        count($acknowledged),
        $lost,
        $unclean,
        $gone,
        count($sessions),
    );

    return 0 === $lost + $unclean + $gone ? 0 : 1;
}

function disk(string $url, string $dir): int
{
    $caller = new Caller($url);
    $caller->open('disk.'.bin2hex(random_bytes(3)).'@molten.example');
    $bad = 0;
    $expect = static function (string $what, array $wanted, int $status) use (&$bad, $caller): void {
        $ok =
            in_array($status, $wanted, true)
            && ($status < 400 || str_starts_with($caller->type, 'application/problem+json') || 503 === $status);
        $bad += $ok ? 0 : 1;
        printf(
            "    %-58s %d %s%s\n",
            $what,
            $status,
            $ok ? 'as it should' : 'WRONG',
            $status >= 400 ? ': '.($caller->json()['title'] ?? substr($caller->body, 0, 120)) : '',
        );
    };
    $before = fresh();
    $expect('a casting while there is room', [200], $caller->change(Caller::casting($before, 'Before')));
    // Filled to the last byte, so that MariaDB itself meets the end as well.
    $filler = fopen("{$dir}/filler", 'w');
    while (false !== $filler && false !== @fwrite($filler, str_repeat('x', 1 << 20)) && disk_free_space($dir) > 0) {
        continue;
    }
    $during = fresh();
    $expect('a casting with the disk full', [507], $caller->change(Caller::casting($during, 'During')));
    $expect('reading with the disk full', [200], $caller->send('GET', "/api/castings/{$before}"));
    $caller->send('GET', '/api/health');
    printf("    %-58s %s\n", 'health says', $caller->body);
    $bad += false === ($caller->json()['storage']['writing'] ?? null) ? 0 : 1;
    $other = new Caller($url);
    $other->send('GET', '/api/session');
    $expect('a stranger at the sign-in page', [200, 503, 507], 0 === ($code = $other->send('GET', '/api/session')) ? 0 : $code);
    // Closed first: what is still open keeps its room.
    fclose($filler);
    unlink("{$dir}/filler");
    sleep(3);
    $expect('what was refused is not there', [404], $caller->send('GET', "/api/castings/{$during}"));
    $expect('the same again once there is room', [200], $caller->change(Caller::casting($during, 'During')));
    $expect('what was there before', [200], $caller->send('GET', "/api/castings/{$before}"));

    return 0 === $bad ? 0 : 1;
}

/** One account does its worst from many connections at once while another plans; php tools/storm.php hostile URL SECONDS */
function hostile(string $url, int $seconds): int
{
    $victim = new Caller($url);
    $victim->open('victim.'.bin2hex(random_bytes(3)).'@molten.example');
    $enemy = 'enemy.'.bin2hex(random_bytes(3)).'@molten.example';
    $attacks = attacks($url, $enemy);
    $plan = json_encode(
        [
            'values' => [
                'mould.process' => 'green_sand',
                'metal.alloy' => 'al_si7mg',
                'pour.temperature' => '720 C',
                'gating.sprue_height' => '100 mm',
                'casting.sections' => [
                    ['id' => 'a', 'shape' => 'plate', 'length' => '90 mm', 'width' => '50 mm', 'thickness' => '6 mm', 'gates' => 1],
                    ['shape' => 'ring', 'diameter' => '110 mm', 'width' => '12 mm', 'thickness' => '5 mm', 'joins' => 'a'],
                ],
            ],
        ],
        \JSON_THROW_ON_ERROR,
    );
    $measure = static function (int $times) use ($victim, $plan): array {
        $took = $codes = [];
        for ($i = 0; $i < $times; ++$i) {
            $code = $victim->send('POST', '/api/plan', $plan);
            $codes[$code] = ($codes[$code] ?? 0) + 1;
            $took[] = 1000 * $victim->seconds;
            usleep(100_000);
        }
        sort($took);

        return [$took[intdiv($times, 2)], $took[(int) (0.95 * $times)], $codes];
    };
    [$alone] = $measure(20);
    $children = [];
    $said = tempnam(sys_get_temp_dir(), 'storm');
    for ($i = 0; $i < 2 * count($attacks); ++$i) {
        $pid = pcntl_fork();
        if (0 === $pid) {
            file_put_contents(
                $said,
                json_encode(enemy($url, $enemy, $attacks[$i % count($attacks)], $seconds))."\n",
                \FILE_APPEND | \LOCK_EX,
            );
            exit(0);
        }
        $children[] = $pid;
    }
    sleep(2);
    [$median, $p95, $codes] = $measure(max(20, (int) (($seconds - 4) * 6)));
    array_map(static fn (int $pid): int => pcntl_waitpid($pid, $status), $children);
    $answers = [];
    foreach (file($said) ?: [] as $line) {
        foreach (json_decode($line, true) ?? [] as $what => $statuses) {
            foreach ($statuses as $status => $times) {
                $answers[$what][$status] = ($answers[$what][$status] ?? 0) + $times;
            }
        }
    }
    unlink($said);
    foreach ($answers as $what => $statuses) {
        printf("    %-40s answers %s\n", $what, json_encode($statuses));
    }
    printf(
        "    another's plan: %.0f ms alone, median %.0f ms and 95th percentile %.0f ms beside the hostile account (target: median under "
            ."300 ms); answers %s\n",
        $alone,
        $median,
        $p95,
        json_encode($codes),
    );

    return $median < 300 && [200] === array_keys($codes) ? 0 : 1;
}

/** @return list<array{string, string, string|null, string}> the dearest requests there are: method, path, body, content type */
function attacks(string $url, string $email): array
{
    $caller = new Caller($url);
    $caller->open($email);
    $must = static fn (array ...$changes) => $caller->must('POST', '/api/commands', Caller::command(array_values($changes)));
    $sections = array_map(
        static fn (int $i): array => [
            'id' => "s{$i}",
            'shape' => 'plate',
            'length' => '90 mm',
            'width' => '50 mm',
            'thickness' => '6 mm',
            'count' => 500,
        ] + ($i > 0 ? ['joins' => 's'.($i - 1)] : ['gates' => 1]),
        range(0, 59),
    );
    $values = [
        'mould.process' => 'green_sand',
        'metal.alloy' => 'al_si7mg',
        'pour.temperature' => '720 C',
        'pour.carry_time' => '3600 s',
        'gating.sprue_height' => '100 mm',
        'casting.sections' => $sections,
    ];
    $casting = fresh();
    $must(Caller::casting($casting, 'Flood'));
    for ($n = 0; $n < 12; ++$n) {
        $attempt = fresh();
        $must(
            ...Changes::attempt(
                $attempt,
                ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'verdict' => 'scrap', 'planned' => $values],
                true,
            ),
        );
    }
    foreach (array_slice(array_keys(Catalogue::standard()->vocabulary->defects), 0, 25) as $defect) {
        $must(Changes::finding($attempt, ['kind' => $defect]));
    }
    $elements = array_slice(
        [
            'Si',
            'Mg',
            'Cu',
            'Zn',
            'Fe',
            'Mn',
            'Ni',
            'Sn',
            'Pb',
            'Ti',
            'Cr',
            'Sb',
            'Bi',
            'P',
            'Sr',
            'Na',
            'Ca',
            'Be',
            'Al',
            'Ag',
            'Cd',
            'As',
            'Te',
            'Se',
        ],
        0,
        24,
    );
    $must(
        ...Changes::workshop(fresh(), [
            'stock' => array_map(
                static fn (int $i): array => [
                    'name' => "Lot {$i}",
                    'mass' => '200 kg',
                    'price' => 1 + $i / 7,
                    'composition' => array_map(
                        static fn (int $k): string => (($i * 7 + $k * 3) % 40) / 10 .' %',
                        array_flip(array_slice($elements, 0, 18)),
                    ),
                ],
                range(1, 50),
            ),
            'currency' => 'EUR',
        ]),
    );
    $windows = array_map(static fn (int $k): array => ['low' => 1 + ($k % 3) / 10 .' %', 'high' => '3 %'], array_flip($elements));
    $caller->send('GET', "/api/attempts/{$attempt}/change-sheet");
    // Taken and dropped again and again, each under a new id: what is offered is planned anew every time.
    $sheet = array_map(
        static fn (array $line): array => [
            'part' => 'attempt',
            'id' => $attempt,
            'set' => ["sheet.{$line['remedy']}" => ['was' => ['new' => $line['new_raw']], 'to' => true]],
        ],
        array_slice($caller->json()['proposals'] ?? [], 0, 20),
    );

    return [
        ['POST', '/api/plan', json_encode(['values' => $values], \JSON_THROW_ON_ERROR), 'application/json'],
        ['POST', '/api/commands', Caller::command([] === $sheet ? [Caller::casting(fresh(), 'Flood')] : $sheet), 'application/json'],
        ['POST', '/api/mix', json_encode(['melt' => '5000 kg', 'windows' => $windows], \JSON_THROW_ON_ERROR), 'application/json'],
        [
            'POST',
            '/api/meshes?unit=mm',
            "solid x\n".
            str_repeat("facet normal 0 0 1\n outer loop\n  vertex 0 0 0\n  vertex 1 0 0\n  vertex 0 1 0\n endloop\nendfacet\n", 300_000),
            'application/octet-stream',
        ],
        ['GET', "/api/attempts/{$attempt}/diagnosis", null, ''],
        ['GET', "/api/attempts/{$attempt}/change-sheet", null, ''],
        ['GET', "/api/castings/{$casting}", null, ''],
    ];
}

/**
 * @param array{string, string, string|null, string} $attack
 *
 * @return array<string, array<int, int>> what it asked for → answers by status
 */
function enemy(string $url, string $email, array $attack, int $seconds): array
{
    $caller = new Caller($url);
    if (!$caller->signIn($email, 'wind over the sand bed')) {
        return ['sign-in' => [401 => 1]];
    }
    [$method, $path, $body, $type] = $attack;
    $statuses = [];
    $until = microtime(true) + $seconds;
    while (microtime(true) < $until) {
        // The same command again would cost nothing.
        $status = $caller->send(
            $method,
            $path,
            '/api/commands' === $path && null !== $body ? Caller::command(json_decode($body, true)['changes']) : $body,
            $type,
        );
        $statuses[$status] = ($statuses[$status] ?? 0) + 1;
    }

    return [$method.' '.preg_replace('/[0-9a-f-]{36}/', '*', $path) => $statuses];
}

$url = $argv[2] ?? 'http://127.0.0.1:8580';
if (1 !== preg_match('~^http://127\.0\.0\.1:\d+$~', $url)) {
    throw new InvalidArgumentException('only this machine');
}
exit(
    match ($argv[1] ?? '') {
        'requests' => requests($url, (int) ($argv[3] ?? 30_000)),
        'kills' => kills($url, (int) ($argv[3] ?? 20)),
        'disk' => disk($url, (string) ($argv[3] ?? '')),
        'hostile' => hostile($url, (int) ($argv[3] ?? 20)),
        default => throw new InvalidArgumentException('php tools/storm.php requests|kills|disk|hostile URL [COUNT]'),
    }
);
