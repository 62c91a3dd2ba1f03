<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;
use Symfony\Component\Process\Process;

/** The week before the pours: planned, slipped, planned again, and read by a calendar that is not ours. */
final class WeekTest extends ApiTestCase
{
    private const ZONE = '?zone=Europe/Vienna';

    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testAWeekOfTwoProcessesThreeMouldsAndTwoMetalsIsPlannedSlippedAndPlannedAgain(): void
    {
        $wanted = (int) strtotime('next sunday 11:00 UTC', time() + 3 * 86400);
        $rowlock = $this->plannedPour('Rowlock', 'green_sand', 'al_si7mg', $wanted);
        $fairlead = $this->plannedPour('Fairlead', 'lost_foam', 'al_si7mg', $wanted, ['foam.coats' => 2]);
        $ring = $this->plannedPour('Ring', 'plaster', 'silicon_bronze', $wanted + 3 * 3600, ['pattern.kind' => 'wax']);
        $this->hours(array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], '00:00-24:00'));
        $week = $this->week();

        self::assertTrue($week['reaches']);
        $moulds = array_column($week['moulds'], null, 'name');
        // One furnace and one pair of hands: the other melt comes between.
        self::assertEqualsWithDelta($wanted, $moulds['Rowlock']['pours_at'], 3 * 3600, 'near the hour it is wanted');
        self::assertSame([0.0, 0.0, 0.0], array_map(floatval(...), array_column($week['moulds'], 'late')));
        $tasks = array_column($week['tasks'], null, 'key');
        self::assertArrayHasKey("{$ring}/burnout", $tasks);
        self::assertLessThanOrEqual($tasks["{$fairlead}/pour"]['start'], $tasks["{$fairlead}/foam_coat"]['through']);
        self::assertSame('watched', $tasks["{$ring}/burnout"]['alone']);
        self::assertSame('furnace', self::endingWith($week, '/melt')[0]['machine']);
        // One furnace: the melts do not lie over one another.
        $melts = self::endingWith($week, '/melt');
        self::assertCount(3, $melts);
        for ($i = 1; $i < count($melts); ++$i) {
            self::assertGreaterThanOrEqual($melts[$i - 1]['runs_until'], $melts[$i]['start']);
        }

        // The foam was glued two days ago; the rest stands where it stood, what is done stays done.
        $glued = time() - 2 * 86400;
        $this->say($fairlead, ['step.foam_cut' => $glued]);
        $again = array_column($this->week()['tasks'], null, 'key');
        self::assertSame('done', $again["{$fairlead}/foam_cut"]['state']);
        self::assertEqualsWithDelta($glued, $again["{$fairlead}/foam_cut"]['hands_until'], 60);
        // To the second, so that taking it back is no clash.
        self::assertEquals(
            [['attempt_id' => $fairlead, 'field' => 'step.foam_cut', 'at' => $glued]],
            $again["{$fairlead}/foam_cut"]['done'],
        );
        // It slips: somebody wants it in an hour, and a coat takes a day to dry.
        $this->change([[
            'part' => 'attempt', 'id' => $fairlead, 'set' => ['wanted' => ['was' => $wanted, 'to' => time() + 3600]],
        ]]);
        $late = array_column($this->week()['moulds'], null, 'name');
        self::assertGreaterThan(24 * 60, $late['Fairlead']['late']);
        self::assertGreaterThan(time() + 86400, $late['Fairlead']['pours_at']);
    }

    public function testTonightSaysWhatWaitingForTomorrowCosts(): void
    {
        $this->plannedPour('Ring', 'plaster', 'silicon_bronze', null, ['pattern.kind' => 'wax']);
        $hour = (int) gmdate('G');
        $now = sprintf('%02d:00-24:00', $hour);
        $this->hours(array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], $now), 'UTC');
        $week = $this->call('GET', '/api/week?zone=UTC');
        self::assertIsArray($week['tonight']);
        self::assertSame('Make the wax and set it on its tree', $week['tonight'][0]['label'] ?? null);
        self::assertSame(['Ring, no. 1'], array_column((array) $week['tonight'][0]['otherwise'], 'name'));
        $moved = $week['tonight'][0]['otherwise'][0];
        self::assertGreaterThan($moved['from'], $moved['to']);
    }

    public function testAnyCalendarReadsTheWeekFromItsFileAndFromItsSecretAddress(): void
    {
        $this->plannedPour('Rowlock; "the big one", 5 €', 'green_sand', 'al_si7mg', time() + 5 * 86400);
        $this->hours(['sat' => '9-18', 'sun' => '9-18', 'wed' => '18:30-21:30']);
        $feed = $this->call('POST', '/api/week/feed');
        $path = (string) $feed['path'];
        self::assertTrue($this->week()['has_feed']);
        $tasks = $this->week()['tasks'];
        $file = $this->fetch('/api/week.ics');
        // The address wants nobody signed in.
        $this->forget();
        $fetched = $this->fetch($path);
        self::assertSame(
            preg_replace('/DTSTAMP.*/', '', $file),
            preg_replace('/DTSTAMP.*/', '', $fetched),
        );
        $events = self::readByAnotherProgram($fetched);
        $hands = array_filter($tasks, static fn (array $task): bool => $task['hands_until'] > $task['start']);
        $busy = array_filter($events, static fn (array $event): bool => 'OPAQUE' === $event['transp']);
        self::assertCount(count($hands), $busy);
        $pour = array_values(array_filter($events, static fn (array $event): bool => str_starts_with($event['summary'], 'Pour:')));
        self::assertSame('Pour: Rowlock; "the big one", 5 €, no. 1', $pour[0]['summary'] ?? null);
        $ours = array_values(array_filter($tasks, static fn (array $task): bool => 'pour' === $task['step']));
        self::assertSame(gmdate('Y-m-d\TH:i:s', (int) $ours[0]['start']), $pour[0]['start']);
        self::assertCount(count($events), array_unique(array_column($events, 'uid')));

        $this->signedIn();
        $this->call('POST', '/api/week/feed');
        $this->fetch($path, 404);
        $this->fetch('/api/feed/'.str_repeat('a', 32).'.ics', 404);
    }

    public function testNonsenseIsRefusedAtItsFieldAndNothingIsLost(): void
    {
        $attempt = $this->plannedPour('Cleat', 'green_sand', 'al_si7mg', null);
        $this->hours(['sat' => '9-12']);
        foreach ([
            ['step.dance', time(), '/changes/0/set/step.dance'],
            ['step.mould', time() + 90000, '/changes/0/set/step.mould'],
            ['wanted', 'soon', '/changes/0/set/wanted'],
            ['wanted', time() + 3 * 366 * 86400, '/changes/0/set/wanted'],
        ] as [$field, $to, $pointer]) {
            $answer = $this->change([['part' => 'attempt', 'id' => $attempt, 'set' => [$field => ['was' => null, 'to' => $to]]]], 422);
            self::assertContains($pointer, array_column((array) $answer['problems'], 'pointer'));
        }
        foreach ([
            'week.mon' => 'late', 'week.people' => 0, 'week.zone' => 'Atlantis/Poseidonis', 'week.moon' => 'full', 'week.air' => '900 C',
        ] as $field => $to) {
            $answer = $this->change([
                ['part' => 'workshop', 'id' => self::id(), 'set' => [$field => ['was' => null, 'to' => $to]]],
            ], 422);
            self::assertContains("/changes/0/set/{$field}", array_column((array) $answer['problems'], 'pointer'));
        }
        $this->change([
            ['part' => 'workshop', 'id' => self::id(), 'set' => ['week.sat' => ['was' => '9-12', 'to' => '9-12, 14-18']]],
        ]);
        self::assertSame(['sat' => '9-12, 14-18'], (array) $this->week()['hours']);
        self::assertSame([], $this->call('GET', '/api/workshop')['unreadable'], 'hours are no part of what plans are made with');
    }

    public function testColdAndDampAirMakesTheCoatDryLonger(): void
    {
        $fairlead = $this->plannedPour('Fairlead', 'lost_foam', 'al_si7mg', null, ['foam.coats' => 1]);
        $this->hours(array_fill_keys(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'], '9-18'));
        $dry = fn (): float => array_column($this->week()['tasks'], null, 'key')["{$fairlead}/foam_coat"]['through']
            - array_column($this->week()['tasks'], null, 'key')["{$fairlead}/foam_coat"]['runs_until'];
        $fair = $dry();
        $cold = Changes::set(['week.air' => '5 C', 'week.humidity' => '80 %']);
        $this->change([['part' => 'workshop', 'id' => self::id(), 'set' => $cold]]);
        self::assertGreaterThan(3 * $fair, $dry());
        self::assertStringContainsString('5', (string) $this->week()['air']);
    }

    private function fetch(string $path, int $expect = 200): string
    {
        $this->browser->request('GET', $path);
        $response = $this->browser->getResponse();
        $content = (string) $response->getContent();
        self::assertSame($expect, $response->getStatusCode(), "{$path}: ".mb_substr($content, 0, 300));
        if (200 === $expect) {
            self::assertStringStartsWith('text/calendar', (string) $response->headers->get('Content-Type'));
        }

        return $content;
    }

    public function testTheWeatherStationTellsTheAirAndWhatIsTypedGoesBeforeIt(): void
    {
        $this->plannedPour('Fairlead', 'lost_foam', 'al_si7mg', null, ['foam.coats' => 1]);
        $new = $this->call('POST', '/api/instruments', ['name' => 'Yard', 'kind' => 'weather'], 201);
        self::assertSame('', $this->week()['air'], 'it has not spoken yet');
        $this->browser->request('POST', '/api/readings', [], [], [
            'HTTP_AUTHORIZATION' => 'Bearer '.$new['token'], 'CONTENT_TYPE' => 'application/json',
        ], json_encode(['readings' => [
            ['at' => time() - 60, 'value' => 6, 'unit' => 'degC'], ['at' => time() - 60, 'value' => 85, 'unit' => 'percent'],
        ]], \JSON_THROW_ON_ERROR));
        self::assertSame(200, $this->browser->getResponse()->getStatusCode(), (string) $this->browser->getResponse()->getContent());
        $air = (string) $this->week()['air'];
        self::assertMatchesRegularExpression('/^6\W+°C, 85 % humidity, by your weather station$/u', $air);
        $coat = array_values(array_filter($this->week()['tasks'], static fn (array $task): bool => 'foam_coat' === $task['step']));
        self::assertStringContainsString('6 °C and 85 % humidity', (string) ($coat[0]['why'] ?? ''));

        $fair = Changes::set(['week.air' => '21 C', 'week.humidity' => '40 %']);
        $this->change([['part' => 'workshop', 'id' => self::id(), 'set' => $fair]]);
        self::assertMatchesRegularExpression('/^21\W+°C, 40 % humidity$/u', (string) $this->week()['air']);
    }

    /** @param array<string, string> $hours */
    private function hours(array $hours, string $zone = 'Europe/Vienna'): void
    {
        $set = Changes::set($hours + ['zone' => $zone, 'people' => 1], 'week.');
        $this->change([['part' => 'workshop', 'id' => self::id(), 'set' => $set]]);
    }

    /** @return array<string, mixed> */
    private function week(): array
    {
        return $this->call('GET', '/api/week'.self::ZONE);
    }

    /** @param array<string, mixed> $planned */
    private function plannedPour(string $name, string $process, string $alloy, ?int $wanted, array $planned = []): string
    {
        $id = self::id();
        $values = $planned + ['mould.process' => $process, 'metal.alloy' => $alloy, 'pattern.volume' => '200 mL', 'pattern.kind' => 'wood'];
        $this->change([[
            'part' => 'attempt',
            'id' => $id,
            'create' => ['casting' => $this->casting($name)],
            'set' => Changes::set(array_filter(['wanted' => $wanted])) + Changes::set($values, 'planned.'),
        ]]);

        return $id;
    }

    /**
     * @param array<mixed> $week
     *
     * @return list<array<string, mixed>>
     */
    private static function endingWith(array $week, string $end): array
    {
        return array_values(
            array_filter((array) $week['tasks'], static fn (array $task): bool => str_ends_with((string) $task['key'], $end)),
        );
    }

    /** @return list<array{uid: string, summary: string, start: string, transp: string}> as Python's icalendar reads it */
    private static function readByAnotherProgram(string $calendar): array
    {
        $process = new Process(['/usr/bin/python3', '-c', <<<'PY'
            import sys, json, icalendar
            calendar = icalendar.Calendar.from_ical(sys.stdin.buffer.read())
            print(json.dumps([{
                'uid': str(event['uid']), 'summary': str(event['summary']), 'transp': str(event['transp']),
                'start': event['dtstart'].dt.strftime('%Y-%m-%dT%H:%M:%S'),
            } for event in calendar.walk('vevent')]))
            PY]);
        $process->setInput($calendar)->mustRun();
        /** @var list<array{uid: string, summary: string, start: string, transp: string}> $events */
        $events = json_decode($process->getOutput(), true, 512, \JSON_THROW_ON_ERROR);

        return $events;
    }
}
