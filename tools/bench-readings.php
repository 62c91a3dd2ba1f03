<?php

declare(strict_types=1);

// The readings part of bin/bench: php tools/bench-readings.php URL. Twenty instruments send ten readings a second each, one by one, while a
// curve of fifty thousand points is looked at; then that curve is asked for alone.

use Symfony\Component\Uid\Uuid;

require_once dirname(__DIR__).'/vendor/autoload.php';
require_once __DIR__.'/caller.php';

const INSTRUMENTS = 20;
const A_SECOND = 10;
const SECONDS = 20;
const POINTS = 50_000;

$url = $argv[1] ?? throw new RuntimeException('which server?');
$caller = new Caller($url);
$caller->open('readings.'.bin2hex(random_bytes(4)).'@molten.example');
$tokens = $ids = [];
for ($i = 0; $i < INSTRUMENTS; ++$i) {
    $caller->must('POST', '/api/instruments', json_encode(['name' => "Probe {$i}", 'kind' => 'thermocouple'], \JSON_THROW_ON_ERROR));
    /** @var array{token: string, instrument: array{id: string}} $new */
    $new = $caller->json();
    $tokens[] = $new['token'];
    $ids[] = $new['instrument']['id'];
}

function reading(string $url, string $token, string $body): CurlHandle
{
    $curl = curl_init($url.'/api/readings') ?: throw new RuntimeException('no curl');
    curl_setopt_array($curl, [
        \CURLOPT_RETURNTRANSFER => true,
        \CURLOPT_POSTFIELDS => $body,
        \CURLOPT_HTTPHEADER => ["Authorization: Bearer {$token}", 'Content-Type: text/csv', 'Expect:'],
    ]);

    return $curl;
}

/** @param list<float> $took seconds */
function tell(string $what, array $took): void
{
    sort($took);
    $at = static fn (float $share): float => 1000 * ($took[(int) floor($share * (count($took) - 1))] ?? 0.0);
    printf("  %-58s p50 %6.1f ms   p95 %6.1f ms   most %6.1f ms   (%d)\n", $what, $at(0.5), $at(0.95), $at(1.0), count($took));
}

/** @param int $atOnce readings in one sending */
function send(string $url, array $tokens, int $atOnce): void
{
    $multi = curl_multi_init();
    $took = [];
    $refused = [];
    $pause = $atOnce / A_SECOND;
    $next = array_map(static fn (int $i): float => microtime(true) + $i * $pause / INSTRUMENTS, range(0, INSTRUMENTS - 1));
    $end = microtime(true) + SECONDS;
    $running = $of = [];
    $idle = array_fill(0, INSTRUMENTS, []);
    while (microtime(true) < $end || [] !== $running) {
        $now = microtime(true);
        foreach ($next as $i => $due) {
            if ($now >= $due && $now < $end) {
                $line = static fn (int $n): string => sprintf('%.3f,%.1f,°C', $now - $n / A_SECOND, 700 + $i);
                $lines = implode("\n", array_map($line, range(0, $atOnce - 1)));
                // An instrument keeps its connection; only one that still waits for an answer opens another.
                $curl = array_pop($idle[$i]) ?? reading($url, $tokens[$i], $lines);
                curl_setopt($curl, \CURLOPT_POSTFIELDS, $lines);
                $of[spl_object_id($curl)] = $i;
                curl_multi_add_handle($multi, $curl);
                $running[spl_object_id($curl)] = $curl;
                $next[$i] = $due + $pause;
            }
        }
        curl_multi_exec($multi, $active);
        while (false !== ($info = curl_multi_info_read($multi))) {
            $curl = $info['handle'];
            $took[] = (float) curl_getinfo($curl, \CURLINFO_TOTAL_TIME);
            $status = (int) curl_getinfo($curl, \CURLINFO_RESPONSE_CODE);
            $refused[$status] = ($refused[$status] ?? 0) + 1;
            curl_multi_remove_handle($multi, $curl);
            unset($running[spl_object_id($curl)]);
            $idle[$of[spl_object_id($curl)]][] = $curl;
        }
        curl_multi_select($multi, 0.004);
    }
    $how = 1 === $atOnce ? 'one by one' : "{$atOnce} at a time";
    tell(INSTRUMENTS.' instruments, '.A_SECOND." readings a second each, {$how}", $took);
    unset($refused[200]);
    foreach ($refused as $status => $count) {
        echo "  {$count} of them were answered {$status}\n";
    }
}

// A long heat to look at.
$begin = time() - POINTS;
foreach (array_chunk(range(0, POINTS - 1), 9000) as $some) {
    $lines = implode("\n", array_map(static fn (int $s): string => ($begin + $s).','.round(20 + 700 * (1 - exp(-$s / 9000)), 2), $some));
    curl_exec(reading($url, $tokens[0], $lines));
}
$heat = Uuid::v7()->toRfc4122();
$listen = ["listens.{$ids[0]}" => ['to' => ['from' => number_format($begin - 1, 1, '.', ''), 'to' => null]]];
if (200 !== $caller->change(['part' => 'heat', 'id' => $heat, 'create' => (object) [], 'set' => $listen])) {
    throw new RuntimeException($caller->body);
}

send($url, $tokens, A_SECOND);
send($url, $tokens, 1);
$looks = ['' => 'a curve of 50 000 points, with all it says', '?after='.(time() - 5) => 'what came of it in the last seconds'];
foreach ($looks as $query => $what) {
    $took = [];
    for ($i = 0; $i < 5; ++$i) {
        $caller->must('GET', "/api/heats/{$heat}/curve{$query}");
        $took[] = $caller->seconds;
    }
    tell($what.' ('.round(strlen($caller->body) / 1000).' kB)', $took);
}
