<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** Recipes and batches: of the trade, of one's own with versions, for what is planned, compared by what they came to. */
final class MixesTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    /** Two planned flasks, one batch: what their plans leave round the castings, with 12 % of reserve. */
    public function testPlasterForTwoFlasksInOneBatch(): void
    {
        $flasks = [$this->planned('80 mm'), $this->planned('60 mm')];
        $batch = $this->call('POST', '/api/batches', ['recipe' => 'investment', 'attempts' => $flasks, 'temperature' => '20 C']);

        // 100 × 100 × (80 + 60) mm less twice 20 mL.
        $litres = 1.4 - 2 * 0.020;
        $kg = array_column(array_map(
            static fn (mixed $line): array => is_array($line) ? [$line['name'], $line['figure']['value']['value']] : [],
            (array) $batch['lines'],
        ), 1, 0);
        self::assertSame(['Water', 'Investment powder'], array_keys($kg));
        self::assertEqualsWithDelta(1.12 * $litres, $kg['Water'] + $kg['Investment powder'] / 2.6, 0.02);
        self::assertSame(1, $batch['batches']);
        // Named as a consumable is, however it is written, it can be taken off that shelf.
        $shelf = $this->thing('consumables', ['name' => 'investment POWDER ', 'mass' => '20 kg']);
        $again = $this->call('POST', '/api/batches', ['recipe' => 'investment', 'attempts' => $flasks]);
        self::assertSame([null, $shelf], array_column((array) $again['lines'], 'consumable'));
        self::assertSame(['works', 'sets', 'ready'], array_column((array) $batch['timers'], 'code'));
        $small = $this->call('POST', '/api/batches', ['recipe' => 'investment', 'attempts' => $flasks, 'bucket' => '1.5 L']);
        self::assertSame(2, $small['batches']);
        self::assertStringContainsString('does not hold', json_encode($small['warnings'], \JSON_THROW_ON_ERROR));
    }

    public function testAnOwnRecipeHasVersionsAndIsComparedByWhatItCameTo(): void
    {
        $id = self::id();
        $this->change([[
            'part' => 'workshop_row', 'id' => $id, 'create' => ['kind' => 'recipes'],
            'set' => Changes::set([
                'name' => 'Thin investment',
                'like' => 'investment',
                'parts' => ['Water' => '44', 'Investment powder' => 100],
            ]),
        ]]);
        $this->poured($id, 'scrap');
        $this->change([['part' => 'workshop_row', 'id' => $id, 'set' => [
            'parts' => ['was' => ['Water' => 44, 'Investment powder' => 100], 'to' => ['Water' => 39, 'Investment powder' => 100]],
        ]]]);
        $this->poured($id, 'good');
        $this->poured($id, 'good');
        $this->poured('investment', 'usable');

        $recipes = (array) $this->call('GET', '/api/recipes')['recipes'];
        self::assertIsArray($recipes[0]);
        self::assertSame(['Thin investment', true], [$recipes[0]['label'], $recipes[0]['own']]);
        self::assertSame([39, 100], array_map(intval(...), array_column((array) $recipes[0]['parts'], 'parts')));
        $outcomes = array_filter((array) $recipes[0]['outcomes'], is_array(...));
        $counts = static fn (array $one): array => [$one['good'], $one['usable'], $one['scrap']];
        self::assertSame([[2, 0, 0], [0, 0, 1]], array_map($counts, $outcomes));
        self::assertGreaterThan($outcomes[1]['version'], $outcomes[0]['version']);
        $standard = array_column($recipes, null, 'code')['investment'] ?? null;
        self::assertIsArray($standard);
        self::assertSame([['version' => null, 'good' => 0, 'usable' => 1, 'scrap' => 0]], $standard['outcomes']);
    }

    public function testWhatMakesNoSenseIsRefusedWhereItStands(): void
    {
        $pointers = fn (array $body): array => array_column((array) $this->call('POST', '/api/batches', $body, 422)['problems'], 'pointer');
        $bare = self::id();
        $this->change([['part' => 'attempt', 'id' => $bare, 'create' => ['casting' => $this->casting()], 'set' => []]]);

        self::assertSame(['/recipe'], $pointers(['recipe' => 'soup']));
        self::assertSame(['/volumes/1'], $pointers(['recipe' => 'investment', 'volumes' => ['1 L', '3 kg']]));
        self::assertSame(['/coats'], $pointers(['recipe' => 'foam_coat', 'area' => '300 cm2', 'coats' => 0]));
        self::assertSame(['/temperature'], $pointers(['recipe' => 'investment', 'volumes' => ['1 L'], 'temperature' => '300 C']));
        self::assertSame(['/attempts/0'], $pointers(['recipe' => 'investment', 'attempts' => [self::id()]]));
        self::assertSame(['/attempts/0'], $pointers(['recipe' => 'investment', 'attempts' => [$bare]]));
        self::assertSame([], $this->call('POST', '/api/batches', ['recipe' => 'investment'])['lines']);
        // Words of a table are said in the caster's own units, whether there is anything to mix or not.
        $nothing = json_encode($this->call('POST', '/api/batches', ['recipe' => 'core_oil'])['cautions'], \JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('degC', $nothing);
        $refused = $this->change([[
            'part' => 'workshop_row', 'id' => self::id(), 'create' => ['kind' => 'recipes'],
            'set' => Changes::set(['name' => 'X', 'like' => 'investment', 'parts' => ['Water' => 'some', 'Powder' => -3]]),
        ]], 422);
        self::assertSame(
            ['/changes/0/set/parts/Water', '/changes/0/set/parts/Powder'],
            array_column((array) $refused['problems'], 'pointer'),
        );
        $this->change([['part' => 'attempt', 'id' => $bare, 'set' => Changes::set(['recipe' => 'soup'])]], 422);
    }

    public function testRecipesOfOthersAreNotFound(): void
    {
        $id = self::id();
        $this->change([[
            'part' => 'workshop_row', 'id' => $id, 'create' => ['kind' => 'recipes'],
            'set' => Changes::set(['name' => 'Mine', 'like' => 'investment']),
        ]]);
        $this->call('DELETE', '/api/session');
        $this->signedIn('second@molten.example');

        self::assertNotContains($id, array_column((array) $this->call('GET', '/api/recipes')['recipes'], 'code'));
        $this->call('POST', '/api/batches', ['recipe' => $id, 'volumes' => ['1 L']], 422);
    }

    private function planned(string $depth): string
    {
        $id = self::id();
        $this->change([[
            'part' => 'attempt', 'id' => $id, 'create' => ['casting' => $this->casting("Ring {$depth}")],
            'set' => Changes::set([
                'mould.process' => 'plaster', 'metal.alloy' => 'tin_bronze', 'flask.length' => '100 mm', 'flask.width' => '100 mm',
                'flask.depth' => $depth,
                'casting.sections' => [
                    ['id' => 'a', 'label' => 'Plate', 'shape' => 'plate', 'length' => '50 mm', 'width' => '40 mm', 'thickness' => '10 mm'],
                ],
            ], 'planned.'),
        ]]);

        return $id;
    }

    private function poured(string $recipe, string $verdict): void
    {
        $this->change([[
            'part' => 'attempt', 'id' => self::id(), 'create' => ['casting' => $this->casting("Cast {$verdict}")],
            'set' => Changes::set(['poured_on' => '2026-05-03', 'verdict' => $verdict, 'recipe' => $recipe]),
        ]]);
    }
}
