<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\App\Shared\Http\CostlyCalls;
use MoltenNotes\App\Shared\Http\DiskSpace;
use MoltenNotes\App\Shared\Http\Version;
use MoltenNotes\Tests\Support\Changes;

/** No account can ask for so much that the others wait. */
final class LimitsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testListsOfARequestAreBounded(): void
    {
        $rows = array_fill(0, 301, ['part' => 'casting', 'id' => self::id(), 'set' => []]);
        self::assertSame('/changes', $this->change($rows, 422)['problems'][0]['pointer']);
        $fields = array_fill_keys(array_map(static fn (int $i): string => "made.{$i}", range(1, 401)), ['to' => '1']);
        self::assertSame(
            '/changes/0/set',
            $this->change([['part' => 'attempt', 'id' => self::id(), 'create' => [], 'set' => $fields]], 422)['problems'][0]['pointer'],
        );

        $elements = [];
        foreach (range('A', 'Y') as $sign) {
            $elements["{$sign}a"] = ['low' => '1 %'];
        }
        self::assertSame(
            '/windows',
            $this->call('POST', '/api/mix', ['melt' => '3 kg', 'windows' => $elements], 422)['problems'][0]['pointer'],
        );
        self::assertSame('/windows', $this->call('POST', '/api/mix', ['melt' => '3 kg', 'windows' => 'Si'], 422)['problems'][0]['pointer']);

        $sections = array_fill(0, 61, ['shape' => 'plate']);
        $plan = $this->call('POST', '/api/plan', ['values' => ['casting.sections' => $sections]]);
        self::assertSame('pattern.too_many_sections', $plan['problems'][0]['code']);
    }

    public function testManyStocksTimesManyWindowsIsTooMuchAtOnce(): void
    {
        $stock = array_map(
            static fn (int $i): array => ['name' => "Lot {$i}", 'mass' => '1 kg', 'composition' => ['Si' => '5 %']],
            range(1, 200),
        );
        $this->furnish(['stock' => $stock, 'currency' => 'EUR']);
        $windows = array_fill_keys(['Si', 'Mg', 'Fe', 'Cu', 'Mn', 'Zn', 'Ti'], ['low' => '0 %', 'high' => '10 %']);

        self::assertSame(
            'charge.too_much',
            $this->call('POST', '/api/mix', ['melt' => '3 kg', 'windows' => $windows], 422)['problems'][0]['code'],
        );
    }

    public function testAHundredFindingsAreEnough(): void
    {
        $attempt = $this->pour($this->casting());
        $kinds = ['misrun', 'blowhole', 'shift', 'warp'];
        $changes = [];
        for ($i = 0; $i < 100; ++$i) {
            $changes[] = Changes::finding((string) $attempt['id'], ['kind' => $kinds[$i % 4]]);
        }
        $this->change($changes);
        $refused = $this->change([Changes::finding((string) $attempt['id'], ['kind' => 'misrun'])], 422);
        self::assertSame('record.too_many_findings', $refused['problems'][0]['code']);
    }

    /** Two are computing already in other workers, and two wait: the next is told to come again. */
    public function testACasterComputesTwoThingsAtATime(): void
    {
        $who = hash('xxh64', 'first@molten.example');
        $dir = getenv('MOLTEN_VAR_DIR').'/slots';
        if (!is_dir($dir)) {
            mkdir($dir);
        }
        $held = [];
        foreach (['run-0', 'run-1', 'wait-0', 'wait-1'] as $place) {
            $lock = fopen("{$dir}/{$who}-{$place}", 'c');
            self::assertIsResource($lock);
            self::assertTrue(flock($lock, \LOCK_EX | \LOCK_NB));
            $held[] = $lock;
        }
        $this->call('POST', '/api/plan', ['values' => []], 429);
        // What costs nothing is still answered, and so is everybody else.
        $this->call('GET', '/api/bench');
        array_map(fclose(...), $held);
        $this->call('POST', '/api/plan', ['values' => []]);
        self::assertTrue(class_exists(CostlyCalls::class));
    }

    public function testALongNotebookIsReadAPageAtATime(): void
    {
        $casting = $this->casting();
        for ($i = 1; $i <= 14; ++$i) {
            $this->log(self::id(), ['casting_id' => $casting, 'made' => []]);
        }
        $latest = $this->call('GET', "/api/castings/{$casting}");
        self::assertSame([14, 3, range(3, 14)], [$latest['attempts'], $latest['earlier'], array_column($latest['trail'], 'number')]);
        $earlier = $this->call('GET', "/api/castings/{$casting}?before=3");
        self::assertSame([null, [1, 2]], [$earlier['earlier'], array_column($earlier['trail'], 'number')]);
        self::assertCount(12, $this->call('GET', '/api/castings')['castings'][0]['trail']);
    }

    public function testTheLedgerGoesOnWhereItEnded(): void
    {
        $casting = $this->casting();
        for ($i = 1; $i <= 53; ++$i) {
            $this->log(self::id(), ['casting_id' => $casting, 'made' => []]);
        }
        $first = $this->call('GET', '/api/attempts');
        self::assertSame([53, false, 50], [$first['total'], $first['more'], count($first['attempts'])]);
        $second = $this->call('GET', '/api/attempts?before='.$first['older']);
        self::assertCount(3, $second['attempts']);
        self::assertNull($second['older']);
        self::assertSame([], array_intersect(array_column($first['attempts'], 'id'), array_column($second['attempts'], 'id')));
    }

    public function testAFullDiskStoresNothingAndSaysSo(): void
    {
        $id = $this->casting();
        $cookies = $this->browser->getCookieJar()->all();
        self::ensureKernelShutdown();
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        array_map($this->browser->getCookieJar()->set(...), $cookies);
        // A file system without a byte of room.
        self::getContainer()->set(DiskSpace::class, new DiskSpace('/proc', null));
        $refused = $this->change(
            [['part' => 'casting', 'id' => $id, 'set' => Changes::set(['name' => 'Another name'], '', ['name' => 'Cleat'])]],
            507,
        );
        self::assertSame('storage.full', $refused['code']);
        self::assertSame('Cleat', $this->call('GET', "/api/castings/{$id}")['name'], 'what is stored is read as before');
        $health = $this->call('GET', '/api/health', null, 503);
        self::assertSame([true, false], [$health['storage']['reading'], $health['storage']['writing']]);
    }

    public function testHealthTellsWhatItFoundAndWhatRuns(): void
    {
        $health = $this->call('GET', '/api/health');
        self::assertSame(['ok', Version::CURRENT, true], [$health['status'], $health['version'], $health['storage']['writing']]);
        self::assertGreaterThan(0, $health['disk_free_bytes']);
    }
}
