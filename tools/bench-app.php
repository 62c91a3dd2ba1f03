<?php

declare(strict_types=1);

// The application part of bin/bench: one notebook that grows, then many casters at once. Needs MOLTEN_DATABASE_URL, to fill notebooks
// faster than a hand could.

use Symfony\Component\Uid\Uuid;

require_once __DIR__.'/caller.php';

const DEMO = ['demo@molten.example', 'pour-and-learn'];
const CASTERS = 50;

function storage(): PDO
{
    $url = (string) getenv('MOLTEN_DATABASE_URL');
    parse_str((string) parse_url($url, \PHP_URL_QUERY), $options);
    $socket = $options['unix_socket'] ?? '';

    return new PDO(
        'mysql:unix_socket='.(is_string($socket) ? $socket : '').';dbname=molten;charset=utf8mb4',
        (string) parse_url($url, \PHP_URL_USER),
        (string) parse_url($url, \PHP_URL_PASS),
        [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
    );
}

/**
 * The demo's notebook up to so many attempts: copies of its own pours, on all of its castings, each with its values, its heat and every
 * third with a defect.
 */
function grow(PDO $storage, int $to): void
{
    $storage->exec('CREATE TEMPORARY TABLE pours SELECT ROW_NUMBER() OVER (ORDER BY a.id) - 1 AS n, a.id, a.casting_id, a.caster_id,
        a.process, a.alloy, a.pour_temperature_k, a.heat_id
        FROM attempt a JOIN caster c ON c.id = a.caster_id WHERE c.email = \'demo@molten.example\' AND a.number < 1000 AND a.process IS '
            .'NOT NULL');
    $kinds = (int) $storage->query('SELECT COUNT(*) FROM pours')->fetchColumn();
    $from = 1 + (int) $storage->query('SELECT COALESCE(MAX(number), 0) - 1000 FROM attempt WHERE number >= 1000')->fetchColumn();
    $from = max(1, $from);
    $storage->exec("CREATE TEMPORARY TABLE made_up SELECT seq, UNHEX(CONCAT(LPAD(HEX(1700000000000 + seq * 60000), 12, '0'), '7',
        LPAD(HEX(MOD(seq, 4096)), 3, '0'), '8', LPAD(HEX(seq), 15, '0'))) AS made_id, DATE_ADD('1990-01-01', INTERVAL MOD(seq,
            13000) DAY) AS d, p.*
        FROM seq_{$from}_to_{$to} JOIN pours p ON p.n = MOD(seq, {$kinds})");
    $storage->exec("INSERT INTO attempt (id, casting_id, caster_id, number, poured_on, happened_on, verdict, note, observations,
        process, alloy, pour_temperature_k, heat_id, created_at, updated_at, version)
        SELECT made_id, casting_id, caster_id, 1000 + seq, d, d, ELT(1 + MOD(seq, 3), 'good', 'usable', 'scrap'), NULL, '[]', process,
            alloy, pour_temperature_k, heat_id, d, d, 1 FROM made_up");
    $storage->exec(
        'INSERT INTO attempt_value (attempt_id, slot, si, si_upper, unit, words, number, flag) SELECT m.made_id, v.slot, v.si, '
            .'v.si_upper, v.unit, v.words, v.number, v.flag FROM made_up m JOIN attempt_value v ON v.attempt_id = m.id',
    );
    $storage->exec(
        "INSERT INTO finding (id, attempt_id, kind, places, looks) SELECT UNHEX(REPLACE(UUID(), '-', '')), made_id, 'misrun', '[]', "
            ."'[]' FROM made_up WHERE MOD(seq, 3) = 2",
    );
    $storage->exec('DROP TEMPORARY TABLE made_up, pours');
    $storage->query('ANALYZE TABLE attempt, attempt_value, finding')->fetchAll();
}

/** @return array<string, string> the things a caster does, named, with the address each costs */
function pages(Caller $caller): array
{
    $caller->send('GET', '/api/attempts?defect=blowhole');
    $attempt = $caller->json()['attempts'][0];
    $caller->send('GET', '/api/attempts');
    $older = $caller->json()['older'] ?? null;

    return [
        'session (the least any request costs)' => '/api/session',
        'bench' => '/api/bench',
        'castings' => '/api/castings',
        'casting with its attempts' => "/api/castings/{$attempt['casting_id']}",
        'ledger, first page' => '/api/attempts',
        ...null === $older ? [] : ['ledger, next page' => '/api/attempts?before='.rawurlencode((string) $older)],
        'ledger, filtered by verdict' => '/api/attempts?verdict=scrap',
        'ledger, filtered by defect' => '/api/attempts?defect=misrun',
        'suggestions while logging' => "/api/suggestions?casting={$attempt['casting_id']}",
        'attempt' => "/api/attempts/{$attempt['id']}",
        'why' => "/api/attempts/{$attempt['id']}/diagnosis",
        'change sheet' => "/api/attempts/{$attempt['id']}/change-sheet",
    ];
}

function target(string $name): string
{
    return match (true) {
        str_starts_with($name, 'session') => 'median under 4 ms',
        str_starts_with($name, 'attempt') => 'median under 20 ms',
        str_starts_with($name, 'ledger') => 'median under 60 ms',
        default => 'none set',
    };
}

function planOf(Caller $caller): string
{
    $caller->send('GET', '/api/attempts?q=rowlock&defect=misrun');
    $caller->send('GET', '/api/attempts/'.$caller->json()['attempts'][0]['id']);

    return json_encode(
        ['values' => array_map(static fn (array $value): mixed => $value['raw'], $caller->json()['planned'])],
        \JSON_THROW_ON_ERROR,
    );
}

function oneNotebook(Caller $caller, PDO $storage, string $plan): void
{
    $casting = Uuid::v7()->toRfc4122();
    $caller->must('POST', '/api/commands', Caller::command([Caller::casting($casting, 'Measured')]));
    foreach ([15, 10_000, 100_000] as $size) {
        if ($size > 15) {
            grow($storage, $size);
        }
        printf("\n    One caster with %s attempts\n", number_format($size, 0, '.', ' '));
        foreach (pages($caller) as $name => $path) {
            measure($name, 40, static fn () => $caller->must('GET', $path), target($name));
        }
        measure('plan recomputed while typing', 40, static fn () => $caller->must('POST', '/api/plan', $plan), 'median under 100 ms');
        // A write makes what was remembered of the notebook worthless: what follows it is the dearest request there is.
        $write = static fn () => $caller->must(
            'POST',
            '/api/commands',
            Caller::command([
                [
                    'part' => 'attempt',
                    'id' => Uuid::v7()->toRfc4122(),
                    'create' => ['casting' => $casting],
                    'set' => ['poured_on' => ['to' => '2026-05-03'], 'made.mould.process' => ['to' => 'green_sand']],
                ],
            ]),
        );
        measure('a pour written down', 20, $write, 'none set');
        measure(
            'a pour written down, and a plan right after it',
            20,
            static function () use ($write, $caller, $plan): void {
                $write();
                $caller->must('POST', '/api/plan', $plan);
            },
            'none set',
        );
    }
}

/** @return list<Caller> casters of their own, each with one casting and the demo's attempts, signed in */
function casters(string $url, PDO $storage, Caller $demo): array
{
    $demo->send('GET', '/api/attempts?q=rowlock');
    $lines = array_slice($demo->json()['attempts'], 0, 4);
    $records = array_map(static function (array $line) use ($demo): array {
        $demo->send('GET', "/api/attempts/{$line['id']}");
        $attempt = $demo->json();
        $set = ['poured_on' => ['to' => $attempt['poured_on']], 'verdict' => ['to' => $attempt['verdict']]];
        foreach (['planned', 'made'] as $stage) {
            foreach ($attempt[$stage] as $field => $value) {
                $set["{$stage}.{$field}"] = ['to' => $value['raw']];
            }
        }
        foreach ($attempt['observations'] as $code) {
            $set["observations.{$code}"] = ['to' => true];
        }

        return $set;
    }, $lines);
    $casters = [];
    for ($i = 0; $i < CASTERS; ++$i) {
        // Not by the form: opening accounts is paced, and that is not what is measured here.
        $storage
            ->prepare(
                'INSERT INTO caster (id, email, name, password_hash, units, theme, dismissed_cautions, joined_at, revision, '
                    ."idle_minutes, single_keys) SELECT ?, ?, 'A caster', password_hash, units, theme, dismissed_cautions, joined_at, "
                        ."'', idle_minutes, single_keys FROM caster WHERE email = ?",
            )
            ->execute([Uuid::v7()->toBinary(), "bench{$i}@molten.example", DEMO[0]]);
        $caller = new Caller($url);
        if (!$caller->signIn("bench{$i}@molten.example", DEMO[1])) {
            throw new RuntimeException("no sign-in: {$caller->body}");
        }
        $casting = Uuid::v7()->toRfc4122();
        $caller->must('POST', '/api/commands', Caller::command([Caller::casting($casting, 'Rowlock')]));
        foreach ($records as $record) {
            $attempt = Uuid::v7()->toRfc4122();
            $caller->must(
                'POST',
                '/api/commands',
                Caller::command([
                    ['part' => 'attempt', 'id' => $attempt, 'create' => ['casting' => $casting], 'set' => $record],
                    [
                        'part' => 'finding',
                        'id' => Uuid::v7()->toRfc4122(),
                        'create' => ['attempt' => $attempt],
                        'set' => ['kind' => ['to' => 'blowhole'], 'places' => ['to' => ['cope_face']]],
                    ],
                ]),
            );
        }
        $casters[] = $caller;
    }

    return $casters;
}

/**
 * Requests in flight together. $due tells the second at which the n-th starts, or null when whoever is free starts the next at once.
 *
 * @param list<Caller> $callers
 * @param list<array{name: string, method: string, path: string, body: string|null, caller: int}> $requests
 *
 * @return array{array<string, list<float>>, array<int, int>, float} milliseconds by name, answers by status, seconds in all
 */
function together(array $callers, array $requests, ?float $perSecond): array
{
    $multi = curl_multi_init();
    curl_multi_setopt($multi, \CURLMOPT_MAXCONNECTS, 200);
    $busy = $took = $statuses = [];
    $next = 0;
    $start = hrtime(true);
    while ($next < count($requests) || [] !== $busy) {
        $now = (hrtime(true) - $start) / 1e9;
        $waiting = [];
        while ($next < count($requests) && (null === $perSecond || $next / $perSecond <= $now)) {
            $request = $requests[$next];
            $caller = $callers[$request['caller']];
            if (isset($busy[spl_object_id($caller->curl)])) {
                break;
            }
            $caller->prepare($request['method'], $request['path'], $request['body']);
            curl_multi_add_handle($multi, $caller->curl);
            // Timed from when it was due, so that waiting for a free hand counts.
            $busy[spl_object_id($caller->curl)] = [$request['name'], null === $perSecond ? $now : $next / $perSecond];
            ++$next;
        }
        curl_multi_exec($multi, $running);
        while (false !== ($done = curl_multi_info_read($multi))) {
            [$name, $due] = $busy[spl_object_id($done['handle'])];
            $took[$name][] = 1000 * ((hrtime(true) - $start) / 1e9 - $due);
            $status = (int) curl_getinfo($done['handle'], \CURLINFO_RESPONSE_CODE);
            $statuses[$status] = ($statuses[$status] ?? 0) + 1;
            curl_multi_remove_handle($multi, $done['handle']);
            unset($busy[spl_object_id($done['handle'])]);
        }
        if ([] !== $busy) {
            curl_multi_select($multi, 0.001);
        } else {
            usleep(200);
        }
    }
    curl_multi_close($multi);

    return [$took, $statuses, (hrtime(true) - $start) / 1e9];
}

/** @param list<float> $took */
function spread(array $took): string
{
    sort($took);

    return sprintf(
        'median %.1f ms, 95th percentile %.1f ms, slowest of %d %.1f ms',
        $took[intdiv(count($took), 2)],
        $took[(int) (0.95 * (count($took) - 1))],
        count($took),
        $took[count($took) - 1],
    );
}

function manyCasters(string $url, PDO $storage, Caller $demo, string $plan): void
{
    $callers = casters($url, $storage, $demo);
    $pages = array_map(pages(...), $callers);
    foreach ([1, CASTERS] as $connections) {
        printf(
            "\n    %d %s, each asking again as soon as it is answered\n",
            $connections,
            1 === $connections ? 'connection' : 'connections',
        );
        foreach (['session (the least any request costs)', 'attempt', 'why'] as $name) {
            $requests = array_map(
                static fn (int $n): array => [
                    'name' => $name,
                    'method' => 'GET',
                    'path' => $pages[$n % $connections][$name],
                    'body' => null,
                    'caller' => $n % $connections,
                ],
                range(0, max(200, 10 * $connections) - 1),
            );
            [$took, $statuses, $seconds] = together($callers, $requests, null);
            report(
                $name,
                spread($took[$name]).sprintf(', %.0f a second, answers %s', count($requests) / $seconds, json_encode($statuses)),
                1 === $connections ? target($name) : 'none set',
            );
        }
    }
    // What an evening at fifty benches looks like: mostly reading, a plan typed here and there, now and then a pour written down.
    $script = [
        'session (the least any request costs)',
        'bench',
        'attempt',
        'why',
        'plan',
        'attempt',
        'plan',
        'ledger, first page',
        'casting with its attempts',
        'attempt',
        'plan',
        'why',
        'castings',
        'attempt',
        'plan',
        'change sheet',
        'bench',
        'attempt',
        'plan',
        'write',
    ];
    $requests = [];
    for ($n = 0; $n < 50 * 30; ++$n) {
        $caller = $n % CASTERS;
        $name = $script[($n + intdiv($n, CASTERS)) % count($script)];
        $requests[] = match ($name) {
            'plan' => ['name' => $name, 'method' => 'POST', 'path' => '/api/plan', 'body' => $plan, 'caller' => $caller],
            'write' => [
                'name' => $name,
                'method' => 'POST',
                'path' => '/api/commands',
                'body' => Caller::command([Caller::casting(Uuid::v7()->toRfc4122(), 'Written down')]),
                'caller' => $caller,
            ],
            default => ['name' => $name, 'method' => 'GET', 'path' => $pages[$caller][$name], 'body' => null, 'caller' => $caller],
        };
    }
    printf("\n    50 requests a second over %d casters for 30 s, as a script\n", CASTERS);
    [$took, $statuses] = together($callers, $requests, 50.0);
    report(
        'all of them',
        spread(array_merge(...array_values($took))).', answers '.json_encode($statuses),
        '95th percentile under 60 ms',
    );
    foreach ($took as $name => $times) {
        report("  {$name}", spread($times), 'none set');
    }
}

function app(string $url): void
{
    $storage = storage();
    $demo = new Caller($url);
    if (!$demo->signIn(...DEMO)) {
        throw new RuntimeException("the demo does not sign in: {$demo->body}");
    }
    $plan = planOf($demo);
    manyCasters($url, $storage, $demo, $plan);
    oneNotebook($demo, $storage, $plan);
}
