<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use Doctrine\Persistence\ManagerRegistry;
use Doctrine\Persistence\ObjectManager;
use MoltenNotes\App\Instruments\SimulateCommand;
use Symfony\Component\Console\Tester\CommandTester;

/** Probes and meters that send readings by themselves, and the melts that listen to them. */
final class InstrumentsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testAReadingCountsOnceHoweverOftenAndLateItComes(): void
    {
        [$token, $id] = $this->connect('thermocouple');
        $t = $this->now() - 600;
        self::assertSame([3, 0], $this->sent($token, "{$t},20.5,°C\n".($t + 2).",21,°C\n".($t + 4).",22\n"));
        // The same again with one more, and one that comes late between them.
        self::assertSame([2, 3], $this->sent($token, "{$t},20.5\n".($t + 2).",21\n".($t + 4).",22\n".($t + 6).",23\n".($t + 3).",21.4\n"));
        // Whatever a repeated one says, what was there first stays.
        self::assertSame([0, 1], $this->sent($token, "{$t},99\n"));
        $iso = gmdate('Y-m-d\TH:i:s', (int) $t + 6).'.000Z';
        self::assertSame([1, 1], $this->sent($token, json_encode([
            'readings' => [['time' => $iso, 'value' => 23, 'unit' => 'C'], ['time' => ($t + 8) * 1000, 'value' => '75.2', 'unit' => '°F']],
        ], \JSON_THROW_ON_ERROR), 'application/json'));

        $heat = $this->listening($id, $t - 1);
        $series = $this->curve($heat)['series'][0];
        $seconds = array_map(intval(...), $series['at']);
        self::assertSame([$t, $t + 2, $t + 3, $t + 4, $t + 6, $t + 8], $seconds, 'in the order they were read');
        self::assertSame([20.5, 21.0, 21.4, 22.0, 23.0, 24.0], array_map(floatval(...), $series['value']));
        self::assertFalse($series['simulated']);
        self::assertSame([23.0, 24.0], array_map(floatval(...), $this->curve($heat, '?after='.($t + 4.5))['series'][0]['value']));
    }

    public function testOneTornLineDoesNotLoseTheRestAndIsTold(): void
    {
        [$token] = $this->connect('thermocouple');
        $t = $this->now() - 60;
        $ahead = $this->now() + 4000;
        $torn = "nonsense\n{$ahead},700,°C\n".($t + 1).",9000,°C\n".($t + 2).",3,kg\n".($t + 3).",\n12,700\n";
        $answer = $this->ingest($token, "time,value,unit\n{$t},700,°C\n{$torn}", 200);
        self::assertSame(1, $answer['accepted']);
        self::assertSame(
            ['/3/time', '/4/time', '/5/value', '/6/value', '/7/value', '/8/time'],
            array_column($answer['refused'], 'pointer'),
        );
        self::assertStringContainsString('clock', $answer['refused'][1]['message']);
        self::assertStringContainsString('°C', $answer['refused'][3]['message']);
        $none = $this->ingest($token, "nothing here\nat all\n", 422);
        self::assertSame('readings.none', $none['code']);
        self::assertSame('readings.none', $this->ingest($token, "{$t},3,\xFF\xFE\n\x00\x81", 422)['code'], 'bytes that are no letters');
        $this->ingest($token, '{"readings": 3}', 400, 'application/json');
        $this->ingest($token, '{', 400, 'application/json');
        self::assertSame(0, $this->ingest($token, '', 200)['accepted'], 'an empty sending is no fault');
        $this->ingest($token, str_repeat("{$t},1\n", 10_001), 413);
    }

    public function testATokenOpensOneDoorOnlyIsToldOnceAndCanBeCutOff(): void
    {
        [$token, $id] = $this->connect('power');
        $list = json_encode($this->call('GET', '/api/instruments'), \JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString($token, $list);
        self::assertSame([1, 0], $this->sent($token, $this->now().',1500,W'));

        $this->call('DELETE', '/api/session');
        $this->ingest('mn_wrong', $this->now().',1', 401);
        $this->ingest('', $this->now().',1', 401);
        self::assertSame([1, 0], $this->sent($token, ($this->now() + 1).',2,kW'), 'it needs no session and no page');
        foreach (['/api/bench', '/api/instruments', '/api/workshop'] as $path) {
            $this->browser->request('GET', $path, [], [], ['HTTP_AUTHORIZATION' => "Bearer {$token}"]);
            self::assertSame(401, $this->browser->getResponse()->getStatusCode(), $path);
        }

        $this->call('POST', '/api/session', ['email' => 'first@molten.example', 'password' => self::PASSWORD]);
        self::assertTrue($this->call('POST', "/api/instruments/{$id}/revoke")['revoked']);
        $this->ingest($token, $this->now().',1', 401);
        self::assertNotSame([], $this->call('GET', '/api/instruments')['instruments'][0]['last']);
    }

    public function testAnInstrumentIsItsCastersOwn(): void
    {
        [, $id] = $this->connect('thermocouple');
        $this->call('DELETE', '/api/session');
        $this->signedIn('second@molten.example');
        self::assertSame([], $this->call('GET', '/api/instruments')['instruments']);
        $this->call('POST', "/api/instruments/{$id}/revoke", [], 404);
        $heat = self::id();
        $refused = $this->change([['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => [
            "listens.{$id}" => ['was' => null, 'to' => ['from' => '1795000000.0', 'to' => null]],
        ]]], 422);
        self::assertSame('instrument.unknown', $refused['problems'][0]['code']);
        $this->call('GET', "/api/heats/{$heat}/curve", null, 404);
        $this->call('POST', '/api/instruments', ['name' => ' ', 'kind' => 'file'], 422);
        $this->call('POST', '/api/instruments', ['name' => str_repeat('x', 81), 'kind' => 'kettle'], 422);
    }

    public function testASimulatedHeatIsLabelledAndReadLiveAndTheScrapCheckContradictsWhatIsWritten(): void
    {
        [$probe, $id] = $this->connect('thermocouple');
        [$meter, $meterId] = $this->connect('power');
        $options = ['--alloy' => 'al_si9cu3', '--mass' => '1.5 kg', '--power' => '3 kW', '--target' => '720 C', '--run' => 'whole'];
        foreach ([[$probe, 'thermocouple', '2'], [$meter, 'power', '10']] as [$token, $kind, $every]) {
            foreach (str_split(self::simulated($kind, $options + ['--every' => $every]), 400_000) as $lines) {
                $this->ingest($token, $lines, 200);
            }
        }
        // Instruments are written past the objects that one request holds, and another request has new ones.
        $this->manager()->clear();
        $since = array_column($this->call('GET', '/api/instruments')['instruments'], 'running_since', 'id');
        $heat = $this->listening($id, $since[$id], ['metal.alloy' => 'al_si7mg', 'metal.charge' => '1.5 kg']);
        $this->listen($heat, $meterId, $since[$meterId]);
        $curve = $this->curve($heat);

        self::assertSame([true, true], array_column($curve['series'], 'simulated'));
        $later = $this->curve($heat, '?after='.($this->now() + 60))['series'];
        self::assertSame([true, true], array_column($later, 'simulated'), 'with nothing new, too');
        self::assertSame('named', $curve['scrap']['verdict']);
        self::assertSame('al_si9cu3', $curve['scrap']['alloys'][0]['code']);
        self::assertStringContainsString('Al-Si7Mg', (string) $curve['scrap']['written']);
        $figures = array_column($curve['figures'], 'shown', 'code');
        foreach (['hottest', 'plateau', 'plateau_efficiency', 'energy_read', 'upper_arrest', 'lower_arrest'] as $code) {
            self::assertArrayHasKey($code, $figures);
        }
        $take = array_column($curve['take'], null, 'field');
        self::assertNull($take['melt.arrest_upper']['had']);

        // Written down, the diagnosis has it.
        $set = [];
        foreach (['melt.arrest_upper', 'melt.arrest_lower', 'melt.energy', 'melt.peak'] as $field) {
            $set[$field] = ['was' => $take[$field]['was'], 'to' => $take[$field]['raw']];
        }
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => $set]]);
        $again = array_column($this->curve($heat)['take'], null, 'field');
        self::assertSame($again['melt.arrest_upper']['shown'], $again['melt.arrest_upper']['had']);
        $pour = $this->pour($this->casting(), ['heat' => ['id' => $heat], 'made' => ['mould.process' => 'green_sand']]);
        $why = $this->call('GET', "/api/attempts/{$pour['id']}/diagnosis");
        $evidence = json_encode($why, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('A cooled cup began to freeze at', $evidence);
        self::assertStringContainsString('Al-Si7Mg (wheels, castings) is written.', $evidence);
    }

    public function testAFileIsReadWhateverItsSignsAreAndWrittenSoThatItReadsTheSame(): void
    {
        $heat = self::id();
        $this->change([['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => []]]);
        $t = $this->now() - 3600;
        $lines = "\u{FEFF}Time;Temperature (°F)\r\n";
        for ($i = 0; $i < 50; ++$i) {
            $lines .= gmdate('Y-m-d H:i:s', $t + 10 * $i).'Z;'.str_replace('.', ',', (string) (1300.5 + $i))."\r\n";
        }
        $taken = $this->send("/api/heats/{$heat}/curve?name=logger.csv", $lines, 200);
        self::assertSame([50, 0, []], [$taken['accepted'], $taken['known'], $taken['refused']]);
        $curve = $this->curve($heat);
        self::assertSame('logger.csv', $curve['series'][0]['name']);
        self::assertEqualsWithDelta((1300.5 - 32) / 1.8, $curve['series'][0]['value'][0], 0.001);

        $this->browser->request('GET', "/api/heats/{$heat}/curve.csv");
        $written = (string) $this->browser->getResponse()->getContent();
        self::assertStringStartsWith("time,value,unit,instrument,quantity\n", $written);
        $other = self::id();
        $this->change([['part' => 'heat', 'id' => $other, 'create' => [], 'set' => []]]);
        self::assertSame(50, $this->send("/api/heats/{$other}/curve?name=again", $written, 200)['accepted']);
        $copy = $this->curve($other)['series'][0];
        self::assertSame($curve['series'][0]['at'], $copy['at']);
        self::assertSame($curve['series'][0]['value'], $copy['value']);

        $this->send("/api/heats/{$heat}/curve", "a poem\nin two lines\n", 422);
        $this->send("/api/heats/{$heat}/curve", str_repeat('x', 4_000_001), 413);
        $this->send('/api/heats/'.self::id().'/curve', $lines, 404);
    }

    public function testListeningIsAChangeLikeAnyOther(): void
    {
        [$token, $id] = $this->connect('scale');
        $t = $this->now() - 50;
        $this->sent($token, "{$t},2.4,kg\n".($t + 10).",5 ,lb\n");
        $heat = $this->listening($id, $t - 1);
        $curve = $this->curve($heat);
        self::assertSame('metal.charge', $curve['take'][0]['field']);
        self::assertSame([], $curve['others']);
        $from = number_format($t - 1, 1, '.', '');
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => [
            "listens.{$id}" => [
                'was' => ['from' => $from, 'to' => null],
                'to' => ['from' => $from, 'to' => number_format($t + 5, 1, '.', '')],
            ],
        ]]]);
        self::assertCount(1, $this->curve($heat)['series'][0]['at'], 'what came after the end is not of this melt');
        $clash = $this->change([['part' => 'heat', 'id' => $heat, 'set' => [
            "listens.{$id}" => ['was' => ['from' => $from, 'to' => null], 'to' => null],
        ]]], 409);
        self::assertStringContainsString('from ', (string) json_encode($clash));
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => [
            "listens.{$id}" => ['was' => ['from' => $from, 'to' => number_format($t + 5, 1, '.', '')], 'to' => null],
        ]]]);
        self::assertSame([], $this->curve($heat)['series']);
        $nonsense = [['from' => 'soon'], ['from' => '12.0'], ['from' => $from, 'to' => $from], ['from' => $from, 'until' => 1], 'yes'];
        foreach ($nonsense as $wrong) {
            $this->change([['part' => 'heat', 'id' => $heat, 'set' => ["listens.{$id}" => ['was' => null, 'to' => $wrong]]]], 422);
        }
    }

    public function testTemperaturesTappedOnTheDayStandInTheCurveAndWeatherIsOfferedToThePour(): void
    {
        $attempt = self::id();
        $this->change([[
            'part' => 'attempt',
            'id' => $attempt,
            'create' => ['casting' => $this->casting()],
            'set' => [
                'planned.metal.alloy' => ['was' => null, 'to' => 'al_si7mg'],
                'planned.pour.temperature' => ['was' => null, 'to' => '720 C'],
            ],
        ]]);
        $t = $this->now() - 900;
        $taps = [['lit', 0, null], ['temperature', 600, '650 C'], ['temperature', 700, 'rather hot'], ['temperature', 800, '1300 F']];
        foreach ($taps as [$code, $after, $word]) {
            $tap = ['code' => $code, 'at' => number_format($t + $after, 1, '.', ''), 'word' => $word];
            $set = ['event.'.self::id() => ['was' => null, 'to' => $tap]];
            $this->change([['part' => 'attempt', 'id' => $attempt, 'set' => $set]], 'rather hot' === $word ? 422 : 200);
        }
        $heat = self::id();
        $this->change([
            ['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => ['metal.alloy' => ['was' => null, 'to' => 'al_si7mg']]],
            ['part' => 'attempt', 'id' => $attempt, 'set' => ['heat' => ['was' => null, 'to' => $heat]]],
        ]);
        [$token, $weather] = $this->connect('weather');
        $this->ingest($token, "{$t},11,°C\n{$t},70,%\n", 200);
        $this->listen($heat, $weather, $t - 1);
        $curve = $this->curve($heat);
        $typed = array_values(array_filter($curve['series'], static fn (array $one): bool => 'typed' === $one['instrument']))[0];
        self::assertSame([650.0, 704.444], array_map(floatval(...), $typed['value']));
        self::assertSame('lit', $curve['events'][0]['code']);
        $levels = array_column($curve['levels'], null, 'code');
        self::assertEqualsWithDelta(710.0, $levels['target']['from'], 0.01);
        $air = array_values(array_filter($curve['take'], static fn (array $one): bool => 'attempt' === $one['part']))[0];
        self::assertSame('made.pour.ambient', $air['field']);
        $this->change([['part' => 'attempt', 'id' => $attempt, 'set' => [$air['field'] => ['was' => $air['was'], 'to' => $air['raw']]]]]);
        self::assertSame('704 °C', str_replace("\u{00A0}", ' ', array_column($curve['figures'], 'shown', 'code')['hottest']));
    }

    public function testAFurnaceLearnsWithEachCrucible(): void
    {
        $casting = $this->casting();
        $heats = [
            ['Drum', 'A6', '2 kWh', '30 min'], ['drum ', 'A6', '2.4 kWh', '34 min'], ['Drum', 'A2', '1 kWh', '15 min'],
            ['Resistance', 'A6', '0.9 kWh', '50 min'],
        ];
        foreach ($heats as [$furnace, $crucible, $energy, $time]) {
            $this->pour($casting, ['heat' => ['values' => [
                'metal.alloy' => 'al_si7mg', 'metal.charge' => '1.5 kg', 'melt.furnace' => $furnace, 'crucible.name' => $crucible,
                'melt.energy' => $energy, 'melt.time' => $time,
            ]]]);
        }
        $learnt = array_map(
            static fn (array $row): string => "{$row['furnace']} {$row['crucible']} {$row['heats']}",
            $this->call('GET', '/api/workshop')['learnt'],
        );
        self::assertEqualsCanonicalizing(['drum a6 2', 'drum a2 1', 'resistance a6 1'], $learnt);
        $plan = function (string $furnace, ?string $crucible): string {
            $values = [
                'metal.alloy' => 'al_si7mg', 'melt.furnace' => $furnace, 'crucible.name' => $crucible, 'melt.energy_source' => 'propane',
                'pour.temperature' => '720 C', 'pattern.volume' => '300 mL', 'pattern.volume_by' => 'displacement',
            ];
            $answer = $this->call('POST', '/api/plan', ['values' => array_filter($values, is_string(...))]);

            return (string) json_encode($answer, \JSON_UNESCAPED_UNICODE);
        };
        self::assertStringContainsString('2 heats of this furnace with this crucible', $plan('Drum', 'A6'));
        self::assertStringContainsString('3 heats of this furnace.', $plan('Drum', 'new one'));
        self::assertStringContainsString('4 heats of your own', $plan('Cupola', null));
    }

    /** @param array<string, string> $options */
    private static function simulated(string $kind, array $options): string
    {
        $command = self::getContainer()->get(SimulateCommand::class);
        self::assertInstanceOf(SimulateCommand::class, $command);
        $tester = new CommandTester($command);
        self::assertSame(0, $tester->execute(['instrument' => $kind, '--print' => true, '--speed' => '0'] + $options));
        $lines = $tester->getDisplay();
        self::assertStringStartsWith('# simulated', $lines);

        return $lines;
    }

    private function manager(): ObjectManager
    {
        $registry = self::getContainer()->get(ManagerRegistry::class);
        self::assertInstanceOf(ManagerRegistry::class, $registry);

        return $registry->getManager();
    }

    private function now(): int
    {
        return time();
    }

    /** @return array{string, string} token and id */
    private function connect(string $kind): array
    {
        $new = $this->call('POST', '/api/instruments', ['name' => "The {$kind}", 'kind' => $kind], 201);

        return [(string) $new['token'], (string) $new['instrument']['id']];
    }

    /**
     * @param array<string, string> $values
     *
     * @return string the heat
     */
    private function listening(string $instrument, float $from, array $values = []): string
    {
        $heat = self::id();
        $this->change([['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => array_map(
            static fn (string $to): array => ['was' => null, 'to' => $to],
            $values,
        )]]);
        $this->listen($heat, $instrument, $from);

        return $heat;
    }

    private function listen(string $heat, string $instrument, float $from): void
    {
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => [
            "listens.{$instrument}" => ['was' => null, 'to' => ['from' => number_format($from, 1, '.', ''), 'to' => null]],
        ]]]);
    }

    /** @return array<string, mixed> */
    private function curve(string $heat, string $query = ''): array
    {
        return $this->call('GET', "/api/heats/{$heat}/curve{$query}");
    }

    /** @return array{int, int} new, and known already */
    private function sent(string $token, string $body, string $type = 'text/csv'): array
    {
        $answer = $this->ingest($token, $body, 200, $type);

        return [(int) $answer['accepted'], (int) $answer['known']];
    }

    /** @return array<string, mixed> */
    private function ingest(string $token, string $body, int $expect, string $type = 'text/csv'): array
    {
        $headers = ['HTTP_AUTHORIZATION' => "Bearer {$token}", 'CONTENT_TYPE' => $type];
        $this->browser->request('POST', '/api/readings', [], [], $headers, $body);
        $response = $this->browser->getResponse();
        self::assertSame($expect, $response->getStatusCode(), mb_substr((string) $response->getContent(), 0, 400));
        /** @var array<string, mixed> $data */
        $data = json_decode((string) $response->getContent(), true, 64, \JSON_THROW_ON_ERROR);

        return $data;
    }
}
