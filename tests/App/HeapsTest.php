<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** Sand heaps: their book, what a mould takes from them, what a pour takes from them, and what mends them. */
final class HeapsTest extends ApiTestCase
{
    private const DAY = 86400;

    private string $heap;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
        $this->heap = $this->heapOf(['name' => 'Yard heap', 'kind' => 'bentonite', 'mass' => '40 kg', 'clay' => '8 %', 'step' => '0.1 g']);
    }

    public function testATestIsWeighedAndTheHeapSaysWhatItNeeds(): void
    {
        $this->entry('sand_test', ['wet' => '200 g', 'dried' => '196 g', 'squeeze' => 'dry'], time() - 60);
        $heap = $this->call('GET', "/api/heaps/{$this->heap}");
        $line = $heap['line'];

        self::assertIsArray($line);
        self::assertSame(['Yard heap', 'bad'], [$line['name'], $line['standing']]);
        self::assertStringContainsString('Too dry', (string) $line['sentence']);
        $moisture = $this->measure($heap, 'moisture');
        self::assertSame(['tested', false], [$moisture['origin'], $moisture['old']]);
        self::assertStringStartsWith('2 ', (string) $moisture['shown']);
        $lines = self::mendingOf($heap);
        self::assertSame(['water'], array_keys($lines));
        // 38.6 kg dry, from 2 to 3.5 %: 38.6 (3.5/96.5 − 2/98).
        self::assertEqualsWithDelta(38.6 * (0.035 / 0.965 - 0.02 / 0.98), $lines['water'], 0.005);
        $wetter = $this->call('POST', "/api/heaps/{$this->heap}/mending", ['moisture' => '4.5 %']);
        self::assertGreaterThan($lines['water'], self::mendingOf(['mending' => $wetter])['water']);
    }

    public function testAMouldTakesTheStateOfItsHeapThatDay(): void
    {
        $day = time() - 20 * self::DAY;
        $this->entry('sand_test', ['moisture' => '6.2 %', 'squeeze' => 'wet'], $day - 3600);
        $this->entry('sand_test', ['moisture' => '3.4 %', 'squeeze' => 'good'], time() - 60);
        $poured = $this->pourOf(['poured_on' => gmdate('Y-m-d', $day)]);
        $planned = $this->pourOf([]);

        $then = $this->call('GET', "/api/attempts/{$poured}")['sand'];
        $now = $this->call('GET', "/api/attempts/{$planned}")['sand'];
        self::assertIsArray($then);
        self::assertIsArray($now);
        self::assertStringContainsString('5.9–6.5', self::shown($then, 'sand.moisture'));
        self::assertStringContainsString('3.1–3.7', self::shown($now, 'sand.moisture'));
        self::assertSame('Sticky', self::shown($then, 'sand.condition'));
        // The diagnosis weighs the sand of that day.
        $why = json_encode($this->call('GET', "/api/attempts/{$poured}/diagnosis"), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('sand_wet', $why);
        self::assertStringContainsString('Squeeze test: sticky', $why);
        // The document that leaves the notebook holds it as well.
        $document = $this->call('GET', "/api/attempts/{$poured}/document");
        self::assertIsArray($document['sand']);
        self::assertArrayHasKey('sand.moisture', $document['sand']);
    }

    public function testPoursTireTheHeapAndAMouldMadeByHandWinsOverIt(): void
    {
        $before = $this->call('GET', "/api/heaps/{$this->heap}");
        foreach ([30, 25, 20, 15] as $days) {
            $this->pourOf(
                ['poured_on' => gmdate('Y-m-d', time() - $days * self::DAY), 'made.sand.moisture' => '3.1 %'],
                ['metal.alloy' => 'tin_bronze', 'pattern.volume' => '500 mL', 'pour.temperature' => '1150 C'],
            );
        }
        $after = $this->call('GET', "/api/heaps/{$this->heap}");

        self::assertSame([0, 4], [self::line($before)['pours'], self::line($after)['pours']]);
        self::assertGreaterThan(self::line($before)['burnt'], self::line($after)['burnt']);
        self::assertCount(4, (array) $after['pours']);
        self::assertNotNull($after['pours_left']);
        $clay = static fn (array $heap): float => (float) substr((string) self::named($heap, 'measures', 'clay')['shown'], 6);
        self::assertLessThan($clay($before), $clay($after));
        $this->entry('sand_addition', ['clay' => '1 kg'], time() - 60);
        self::assertGreaterThan($clay($after), $clay($this->call('GET', "/api/heaps/{$this->heap}")));
        $attempt = $this->call('GET', '/api/attempts/'.self::firstPour($after));
        self::assertIsArray($attempt['made']);
        self::assertArrayHasKey('sand.moisture', $attempt['made']);
    }

    public function testTheNextAttemptIsMadeOfTheSameHeapAndPlansNothingOfItsOldState(): void
    {
        $day = time() - 20 * self::DAY;
        $this->entry('sand_test', ['moisture' => '6.2 %', 'squeeze' => 'wet'], $day - 3600);
        $poured = $this->pourOf(['poured_on' => gmdate('Y-m-d', $day), 'verdict' => 'scrap'], ['sand.clay' => '9 %']);
        $next = self::id();
        $this->change([['part' => 'attempt', 'id' => $next, 'create' => ['after' => $poured], 'set' => []]]);
        $attempt = $this->call('GET', "/api/attempts/{$next}");

        self::assertIsArray($attempt['sand']);
        self::assertSame($this->heap, $attempt['sand']['id']);
        self::assertIsArray($attempt['planned']);
        self::assertArrayNotHasKey('sand.moisture', $attempt['planned']);
        self::assertArrayNotHasKey('sand.condition', $attempt['planned']);
        self::assertSame(9.0, (float) $attempt['planned']['sand.clay']['raw']['value']);
    }

    public function testTheDayShowsTheSandAndTakesWhatIsThrownAwayOffItsHeap(): void
    {
        $this->entry('sand_test', ['squeeze' => 'wet'], time() - 600);
        $attempt = $this->pourOf([]);
        $sand = $this->call('GET', "/api/attempts/{$attempt}/day")['sand'];
        self::assertIsArray($sand);
        self::assertSame(['Yard heap', 'bad'], [$sand['name'], $sand['standing']]);

        $before = self::line($this->call('GET', "/api/heaps/{$this->heap}"))['mass'];
        $this->entry('sand_addition', ['burnt_out' => '3 kg'], time() - 60);
        $heap = $this->call('GET', "/api/heaps/{$this->heap}");
        self::assertMatchesRegularExpression('/^40\W+kg$/', (string) $before);
        self::assertMatchesRegularExpression('/^36.9\W+kg$/', (string) self::line($heap)['mass']);
        // The history tells it in words, the bin takes the heap with its book and gives both back.
        $history = json_encode($this->call('GET', '/api/workshop/history'), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('Burnt out', $history);
        $this->change([['part' => 'workshop_row', 'id' => $this->heap, 'set' => ['binned' => ['was' => false, 'to' => true]]]]);
        self::assertNull($this->call('GET', "/api/attempts/{$attempt}")['sand']);
        $this->call('GET', "/api/heaps/{$this->heap}", null, 404);
        $this->change([['part' => 'workshop_row', 'id' => $this->heap, 'set' => ['binned' => ['was' => true, 'to' => false]]]]);
        self::assertCount(2, (array) $this->call('GET', "/api/heaps/{$this->heap}")['entries']);
    }

    public function testAPhoneWhoseClockIsAheadAndAPourOfTodayCountAtOnce(): void
    {
        $this->entry('sand_test', ['moisture' => '3.5 %'], time() + 600);
        $this->pourOf(['poured_on' => gmdate('Y-m-d')]);
        $heap = $this->call('GET', "/api/heaps/{$this->heap}");

        self::assertSame('tested', $this->measure($heap, 'moisture')['origin']);
        self::assertSame(1, self::line($heap)['pours']);
    }

    public function testWhatCannotBeIsRefusedAtItsFieldAndNothingIsKept(): void
    {
        $this->refused('sand_test', ['wet' => '190 g', 'dried' => '200 g'], '/changes/0/set/dried');
        $this->refused('sand_test', ['dried' => '200 g'], '/changes/0/set/wet');
        $this->refused('sand_test', ['moisture' => '60 %'], '/changes/0/set/moisture');
        $this->refused('sand_test', ['sieves' => ['71' => '3 g']], '/changes/0/set/sieves/71');
        $this->refused('sand_test', ['note' => 'looks fine'], '/changes/0/set/at');
        $this->refused('sand_addition', ['water' => '3 m'], '/changes/0/set/water');
        $this->refused('sand_addition', ['beer' => '3 kg'], '/changes/0/set/beer');
        $this->refused('coffee', ['water' => '3 kg'], '/changes/0/create/of');
        self::assertSame([], $this->call('GET', "/api/heaps/{$this->heap}")['entries']);
        $kindless = $this->change([
            ['part' => 'workshop_row', 'id' => self::id(), 'create' => ['kind' => 'heaps'], 'set' => Changes::set(['name' => 'Heap'])],
        ], 422);
        self::assertSame(['/changes/0/set/kind'], array_column((array) $kindless['problems'], 'pointer'));
        $this->call('POST', "/api/heaps/{$this->heap}/mending", ['moisture' => 'wet'], 422);
    }

    public function testAnEntryIsPutRightTakenBackAndFoundAgain(): void
    {
        $id = $this->entry('sand_test', ['moisture' => '5 %'], time() - 3600);
        $this->change([['part' => 'movement', 'id' => $id, 'set' => ['moisture' => ['was' => '5 %', 'to' => '3.5 %']]]]);
        $right = $this->measure($this->call('GET', "/api/heaps/{$this->heap}"), 'moisture');
        self::assertStringContainsString('3.5', (string) $right['shown']);
        $this->change([['part' => 'movement', 'id' => $id, 'set' => ['binned' => ['was' => false, 'to' => true]]]]);
        self::assertNull($this->measure($this->call('GET', "/api/heaps/{$this->heap}"), 'moisture')['shown']);
        $bin = $this->call('GET', '/api/bin')['things'];
        self::assertSame([['movement', 'Test, Yard heap']], array_map(
            static fn (array $thing): array => [$thing['part'], $thing['words']],
            array_filter((array) $bin, is_array(...)),
        ));
    }

    public function testHeapsOfOthersAreNotFound(): void
    {
        $entry = $this->entry('sand_test', ['moisture' => '3.5 %'], time() - 3600);
        $this->call('DELETE', '/api/session');
        $this->signedIn('second@molten.example');

        self::assertSame([], $this->call('GET', '/api/heaps')['heaps']);
        $this->call('GET', "/api/heaps/{$this->heap}", null, 404);
        $this->call('POST', "/api/heaps/{$this->heap}/mending", [], 404);
        $this->change([['part' => 'movement', 'id' => $entry, 'set' => Changes::set(['moisture' => '9 %'])]], 404);
        $this->change([
            [
                'part' => 'movement',
                'id' => self::id(),
                'create' => ['of' => $this->heap, 'kind' => 'sand_test'],
                'set' => Changes::set(['moisture' => '9 %']),
            ],
        ], 422);
    }

    public function testAHeapWithASieveTestShowsHowItIsSpread(): void
    {
        $stayed = ['50' => '12 g', '70' => '26 g', '100' => '30 g', '140' => '17 g', 'pan' => '4 g'];
        $this->entry('sand_test', ['sieves' => $stayed], time() - 60);
        $sieve = $this->call('GET', "/api/heaps/{$this->heap}")['sieve'];

        self::assertIsArray($sieve);
        self::assertCount(12, (array) $sieve['sieves']);
        self::assertStringContainsString('spread over', (string) $sieve['words']);
    }

    /** What stands there already is no change: another device that says the same of every sieve does not clash. */
    public function testTheSameSievesFromAnotherDeviceAreNoClash(): void
    {
        $id = $this->entry('sand_test', ['sieves' => ['70' => '12 g', '100' => '20 g']], time() - 60);
        $version = $this->change([['part' => 'movement', 'id' => $id, 'set' => Changes::set(['note' => 'again'])]]);
        $sieves = ['sieves' => ['100' => '20 g', '70' => '12 g']];
        $same = $this->change([['part' => 'movement', 'id' => $id, 'set' => Changes::set($sieves)]]);

        self::assertSame(array_column((array) $version['parts'], 'version'), array_column((array) $same['parts'], 'version'));
    }

    /** @param array<string, mixed> $columns */
    private function heapOf(array $columns): string
    {
        $id = self::id();
        $this->change([['part' => 'workshop_row', 'id' => $id, 'create' => ['kind' => 'heaps'], 'set' => Changes::set($columns)]]);

        return $id;
    }

    /** @param array<string, mixed> $columns */
    private function entry(string $kind, array $columns, int $at): string
    {
        $id = self::id();
        $this->change([
            [
                'part' => 'movement',
                'id' => $id,
                'create' => ['of' => $this->heap, 'kind' => $kind],
                'set' => Changes::set($columns + ['at' => $at]),
            ],
        ]);

        return $id;
    }

    /** @param array<string, mixed> $columns */
    private function refused(string $kind, array $columns, string $pointer): void
    {
        $answer = $this->change([
            ['part' => 'movement', 'id' => self::id(), 'create' => ['of' => $this->heap, 'kind' => $kind], 'set' => Changes::set($columns)],
        ], 422);
        self::assertContains($pointer, array_column((array) $answer['problems'], 'pointer'));
    }

    /**
     * @param array<string, mixed> $fields
     * @param array<string, mixed> $planned
     */
    private function pourOf(array $fields, array $planned = []): string
    {
        $id = self::id();
        $this->change([
            [
                'part' => 'attempt',
                'id' => $id,
                'create' => ['casting' => $this->casting()],
                'set' => Changes::set($fields + ['heap' => $this->heap])
                    + Changes::set($planned + ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg'], 'planned.'),
            ],
        ]);

        return $id;
    }

    /**
     * @param array<string, mixed> $heap
     *
     * @return array<string, mixed>
     */
    private function measure(array $heap, string $code): array
    {
        return self::named($heap, 'measures', $code);
    }

    /**
     * @param array<mixed> $heap
     *
     * @return array<string, mixed>
     */
    private static function named(array $heap, string $list, string $code): array
    {
        foreach ((array) $heap[$list] as $one) {
            if (is_array($one) && $code === $one['code']) {
                /* @var array<string, mixed> $one */
                return $one;
            }
        }
        self::fail("There is no {$code}.");
    }

    /**
     * @param array<mixed> $heap
     *
     * @return array<string, mixed>
     */
    private static function line(array $heap): array
    {
        self::assertIsArray($heap['line']);

        /* @var array<string, mixed> $heap['line'] */
        return $heap['line'];
    }

    /**
     * @param array<mixed> $heap
     *
     * @return array<string, float> what is added → kg
     */
    private static function mendingOf(array $heap): array
    {
        $mending = $heap['mending'] ?? null;
        self::assertIsArray($mending);
        $lines = [];
        foreach ((array) $mending['lines'] as $line) {
            self::assertIsArray($line);
            self::assertIsArray($line['figure']);
            self::assertIsArray($line['figure']['value']);
            $lines[(string) $line['code']] = (float) $line['figure']['value']['value'];
        }

        return $lines;
    }

    /** @param array<mixed> $sand */
    private static function shown(array $sand, string $field): string
    {
        self::assertIsArray($sand['values']);
        self::assertIsArray($sand['values'][$field] ?? null, $field);

        return (string) $sand['values'][$field]['shown'];
    }

    /** @param array<mixed> $heap */
    private static function firstPour(array $heap): string
    {
        self::assertIsArray($heap['pours']);
        self::assertIsArray($heap['pours'][0]);

        return (string) $heap['pours'][0]['attempt_id'];
    }
}
