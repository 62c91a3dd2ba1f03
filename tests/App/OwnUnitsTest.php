<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Tests\Support\Plans;

/** A caster who thinks in inches and degrees Fahrenheit goes the whole way in them, and nothing is rounded on it. */
final class OwnUnitsTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
        $this->inches();
    }

    public function testWhatIsTypedWithoutAUnitIsInOnesOwnAndStaysAsTyped(): void
    {
        $attempt = (string) $this->pour($this->casting(), [
            'made' => [
                'mould.process' => 'green_sand',
                'metal.alloy' => 'al_si7mg',
                'pour.temperature' => '1300',
                'casting.wall' => '1 3/4',
                'gating.gates' => 1,
            ],
        ])['id'];
        $now = $this->call('GET', "/api/attempts/{$attempt}");
        self::assertEquals(['value' => 1300, 'unit' => 'degF'], $now['made']['pour.temperature']['raw']);
        self::assertEquals(['value' => 1.75, 'unit' => 'in'], $now['made']['casting.wall']['raw']);

        // Whoever changes their mind about units sees other words; what was typed is the same to the last digit.
        $this->metres();
        $metric = $this->call('GET', "/api/attempts/{$attempt}");
        self::assertSame($now['made']['casting.wall']['raw'], $metric['made']['casting.wall']['raw']);
        self::assertStringContainsString('mm', $metric['made']['casting.wall']['shown']);
        self::assertStringContainsString('°C', $metric['made']['pour.temperature']['shown']);
    }

    public function testAnOfferTakenBackAndForthBetweenUnitsIsStillTheOffer(): void
    {
        $offers = $this->offers($this->call('POST', '/api/plan', ['values' => Plans::values()]));
        self::assertGreaterThan(5, count($offers));
        foreach ($offers as $field => $offer) {
            self::assertContains($offer['raw']['unit'], UnitPreferences::imperial()->toArray(), "{$field} is offered in one's own unit");
            $casting = $this->casting("Takes {$field}");
            $attempt = self::id();
            $this->log($attempt, ['casting_id' => $casting, 'planned' => [$field => $offer['raw']] + Plans::values()]);
            $this->metres();
            $stored = $this->call('GET', "/api/attempts/{$attempt}")['planned'][$field]['raw'];
            // Ten figures are kept of what is measured: far finer than any rule.
            self::assertEqualsWithDelta($offer['raw']['value'], $stored['value'], 1e-9 * $offer['raw']['value']);
            self::assertSame($offer['raw']['unit'], $stored['unit']);
            $this->inches();
        }
    }

    public function testThePlanOfOneCastingIsTheSameInAnyUnits(): void
    {
        $imperial = $this->figures($this->call('POST', '/api/plan', ['values' => Plans::values()]));
        $this->metres();
        $metric = $this->figures($this->call('POST', '/api/plan', ['values' => Plans::values()]));
        self::assertSame(array_keys($metric), array_keys($imperial));
        foreach ($metric as $key => [$value, $standing]) {
            self::assertSame($standing, $imperial[$key][1], "{$key} is judged alike");
            self::assertEqualsWithDelta($value, $imperial[$key][0], 1e-9 * max(1.0, abs($value)), $key);
        }
    }

    public function testTheNextAttemptChangesTheNumberInOnesOwnUnits(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $this->say((string) $attempt['id'], ['sheet.cooler' => ['new' => '1240']]);
        $next = $this->next($attempt['id']);
        self::assertEquals(['value' => 1240, 'unit' => 'degF'], $next['planned']['pour.temperature']['raw']);
        self::assertStringContainsString('°F', $next['planned']['pour.temperature']['shown']);
    }

    public function testAWordInTheWrongUnitIsRefusedAndAskedAboutInOnesOwn(): void
    {
        $casting = $this->casting();
        $refused = $this->log(
            self::id(),
            ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'made' => ['casting.wall' => '1300 F']],
            422,
        );
        self::assertSame('/changes/0/set/made.casting.wall', $refused['problems'][0]['pointer']);
        $asked = $this->log(self::id(), ['casting_id' => $casting, 'poured_on' => '2026-05-03', 'made' => ['pour.temperature' => '3200']]);
        self::assertSame('/changes/0/set/made.pour.temperature', $asked['questions'][0]['pointer'], 'aluminium is not poured at 3200 °F');
    }

    private function inches(): void
    {
        $this->call('PATCH', '/api/me/preferences', ['units' => UnitPreferences::imperial()->toArray()]);
        $this->forget();
    }

    private function metres(): void
    {
        $this->call('PATCH', '/api/me/preferences', ['units' => UnitPreferences::metric()->toArray()]);
        $this->forget();
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, array{field: string, raw: array{value: float|int, unit: string}, shown: string}>
     */
    private function offers(array $plan): array
    {
        self::assertIsArray($plan['stages']);

        return array_column(array_filter(array_column(array_merge(...array_column($plan['stages'], 'figures')), 'offer')), null, 'field');
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, array{float, string}> code and section → its value in the unit it is computed in, and how it is judged
     */
    private function figures(array $plan): array
    {
        self::assertIsArray($plan['stages']);
        $figures = [];
        foreach ($plan['stages'] as $stage) {
            foreach ($stage['figures'] as $figure) {
                $key = "{$stage['stage']} {$figure['code']} {$figure['subject']}";
                $figures[$key] = [(float) $figure['value']['value'], $figure['standing']];
            }
        }

        return $figures;
    }
}
