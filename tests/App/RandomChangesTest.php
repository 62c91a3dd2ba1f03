<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Several devices write into one record in any order, each from what it saw last. Beside the notebook stands the simplest thing that could
 * be right: one value for each field, and a command goes in whole or not at all.
 */
final class RandomChangesTest extends ApiTestCase
{
    private const DEVICES = 3;
    private const ROUNDS = 30;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([3, 14, 159, 2653] as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function testWhateverTheOrderEveryWordIsStoredOrAskedAbout(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        [$attempt, $finding] = $this->anAttemptWithAFinding();
        $notebook = array_fill_keys(array_keys(self::values()), null);
        $seen = array_fill(0, self::DEVICES, $notebook);
        $done = $clashed = 0;
        $sent = [];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $device = $dice->getInt(0, self::DEVICES - 1);
            $wanted = self::someChanges($dice, $seen[$device]);
            if ([] === $wanted) {
                continue;
            }
            $disputed = array_keys(
                array_filter(
                    $wanted,
                    static fn (mixed $to, string $field): bool => $notebook[$field] !== $seen[$device][$field] && $notebook[$field] !== $to,
                    \ARRAY_FILTER_USE_BOTH,
                ),
            );
            $id = self::id();
            $changes = self::changes($attempt, $finding, $wanted, $seen[$device]);
            $answer = $this->change($changes, [] === $disputed ? 200 : 409, $id);
            if ([] === $disputed) {
                $notebook = [...$notebook, ...$wanted];
                $sent[$id] = $changes;
                ++$done;
                // A device that only wrote has not read: it still believes what it saw of the other fields.
                $seen[$device] = [...$seen[$device], ...$wanted];
            } else {
                self::assertEqualsCanonicalizing($disputed, self::fieldsOf($answer), 'asked about just what both changed');
                $seen[$device] = $notebook;
                ++$clashed;
            }
            if ([] !== $sent && 0 === $dice->getInt(0, 3)) {
                // An answer that was lost: the command comes again, long after, and changes nothing.
                $again = (string) $dice->pickArrayKeys($sent, 1)[0];
                self::assertSame('known', $this->change($sent[$again], 200, $again)['outcome']);
            }
            $this->forget();
            self::assertSame($notebook, $this->stored($attempt), "round {$round}");
        }
        self::assertGreaterThan(5, $done, 'the test means nothing when nothing is stored');
        self::assertGreaterThan(2, $clashed, 'nor when nobody ever disagrees');
    }

    #[DataProvider('seeds')]
    public function testEverythingTakenBackNewestFirstIsWhereItBegan(int $seed): void
    {
        $dice = new Randomizer(new Mt19937($seed));
        [$attempt, $finding] = $this->anAttemptWithAFinding();
        $states = [];
        for ($round = 0; $round < 8; ++$round) {
            $states[] = $now = $this->stored($attempt);
            $wanted = self::someChanges($dice, $now);
            if ([] === $wanted) {
                array_pop($states);
                continue;
            }
            $this->change(self::changes($attempt, $finding, $wanted, $now));
            $this->forget();
        }
        self::assertGreaterThan(3, count($states));
        $history = $this->call('GET', "/api/attempts/{$attempt}/history")['commands'];
        self::assertIsArray($history);
        foreach (array_reverse($states) as $back => $before) {
            $command = $history[$back];
            $this->call('POST', '/api/commands', [
                'id' => self::id(),
                'undoes' => $command['id'],
                'changes' => array_map(
                    static fn (array $change): array => [
                        'part' => $change['part'],
                        'id' => $change['id'],
                        'set' => [$change['field'] => ['was' => $change['became']['raw'], 'to' => $change['was']['raw']]],
                    ],
                    $command['changes'],
                ),
            ]);
            $this->forget();
            self::assertSame($before, $this->stored($attempt));
        }
    }

    /** @return array{string, string} */
    private function anAttemptWithAFinding(): array
    {
        $attempt = self::id();
        $this->log($attempt, ['casting_id' => $this->casting(), 'poured_on' => '2026-05-03']);

        return [$attempt, $this->find($attempt, ['kind' => 'blowhole'])];
    }

    /** @return array<string, list<mixed>> what each field may be told; null empties it */
    private static function values(): array
    {
        $mm = static fn (float $value): array => ['value' => $value, 'unit' => 'mm'];

        return [
            'note' => [null, 'steam from the parting', 'quiet'],
            'verdict' => [null, 'scrap', 'usable', 'good'],
            'observations.steam' => [null, true],
            'observations.heavy_smoke' => [null, true],
            'made.casting.wall' => [null, $mm(4.5), $mm(12.25), ['value' => 1.75, 'unit' => 'in']],
            'planned.casting.wall' => [null, $mm(5.0), $mm(6.35)],
            'made.sand.condition' => [null, 'wet', 'good'],
            'finding.severity' => [null, 'trace', 'spoils'],
            'finding.note' => [null, 'size of a pea'],
        ];
    }

    /**
     * @param array<string, mixed> $from
     *
     * @return array<string, mixed>
     */
    private static function someChanges(Randomizer $dice, array $from): array
    {
        $wanted = [];
        foreach (self::values() as $field => $values) {
            $to = $values[$dice->getInt(0, count($values) - 1)];
            if (0 === $dice->getInt(0, 2) && $to !== $from[$field]) {
                $wanted[$field] = $to;
            }
        }

        return $wanted;
    }

    /**
     * @param array<string, mixed> $wanted
     * @param array<string, mixed> $was
     *
     * @return list<array<string, mixed>>
     */
    private static function changes(string $attempt, string $finding, array $wanted, array $was): array
    {
        $parts = ['attempt' => [], 'finding' => []];
        foreach ($wanted as $field => $to) {
            $parts[str_starts_with($field, 'finding.') ? 'finding' : 'attempt'][$field] = $to;
        }
        $changes = [];
        foreach (array_filter($parts) as $part => $set) {
            $rows = [];
            foreach (Changes::set($set, '', $was) as $field => $row) {
                $rows[str_replace('finding.', '', $field)] = $row;
            }
            $changes[] = ['part' => $part, 'id' => 'finding' === $part ? $finding : $attempt, 'set' => $rows];
        }

        return $changes;
    }

    /**
     * @param array<string, mixed> $answer
     *
     * @return list<string>
     */
    private static function fieldsOf(array $answer): array
    {
        self::assertIsArray($answer['clashes']);

        return array_values(
            array_map(
                static fn (array $clash): string => ('finding' === $clash['part'] ? 'finding.' : '').$clash['field'],
                $answer['clashes'],
            ),
        );
    }

    /** @return array<string, mixed> */
    private function stored(string $attempt): array
    {
        $now = $this->call('GET', "/api/attempts/{$attempt}");
        $finding = $now['findings'][0];
        $raw = static function (string $side, string $field) use ($now): mixed {
            $raw = $now[$side][$field]['raw'] ?? null;

            // JSON does not tell 5 from 5.0.
            return is_array($raw) ? [...$raw, 'value' => (float) $raw['value']] : $raw;
        };

        return [
            'note' => $now['note'],
            'verdict' => $now['verdict'],
            'observations.steam' => in_array('steam', $now['observations'], true) ?: null,
            'observations.heavy_smoke' => in_array('heavy_smoke', $now['observations'], true) ?: null,
            'made.casting.wall' => $raw('made', 'casting.wall'),
            'planned.casting.wall' => $raw('planned', 'casting.wall'),
            'made.sand.condition' => $raw('made', 'sand.condition'),
            'finding.severity' => $finding['severity'],
            'finding.note' => $finding['note'],
        ];
    }
}
