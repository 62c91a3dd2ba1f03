<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** Metal by the lot: from the shelf into the pot and back, and what is asked of it before the day. */
final class MetalTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testASilverChargeIsMadeExactAndTheReturnsAreKept(): void
    {
        $fine = $this->lot(['name' => 'Fine grain', 'alloy' => 'silver_999', 'form' => 'ingot', 'mass' => '120 g', 'price' => '900']);
        $copper = $this->lot(['name' => 'Wire', 'alloy' => 'copper', 'form' => 'ingot', 'mass' => '50 g', 'price' => '9']);
        $returns = $this->lot(['name' => 'Silver returns']);
        [$attempt, $heat] = $this->melt('silver_925', ['pattern.volume' => '4 mL', 'mould.process' => 'plaster']);

        $offer = $this->call('POST', '/api/charges', ['mass' => '60 g', 'alloy' => 'silver_925']);
        self::assertSame('good', $offer['standing'], (string) $offer['words']);
        self::assertSame(['Fine grain', 'Wire'], array_column((array) $offer['charge'], 'name'));
        self::assertIsArray($offer['pot']);
        self::assertNotSame('bad', $offer['pot']['standing'], (string) $offer['pot']['sentence']);
        foreach ((array) $offer['charge'] as $part) {
            self::assertIsArray($part);
            $this->move($part['lot_id'] === $fine ? $fine : $copper, 'lot_charged', ['mass' => $part['kg'].' kg', 'heat' => $heat]);
        }
        $this->move($returns, 'lot_returned', ['mass' => '21 g', 'what' => 'gating', 'heat' => $heat]);
        $charge = $this->call('GET', "/api/attempts/{$attempt}/charge");

        self::assertSame(['Fine grain', 'Wire'], array_column((array) $charge['lines'], 'lot'));
        self::assertSame(['Silver returns'], array_column((array) $charge['returned'], 'lot'));
        self::assertStringContainsString('came back', (string) $charge['balance']);
        self::assertNotNull($charge['cost']);
        $lot = $this->call('GET', "/api/lots/{$returns}");
        self::assertMatchesRegularExpression('/^21\W+g$/', (string) self::of($lot, 'line')['shown']);
        self::assertSame(1.0, (float) self::of($lot, 'line')['remelts']);
        $silver = self::element(self::of($lot, 'metal'), 'Ag');
        self::assertEqualsWithDelta(92.5, $silver['percent'], 0.4);
        self::assertSame($attempt, self::of(self::of((array) $lot['entries'], 0), 'heat')['attempt_id']);
        // The next charge of it can be made of the returns.
        $next = $this->call('POST', '/api/charges', ['mass' => '20 g', 'alloy' => 'silver_925']);
        self::assertContains('Silver returns', array_column((array) $next['charge'], 'name'));
    }

    public function testAnAlloyIsCorrectedAfterACheck(): void
    {
        $zinc = $this->lot(['name' => 'Zinc', 'composition' => ['Zn' => '99.9 %'], 'known' => 'certified', 'mass' => '2 kg']);
        $brass = $this->lot(['name' => 'Old taps', 'alloy' => 'yellow_brass', 'form' => 'castings', 'mass' => '5 kg']);
        [$attempt, $heat] = $this->melt('yellow_brass', ['pattern.volume' => '300 mL']);
        $this->move($brass, 'lot_charged', ['mass' => '4 kg', 'heat' => $heat]);

        $this->change([['part' => 'heat', 'id' => $heat, 'set' => Changes::set(['found.Zn' => '32', 'found.by' => 'assayed'])]]);
        $charge = $this->call('GET', "/api/attempts/{$attempt}/charge");
        self::assertSame('bad', self::of($charge, 'found')['standing']);
        self::assertStringContainsString('Too little Zn', (string) self::of($charge, 'found')['sentence']);
        self::assertSame('32 %', self::of(self::of($charge, 'shares'), 'Zn')['shown']);

        $correction = $this->call('POST', "/api/attempts/{$attempt}/correction", ['mass' => '3.8 kg', 'found' => ['Zn' => '32 %']]);
        self::assertSame(['Zinc'], array_column((array) $correction['lines'], 'name'));
        $kg = (float) self::of((array) $correction['lines'], 0)['kg'];
        // By hand: 3.8 (0.36 − 0.32) ÷ (0.875 − 0.36), and a little more for what the analysis leaves open.
        self::assertGreaterThan((3.8 * 0.04) / (0.875 - 0.36), $kg);
        self::assertLessThan(0.55, $kg);
        $zn = self::element(self::of($correction, 'after'), 'Zn');
        self::assertGreaterThanOrEqual(36.0, $zn['percent']);
        self::assertNotSame('bad', $zn['standing']);

        $this->move($zinc, 'lot_charged', ['mass' => "{$kg} kg", 'as' => 'stirred', 'heat' => $heat]);
        $after = $this->call('GET', "/api/attempts/{$attempt}/charge");
        self::assertCount(2, (array) $after['lines']);
        self::assertSame('Stirred in', self::of((array) $after['lines'], 1)['words']);
    }

    public function testTheBookOfTheShelfTellsTheRecordAndALotInTheBinStaysInThePot(): void
    {
        $wheels = $this->lot(['name' => 'Wheels', 'alloy' => 'al_si7mg', 'form' => 'castings', 'mass' => '3 kg']);
        $cans = $this->lot(['name' => 'Cans', 'alloy' => 'al_mn_sheet', 'form' => 'cans', 'mass' => '3 kg']);
        [$attempt, $heat] = $this->melt('al_si7mg', ['pattern.volume' => '400 mL']);
        $this->move($wheels, 'lot_charged', ['mass' => '0.3 kg', 'heat' => $heat]);
        $this->move($cans, 'lot_charged', ['mass' => '0.1 kg', 'heat' => $heat]);
        $document = $this->call('GET', "/api/attempts/{$attempt}/document");
        self::assertIsArray($document['heat']);
        self::assertSame(['castings', 'cans'], [$document['heat']['metal.source'], $document['heat']['metal.source_2']]);
        self::assertSame(0.4, $document['heat']['metal.charge']['value']);
        // So the plan says that it is too little; and what somebody wrote goes before the book.
        $plan = json_encode($this->call('GET', "/api/attempts/{$attempt}/charge"), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('more.', $plan);
        $this->change([['part' => 'heat', 'id' => $heat, 'set' => Changes::set(['metal.charge' => '2 kg'])]]);
        $again = $this->call('GET', "/api/attempts/{$attempt}/document");
        self::assertSame(2, $again['heat']['metal.charge']['value'] ?? null);

        $this->change([['part' => 'workshop_row', 'id' => $cans, 'set' => Changes::set(['binned' => true], '', ['binned' => false])]]);
        $charge = $this->call('GET', "/api/attempts/{$attempt}/charge");
        self::assertSame(['Wheels', 'Cans'], array_column((array) $charge['lines'], 'lot'));
        self::assertNotContains('Cans', array_column((array) $charge['lots'], 'name'));
        self::assertGreaterThan(0.2, self::element(self::of($charge, 'pot'), 'Mn')['percent'], 'its manganese is in the pot still');
    }

    public function testRunningShortIsSaidBeforeTheDayAndBuyingEndsIt(): void
    {
        $lot = $this->lot(['name' => 'Ingots', 'alloy' => 'al_si7mg', 'form' => 'ingot', 'mass' => '0.5 kg']);
        $this->melt('al_si7mg', ['pattern.volume' => '800 mL']);
        $shelf = $this->call('GET', '/api/metal');
        self::assertSame('bad', $shelf['standing']);
        self::assertStringContainsString('short by', (string) $shelf['sentence']);
        self::assertSame('bad', self::of((array) $shelf['needs'], 0)['standing']);

        $this->move($lot, 'lot_added', ['mass' => '6 kg']);
        $after = $this->call('GET', '/api/metal');
        self::assertSame('good', $after['standing'], (string) $after['sentence']);
        self::assertSame('aluminium', self::of((array) $after['families'], 0)['family']);
        // Plans read the book, not what was written down once.
        $plan = json_encode($this->call('POST', '/api/plan', ['values' => [
            'metal.alloy' => 'al_si7mg', 'pattern.volume' => '800 mL', 'mould.process' => 'green_sand',
        ]]), \JSON_THROW_ON_ERROR);
        self::assertStringNotContainsString('on your shelf', $plan);
    }

    public function testWholeIngotsAreOfferedWholeAndWhatIsMissingIsRefusedAtItsField(): void
    {
        $this->lot(['name' => 'Ingots', 'alloy' => 'al_si12', 'form' => 'ingot', 'mass' => '4.5 kg', 'piece' => '450 g']);
        $offer = $this->call('POST', '/api/charges', ['mass' => '2 kg', 'alloy' => 'al_si12', 'whole' => true, 'room' => '3 kg']);
        self::assertSame(5, self::of((array) $offer['charge'], 0)['pieces']);

        foreach ([
            ['/mass', ['alloy' => 'al_si12']],
            ['/alloy', ['mass' => '2 kg']],
            ['/alloy', ['mass' => '2 kg', 'alloy' => 'mithril']],
            ['/mass', ['mass' => 'much', 'alloy' => 'al_si12']],
            ['/windows', ['mass' => '2 kg', 'alloy' => 'al_si12', 'windows' => []]],
        ] as [$pointer, $body]) {
            $problems = (array) $this->call('POST', '/api/charges', $body, 422)['problems'];
            self::assertContains($pointer, array_column($problems, 'pointer'));
        }
        [$attempt, $heat] = $this->melt('al_si12', []);
        foreach ([['/found', ['mass' => '2 kg']], ['/found/Sil', ['mass' => '2 kg', 'found' => ['Sil' => '2 %']]]] as [$pointer, $body]) {
            $problems = (array) $this->call('POST', "/api/attempts/{$attempt}/correction", $body, 422)['problems'];
            self::assertContains($pointer, array_column($problems, 'pointer'));
        }
        $lot = $this->lot(['name' => 'More', 'alloy' => 'al_si12']);
        foreach ([
            ['/changes/0/set/mass', ['heat' => $heat, 'note' => 'some']],
            ['/changes/0/set/heat', ['mass' => '1 kg', 'heat' => self::id()]],
            ['/changes/0/set/mass', ['mass' => '-1 kg', 'heat' => $heat]],
        ] as [$pointer, $set]) {
            $answer = $this->change([
                [
                    'part' => 'movement',
                    'id' => self::id(),
                    'create' => ['of' => $lot, 'kind' => 'lot_charged'],
                    'set' => Changes::set($set),
                ],
            ], 422);
            self::assertContains($pointer, array_column((array) $answer['problems'], 'pointer'));
        }
        $answer = $this->change([['part' => 'heat', 'id' => $heat, 'set' => Changes::set(['found.Sil' => '2'])]], 422);
        self::assertContains('/changes/0/set/found.Sil', array_column((array) $answer['problems'], 'pointer'));
    }

    public function testACrackedCrucibleIsInNoPlanAnyMoreAndOneOfAnotherMetalNeither(): void
    {
        $small = $this->thing('crucibles', ['name' => 'Small', 'volume' => '1 L', 'kind' => 'carbide', 'family' => 'aluminium']);
        $this->thing('crucibles', ['name' => 'Bronze pot', 'volume' => '1.2 L', 'family' => 'copper']);
        $this->thing('crucibles', ['name' => 'Large', 'volume' => '3 L', 'kind' => 'carbide']);
        $values = ['values' => ['metal.alloy' => 'al_si7mg', 'pattern.volume' => '300 mL', 'mould.process' => 'green_sand']];
        $plan = fn (): string => json_encode($this->call('POST', '/api/plan', $values), \JSON_THROW_ON_ERROR);
        self::assertStringContainsString('holds it: Small', $plan());

        $look = $this->move($small, 'crucible_look', ['found' => 'cracked']);
        self::assertStringContainsString('holds it: Large', $plan());
        $crucibles = array_column((array) $this->call('GET', '/api/metal')['crucibles'], null, 'name');
        self::assertTrue($crucibles['Small']['is_out']);
        self::assertStringContainsString('cracked', (string) $crucibles['Small']['words'][0]);
        // An entry that was a slip of the pen is taken out again.
        $this->change([['part' => 'movement', 'id' => $look, 'set' => Changes::set(['binned' => true], '', ['binned' => false])]]);
        self::assertStringContainsString('holds it: Small', $plan());
    }

    public function testConsumablesAndFurnacesSayWhenTheyWantSomething(): void
    {
        $plaster = $this->thing('consumables', ['name' => 'Investment powder', 'mass' => '10 kg', 'least' => '4 kg']);
        $furnace = $this->thing('furnaces', ['name' => 'Yard burner', 'source' => 'propane']);
        $this->move($plaster, 'consumable_used', ['mass' => '7 kg']);
        $this->move($furnace, 'furnace_look', ['found' => 'leak']);
        $shelf = $this->call('GET', '/api/metal');

        $supply = self::of((array) $shelf['consumables'], 0);
        self::assertSame('risky', $supply['standing']);
        self::assertMatchesRegularExpression('/^3\W+kg$/', (string) $supply['left']);
        self::assertStringContainsString('do not light it', (string) self::of((array) $shelf['furnaces'], 0)['words'][0]);
    }

    public function testALotOfSomebodyElseIsNotFound(): void
    {
        $lot = $this->lot(['name' => 'Mine', 'alloy' => 'tin']);
        [$attempt] = $this->melt('tin', []);
        $this->signedIn('second@molten.example');
        $this->call('GET', "/api/lots/{$lot}", null, 404);
        $this->call('GET', "/api/attempts/{$attempt}/charge", null, 404);
        self::assertSame([], $this->call('GET', '/api/metal')['lots']);
    }

    /** @param array<string, mixed> $columns */
    private function lot(array $columns): string
    {
        return $this->thing('stock', $columns);
    }

    /**
     * @param array<string, mixed> $planned
     *
     * @return array{string, string} attempt and heat
     */
    private function melt(string $alloy, array $planned): array
    {
        [$id, $heat] = [self::id(), self::id()];
        $this->change([
            ['part' => 'heat', 'id' => $heat, 'create' => [], 'set' => Changes::set(['metal.alloy' => $alloy])],
            [
                'part' => 'attempt',
                'id' => $id,
                'create' => ['casting' => $this->casting()],
                'set' => Changes::set(['heat' => $heat]) + Changes::set($planned + ['mould.process' => 'green_sand'], 'planned.'),
            ],
        ]);

        return [$id, $heat];
    }

    /**
     * @param array<mixed> $answer
     *
     * @return array<mixed>
     */
    private static function of(array $answer, string|int $member): array
    {
        self::assertIsArray($answer[$member] ?? null, (string) $member);

        return $answer[$member];
    }

    /**
     * @param array<mixed> $pot
     *
     * @return array{percent: float, standing: string}
     */
    private static function element(array $pot, string $element): array
    {
        foreach (self::of($pot, 'elements') as $line) {
            if (is_array($line) && $element === $line['element']) {
                return ['percent' => (float) $line['percent'], 'standing' => (string) $line['standing']];
            }
        }
        self::fail("There is no {$element}.");
    }
}
