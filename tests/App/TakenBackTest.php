<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** Every kind of record tells what it was and what it became, and can be put back to what it was. */
final class TakenBackTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testACasting(): void
    {
        $casting = $this->casting();
        $read = fn (): array => array_intersect_key(
            $this->call('GET', "/api/castings/{$casting}"),
            ['name' => 0, 'purpose' => 0, 'wanted' => 0, 'note' => 0],
        );
        $this->goesBack("/api/castings/{$casting}/history", $read, [
            [
                'part' => 'casting',
                'id' => $casting,
                'set' => [
                    'name' => ['was' => 'Cleat', 'to' => 'Mooring cleat'],
                    'purpose' => ['was' => 'works', 'to' => 'shows'],
                    'wanted' => ['was' => 2, 'to' => 8],
                    'note' => ['was' => null, 'to' => 'pattern split along the horns'],
                ],
            ],
        ]);
    }

    public function testAHeatThatTwoMouldsWerePouredFrom(): void
    {
        $casting = $this->casting();
        $first = $this->pour($casting);
        $heat = $first['heat']['id'];
        $second = self::id();
        $this->log($second, ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'heat' => ['id' => $heat]]);
        $read = fn (): array => array_map(
            fn (string $attempt): array => [
                $this->call('GET', "/api/attempts/{$attempt}")['alloy'],
                $this->call('GET', "/api/attempts/{$attempt}")['heat']['values'],
            ],
            [(string) $first['id'], $second],
        );
        $changes = [
            [
                'part' => 'heat',
                'id' => $heat,
                'set' => [
                    'metal.alloy' => ['was' => 'al_si7mg', 'to' => 'al_si12'],
                    'melt.skimmed' => ['was' => null, 'to' => true],
                    'melted_on' => ['was' => null, 'to' => '2026-05-03'],
                    'name' => ['was' => null, 'to' => 'The long evening'],
                ],
            ],
        ];
        $this->goesBack("/api/attempts/{$second}/history", $read, $changes);

        $this->change([['part' => 'heat', 'id' => $heat, 'set' => ['binned' => ['was' => false, 'to' => true]]]]);
        self::assertSame('The long evening', $this->call('GET', '/api/bin')['things'][0]['words']);
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => ['name' => ['was' => 'The long evening', 'to' => null]]]]);
        self::assertSame('Melt of 3 May 2026', $this->call('GET', '/api/bin')['things'][0]['words']);
    }

    public function testAFindingWithItsPlaces(): void
    {
        $attempt = (string) $this->pour($this->casting())['id'];
        $finding = $this->find($attempt, ['kind' => 'blowhole', 'places' => ['cope_face']]);
        $read = fn (): array => array_diff_key($this->call('GET', "/api/attempts/{$attempt}")['findings'][0], ['version' => 0]);
        $this->goesBack("/api/attempts/{$attempt}/history", $read, [
            [
                'part' => 'finding',
                'id' => $finding,
                'set' => [
                    'kind' => ['was' => 'blowhole', 'to' => 'misrun'],
                    'places' => ['was' => ['cope_face'], 'to' => ['thin_section']],
                    'looks' => ['was' => [], 'to' => ['rounded_edges']],
                    'severity' => ['was' => null, 'to' => 'spoils'],
                    'section' => ['was' => null, 'to' => 'rim'],
                    'pieces' => ['was' => [], 'to' => [1, 2]],
                    'number' => ['was' => null, 'to' => 3],
                ],
            ],
        ]);
    }

    public function testAnswersOpinionsAndTheChangeSheet(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $id = (string) $attempt['id'];
        $check = $this->call('GET', "/api/attempts/{$id}/diagnosis")['next_checks'][0]['check'];
        $read = function () use ($id): array {
            $now = $this->call('GET', "/api/attempts/{$id}");

            return [
                $now['answers'],
                $now['opinions'],
                $now['kept'],
                array_column(
                    array_filter(
                        $this->call('GET', "/api/attempts/{$id}/change-sheet")['proposals'],
                        static fn (array $proposal): bool => $proposal['accepted'],
                    ),
                    'new',
                    'remedy',
                ),
            ];
        };
        $this->goesBack("/api/attempts/{$id}/history", $read, [
            [
                'part' => 'attempt',
                'id' => $id,
                'set' => [
                    "answers.{$check}" => ['was' => null, 'to' => 'yes'],
                    'opinions.sand_wet' => ['was' => null, 'to' => [
                        'opinion' => 'confirmed',
                        'note' => 'the next one was dry and sound',
                        'sure' => 'likely',
                    ]],
                    'kept.pour.temperature' => ['was' => null, 'to' => true],
                    'own.019a0000-0000-7000-8000-000000000001' => ['was' => null, 'to' => ['words' => 'Warm the sprue', 'against' => null]],
                    'sheet.dry_squeeze' => ['was' => null, 'to' => true],
                ],
            ],
        ]);
    }

    public function testAThingOfTheWorkshopAndItsSettings(): void
    {
        $caster = $this->call('GET', '/api/session')['caster']['id'];
        $thing = self::id();
        $set = ['name' => 'Small', 'length' => '300 mm', 'width' => '200 mm', 'cope' => '100 mm', 'drag' => '80 mm'];
        $this->change([['part' => 'workshop_row', 'id' => $thing, 'create' => ['kind' => 'flasks'], 'set' => Changes::set($set)]]);
        $this->change([['part' => 'workshop', 'id' => $caster, 'set' => ['tariffs.propane' => ['was' => null, 'to' => 0.9]]]]);
        $read = function (): array {
            $now = $this->call('GET', '/api/workshop');

            return [array_column($now['flasks'], 'columns'), $now['tariffs']];
        };
        $this->goesBack('/api/workshop/history', $read, [
            [
                'part' => 'workshop_row',
                'id' => $thing,
                'set' => ['name' => ['was' => 'Small', 'to' => 'Oak'], 'cope' => ['was' => '100 mm', 'to' => '5 in']],
            ],
            [
                'part' => 'workshop',
                'id' => $caster,
                'set' => ['tariffs.propane' => ['was' => 0.9, 'to' => 1.1], 'tariffs.electric' => ['was' => null, 'to' => 0.34]],
            ],
        ]);
    }

    /**
     * @param callable(): array<mixed> $read
     * @param list<array<string, mixed>> $changes
     */
    private function goesBack(string $history, callable $read, array $changes): void
    {
        $before = $read();
        $this->change($changes);
        $this->forget();
        $after = $read();
        self::assertNotSame($before, $after, 'the change is there');

        $entry = $this->call('GET', $history)['commands'][0];
        $this->takeBack($entry);
        self::assertSame($before, $read(), 'taken back, it is as it was');

        // Taking back is a change as well: it can be taken back itself.
        $this->takeBack($this->call('GET', $history)['commands'][0]);
        self::assertSame($after, $read(), 'and put on again');
    }

    /** @param array<string, mixed> $entry */
    private function takeBack(array $entry): void
    {
        self::assertIsArray($entry['changes']);
        $this->call('POST', '/api/commands', [
            'id' => self::id(),
            'undoes' => $entry['id'],
            'changes' => array_map(
                static fn (array $row): array => [
                    'part' => $row['part'],
                    'id' => $row['id'],
                    'set' => [$row['field'] => ['was' => $row['became']['raw'], 'to' => $row['was']['raw']]],
                ],
                $entry['changes'],
            ),
        ]);
        $this->forget();
    }
}
