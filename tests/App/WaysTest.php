<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** One part by several processes, held against each other with what the caster has done before. */
final class WaysTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
        $this->furnish(['furnaces' => [['name' => 'Pot', 'source' => 'electric', 'power' => '2 kW']], 'tariffs' => ['electric' => '0.30']]);
        $this->thing('stock', ['name' => 'Ingots', 'alloy' => 'al_si7mg', 'form' => 'ingot', 'mass' => '9 kg', 'price' => '5']);
    }

    public function testEachWayIsPlannedForItselfAndOneOfThemIsPlannedWithAPress(): void
    {
        $id = $this->planned([
            'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'pattern.volume' => '120 mL', 'casting.wall' => '6 mm',
        ]);
        foreach (['good', 'good', 'scrap'] as $verdict) {
            $this->pour($this->casting(), ['verdict' => $verdict, 'made' => ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si12']]);
        }
        $ways = $this->call('GET', "/api/attempts/{$id}/ways?with=green_sand,plaster,metal_mould&zone=UTC");
        self::assertSame(['Green sand', 'Plaster investment', 'Metal mould'], array_column((array) $ways['ways'], 'name'));
        $before = $this->cell($ways, 0, 'before');
        self::assertStringStartsWith('2 of 3 good', $before);
        self::assertSame('not done yet', $this->cell($ways, 1, 'before'));
        self::assertStringContainsString('kWh', $this->cell($ways, 0, 'energy'));
        self::assertStringContainsString('EUR', $this->cell($ways, 0, 'money'));
        self::assertStringNotContainsString('at least', $this->cell($ways, 0, 'money'));
        self::assertStringContainsString('days', $this->cell($ways, 1, 'elapsed'));
        self::assertStringContainsString('Green sand is there first', (string) $ways['sentence'], 'a metal mould is to be made');
        $two = $this->call('GET', "/api/attempts/{$id}/ways?with=green_sand,plaster&zone=UTC");
        self::assertStringContainsString('Plaster investment has the finest skin', (string) $two['sentence']);

        $planned = (array) ((array) ((array) $ways['ways'])[1])['planned'];
        $next = self::id();
        $this->change([
            [
                'part' => 'attempt', 'id' => $next, 'create' => ['casting' => $ways['casting_id']],
                'set' => Changes::set($planned, 'planned.'),
            ],
        ]);
        self::assertSame('plaster', $this->call('GET', "/api/attempts/{$next}")['process']);
    }

    public function testWhatTheMouldDoesNotBearIsSaidAndNonsenseIsRefused(): void
    {
        $id = $this->planned(['mould.process' => 'green_sand', 'metal.alloy' => 'tin_bronze', 'pattern.volume' => '120 mL']);
        $ways = $this->call('GET', "/api/attempts/{$id}/ways?with=green_sand,silicone");
        self::assertSame([false, true], array_column((array) $ways['ways'], 'ruled_out'));
        self::assertStringStartsWith('Silicone rubber will not work', (string) $ways['sentence']);
        self::assertNotContains('silicone', (array) $ways['bears']);
        $metals = $this->call('GET', "/api/attempts/{$id}/ways?with=green_sand:tin_bronze,green_sand:al_si7mg");
        self::assertSame(['Tin bronze 90/10', 'Al-Si7Mg (wheels, castings)'], array_column((array) $metals['ways'], 'name'));
        // Without being told, its own way first and others that bear the metal.
        $offered = array_column((array) $this->call('GET', "/api/attempts/{$id}/ways")['ways'], 'process');
        self::assertSame('green_sand', $offered[0]);
        self::assertCount(3, $offered);

        foreach (['green_sand', 'green_sand,magic', 'green_sand,plaster:cheese', 'plaster,plaster,plaster,plaster,plaster'] as $wrong) {
            $this->call('GET', "/api/attempts/{$id}/ways?with={$wrong}", null, 422);
        }
        // Of a part that nobody said anything of, what can be told is told.
        $blank = $this->planned(['mould.process' => 'green_sand']);
        $told = $this->call('GET', "/api/attempts/{$blank}/ways");
        self::assertSame('not known', $this->cell($told, 0, 'energy'));
        self::assertStringContainsString('µm', $this->cell($told, 0, 'skin'));
        $this->signedIn('second@molten.example');
        $this->call('GET', "/api/attempts/{$id}/ways", null, 404);
    }

    /** @param array<string, mixed> $planned */
    private function planned(array $planned): string
    {
        $id = self::id();
        $this->change([
            ['part' => 'attempt', 'id' => $id, 'create' => ['casting' => $this->casting()], 'set' => Changes::set($planned, 'planned.')],
        ]);

        return $id;
    }

    /** @param array<string, mixed> $ways */
    private function cell(array $ways, int $place, string $question): string
    {
        $cells = array_column((array) ((array) ((array) $ways['ways'])[$place])['cells'], 'shown', 'question');
        self::assertIsString($cells[$question] ?? null);

        return $cells[$question];
    }
}
