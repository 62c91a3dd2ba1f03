<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** Patterns, and moulds that are used again: what they have been through, and what records, plans and weeks take from them. */
final class PatternsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testUsesAreCountedByThemselvesAndTheRecordTakesItsPatternFromTheShelf(): void
    {
        $wood = $this->thing('patterns', ['name' => 'Pine half', 'form' => 'wood', 'uses' => 4, 'kept' => 'top drawer']);
        $this->move($wood, 'pattern_look', ['found' => 'scratched', 'at' => strtotime('2026-05-01')]);
        $casting = $this->casting();
        $attempt = $this->pour($casting, ['made' => ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'casting.count' => 3]]);
        $id = (string) $attempt['id'];
        self::assertNull($attempt['pattern']);
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => Changes::set(['pattern' => $wood])]]);

        $shown = $this->call('GET', "/api/patterns/{$wood}");
        self::assertSame(4 + 3, self::of($shown, 'line')['uses'], 'three castings of one mould are three uses');
        self::assertSame([$id], array_column((array) $shown['moulds'], 'attempt_id'));
        self::assertSame('One pour judged, none good.', $shown['tally']);
        $named = $this->call('GET', "/api/attempts/{$id}");
        self::assertSame('Pine half', self::of($named, 'pattern')['name']);
        self::assertSame(['pattern.kind', 'pattern.surface'], array_keys((array) self::of($named, 'pattern')['values']));
        $document = $this->call('GET', "/api/attempts/{$id}/document");
        self::assertArrayNotHasKey('pattern.kind', (array) ($document['made'] ?? []), 'what a shelf says is not what somebody wrote');

        $this->move($wood, 'pattern_repaired', ['what' => 'filled and sanded', 'at' => strtotime('2026-05-20')]);
        $again = (array) self::of($this->call('GET', "/api/attempts/{$id}"), 'pattern')['values'];
        self::assertArrayHasKey('pattern.surface', $again, 'it was scratched on the day of that pour, whatever was mended since');
        self::assertSame([], self::of($this->call('GET', "/api/patterns/{$wood}"), 'line')['words']);
        // The next attempt is made of the same.
        self::assertSame($wood, self::of($this->next($id), 'pattern')['id']);
    }

    public function testTheStagesAreToldForAnEdgeAndCirclesAreRefused(): void
    {
        $print = $this->thing('patterns', ['name' => 'Print', 'form' => 'print']);
        $rubber = $this->thing('patterns', ['name' => 'Rubber', 'form' => 'silicone_mould', 'after' => $print, 'contraction' => '0.3 %']);
        $wax = $this->thing('patterns', ['name' => 'Wax', 'form' => 'wax', 'after' => $rubber, 'contraction' => '1.2 %']);
        $this->move($wax, 'pattern_made', ['count' => 5]);

        $told = $this->call('GET', "/api/patterns/{$wax}?alloy=al_si7mg&edge=100%20mm");
        $stages = (array) $told['stages'];
        self::assertSame(['Print', 'Rubber', 'Wax', 'Al-Si7Mg (wheels, castings)'], array_column($stages, 'name'));
        self::assertEqualsWithDelta(1 / 0.997 / 0.988 / 0.987, self::of($stages, 0)['scale'], 1e-5);
        self::assertStringStartsWith("102.9\u{a0}mm", (string) self::of($stages, 0)['size']);
        self::assertSame(5, self::of($this->call('GET', "/api/patterns/{$rubber}"), 'line')['uses'], 'each wax is a use of the rubber');

        $circle = $this->change([
            ['part' => 'workshop_row', 'id' => $print, 'set' => Changes::set(['after' => $wax])],
        ], 422);
        self::assertStringContainsString('taken from itself', json_encode($circle, \JSON_THROW_ON_ERROR));
        self::assertContains('/changes/0/set/after', array_column((array) $circle['problems'], 'pointer'));
        foreach ([self::id(), 'no id'] as $nothing) {
            $this->change([['part' => 'workshop_row', 'id' => $print, 'set' => Changes::set(['after' => $nothing])]], 422);
        }
        foreach (['edge=abc', 'edge=-3%20mm', 'edge=3%20kg', 'alloy=unobtainium'] as $wrong) {
            $this->call('GET', "/api/patterns/{$wax}?{$wrong}", null, 422);
        }
        // Whatever a wax was taken from may be thrown away: it then begins with itself.
        $this->change([['part' => 'workshop_row', 'id' => $print, 'set' => Changes::set(['binned' => true], '', ['binned' => false])]]);
        self::assertSame('Rubber', self::of((array) $this->call('GET', "/api/patterns/{$wax}")['stages'], 0)['name']);

        // The record of a pour from it knows the steps before the metal.
        $id = (string) $this->pour($this->casting(), ['made' => ['mould.process' => 'plaster', 'metal.alloy' => 'al_si7mg']])['id'];
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => Changes::set(['pattern' => $wax])]]);
        $values = (array) self::of($this->call('GET', "/api/attempts/{$id}"), 'pattern')['values'];
        self::assertSame(1.2, self::of(self::of($values, 'pattern.contraction_2'), 'raw')['value'] ?? null);
    }

    public function testPlannedPoursTakeTheLastFoamsInTheirOrderAndTheWeekMakesWhatIsMissing(): void
    {
        $foams = $this->thing('patterns', ['name' => 'Foams', 'form' => 'foam', 'pieces' => 1]);
        $ids = [];
        foreach (['+10 days', '+5 days'] as $when) {
            $ids[] = $id = self::id();
            $this->change([
                [
                    'part' => 'attempt',
                    'id' => $id,
                    'create' => ['casting' => $this->casting()],
                    'set' => Changes::set(['wanted' => strtotime($when), 'pattern' => $foams])
                        + Changes::set(
                            ['mould.process' => 'lost_foam', 'metal.alloy' => 'al_si7mg', 'pattern.volume' => '80 mL'],
                            'planned.',
                        ),
                ],
            ]);
        }
        [$late, $early] = $ids;
        $short = (array) $this->call('GET', '/api/patterns')['short'];
        self::assertSame([$late], array_column($short, 'attempt_id'), 'the earlier takes the one there is');
        self::assertStringContainsString('other pours come first', (string) self::of($short, 0)['sentence']);
        $steps = array_column((array) $this->call('GET', '/api/week?zone=UTC')['tasks'], 'key');
        self::assertContains("{$late}/foam_cut", $steps);
        self::assertNotContains("{$early}/foam_cut", $steps);

        $this->move($foams, 'pattern_made', ['count' => 2]);
        $none = $this->call('GET', '/api/patterns');
        self::assertSame([], $none['short']);
        $this->move($foams, 'pattern_look', ['found' => 'lost']);
        $all = (array) $this->call('GET', '/api/patterns')['short'];
        self::assertSame([$early, $late], array_column($all, 'attempt_id'));
        self::assertSame('bad', self::of($this->call('GET', "/api/attempts/{$early}/day"), 'pattern')['standing']);
    }

    public function testWhatCastingsTaughtStandsWithThePatternUntilItIsPoured(): void
    {
        $wood = $this->thing('patterns', ['name' => 'Pine', 'form' => 'wood']);
        $made = ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'pattern.draft' => 'none'];
        $attempt = $this->pour($this->casting(), ['made' => $made]);
        $id = (string) $attempt['id'];
        $this->change([
            ['part' => 'attempt', 'id' => $id, 'set' => Changes::set(['pattern' => $wood])],
        ]);
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => Changes::set(['more_draft' => ['new' => 'good']], 'sheet.')]]);
        $learnt = (array) $this->call('GET', "/api/patterns/{$wood}")['learnt'];
        self::assertCount(1, $learnt);
        self::assertFalse(self::of($learnt, 0)['poured']);
        self::assertStringContainsString('Good draft', (string) self::of($learnt, 0)['words']);

        $next = (string) $this->next($id)['id'];
        $this->say($next, ['poured_on' => '2026-06-01', 'verdict' => 'good']);
        $shown = $this->call('GET', "/api/patterns/{$wood}");
        self::assertTrue(self::of((array) $shown['learnt'], 0)['poured']);
        self::assertSame('2 pours judged, 1 good.', $shown['tally']);
    }

    public function testWhatBelongsToSomebodyElseOrToAnotherKindIsNotFound(): void
    {
        $wood = $this->thing('patterns', ['name' => 'Pine', 'form' => 'wood']);
        $lot = $this->thing('stock', ['name' => 'Ingots', 'mass' => '2 kg']);
        $id = (string) $this->pour($this->casting())['id'];
        $wrong = $this->change([['part' => 'attempt', 'id' => $id, 'set' => Changes::set(['pattern' => $lot])]], 422);
        self::assertContains('/changes/0/set/pattern', array_column((array) $wrong['problems'], 'pointer'));
        $this->call('GET', "/api/patterns/{$lot}", null, 404);
        foreach ([['form' => 'balsa'], ['form' => null], ['pieces' => '-1'], ['may_wear' => '0 mm'], ['uses' => 'many']] as $set) {
            $set = Changes::set($set + ['form' => 'wood']);
            $this->change([['part' => 'workshop_row', 'id' => self::id(), 'create' => ['kind' => 'patterns'], 'set' => $set]], 422);
        }
        foreach ([['count' => null], ['count' => '0'], []] as $set) {
            $create = ['of' => $wood, 'kind' => 'pattern_made'];
            $this->change([['part' => 'movement', 'id' => self::id(), 'create' => $create, 'set' => Changes::set($set)]], 422);
        }

        $this->signedIn('second@molten.example');
        $this->call('GET', "/api/patterns/{$wood}", null, 404);
        self::assertSame([], $this->call('GET', '/api/patterns')['patterns']);
        $own = $this->thing('patterns', ['name' => 'Own', 'form' => 'silicone_mould']);
        $this->change([['part' => 'workshop_row', 'id' => $own, 'set' => Changes::set(['after' => $wood])]], 422);
    }

    /**
     * @param array<mixed> $answer
     *
     * @return array<mixed>
     */
    private static function of(array $answer, string|int $key): array
    {
        self::assertIsArray($answer[$key] ?? null, (string) $key);

        return $answer[$key];
    }
}
