<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;

/** The route of finishing of an attempt: made by what it is to become, signed step by step. */
final class FinishTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testTheRouteFollowsWhatItIsToBecomeAndIsSignedStepByStep(): void
    {
        $attempt = $this->pour($this->casting(), ['made' => [
            'mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg', 'gating.gate_width' => '20 mm', 'gating.gate_thickness' => '5 mm',
            'gating.gates' => 2,
        ]]);
        $id = (string) $attempt['id'];
        self::assertSame(['cut_gates', 'inspect', 'sand', 'sign_off'], self::codes($this->call('GET', "/api/attempts/{$id}/finish")));
        $this->say($id, ['made.finish.look' => 'painted', 'made.finish.treatment' => 't6', 'made.finish.machined' => '12 cm2']);
        $route = $this->call('GET', "/api/attempts/{$id}/finish");
        self::assertSame(
            ['cut_gates', 'inspect', 'rough_machine', 'heat_treat', 'finish_machine', 'sand', 'paint', 'sign_off'],
            self::codes($route),
        );
        self::assertStringEndsWith('next: cut off gates, risers and sprue.', (string) $route['sentence']);
        self::assertSame(['t6', 't5'], array_column((array) $route['treatments'], 'code'));
        $t6 = (array) ((array) $route['treatments'])[0];
        self::assertTrue($t6['chosen']);
        self::assertSame(540.0, (float) ((array) ((array) $t6['stages'])[0])['celsius']);

        $this->sign($id, 'cut_gates', ['at' => time(), 'minutes' => '25 min', 'note' => null]);
        $this->sign($id, 'inspect', ['at' => time(), 'minutes' => null, 'note' => 'sound']);
        $route = $this->call('GET', "/api/attempts/{$id}/finish");
        self::assertStringStartsWith('Still ', (string) $route['sentence']);
        self::assertStringEndsWith('next: machine roughly.', (string) $route['sentence']);
        $done = (array) ((array) ((array) $route['steps'])[0])['done'];
        self::assertSame(25, $done['minutes']);

        // Taken back, it is to be done again; every step is a line of the history.
        $told = ['at' => number_format((float) $done['at'], 1, '.', ''), 'minutes' => 25, 'note' => null];
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => ['finish.cut_gates' => ['was' => $told, 'to' => null]]]]);
        self::assertNull(((array) ((array) $this->call('GET', "/api/attempts/{$id}/finish")['steps'])[0])['done']);
        foreach (self::codes($route) as $step) {
            if ('inspect' !== $step) {
                $this->sign($id, $step, ['at' => time(), 'minutes' => '10 min', 'note' => 'sign_off' === $step ? 'It holds.' : null]);
            }
        }
        $end = $this->call('GET', "/api/attempts/{$id}/finish");
        self::assertStringStartsWith('It is finished and signed off, after', (string) $end['sentence']);
        self::assertSame('It holds.', $end['signed_off']);
        $history = json_encode($this->call('GET', "/api/attempts/{$id}/history"), \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('Finishing: sign it off', $history);
        self::assertMatchesRegularExpression('/done [^"]+, 10 min, It holds\./', $history);
    }

    public function testAFaultIsMendedOrNotAndNonsenseIsRefusedWhereItWasTold(): void
    {
        $attempt = $this->pour($this->casting());
        $id = (string) $attempt['id'];
        $this->findBlowhole($attempt);
        $fault = (array) ((array) $this->call('GET', "/api/attempts/{$id}/finish")['faults'])[0];
        self::assertSame('blowhole', $fault['defect']);
        self::assertContains('weld_al', array_column((array) $fault['repairs'], 'code'));
        self::assertNotContains('braze', array_column((array) $fault['repairs'], 'code'), 'not of aluminium');
        $this->change([['part' => 'attempt', 'id' => $id, 'set' => ['mend.plug' => ['was' => false, 'to' => true]]]]);
        $faults = (array) $this->call('GET', "/api/attempts/{$id}/finish")['faults'];
        $chosen = array_filter((array) ((array) $faults[0])['repairs'], static fn (mixed $one): bool => true === ((array) $one)['chosen']);
        self::assertSame(['plug'], array_column($chosen, 'code'));

        foreach ([
            ['mend.magic' => ['was' => false, 'to' => true]], ['finish.dance' => ['was' => null, 'to' => ['at' => time()]]],
            ['finish.sand' => ['was' => null, 'to' => ['at' => time() + 900000]]],
            ['finish.sand' => ['was' => null, 'to' => ['at' => time(), 'minutes' => 'a while']]],
            ['finish.sand' => ['was' => null, 'to' => ['at' => time(), 'colour' => 'red']]],
            ['finish.sand' => ['was' => null, 'to' => 'yes']], ['made.finish.look' => ['was' => null, 'to' => 'shiny']],
        ] as $set) {
            $answer = $this->change([['part' => 'attempt', 'id' => $id, 'set' => $set]], 422);
            self::assertStringStartsWith(
                '/changes/0/set/'.array_key_first($set),
                (string) ((array) ((array) $answer['problems'])[0])['pointer'],
            );
        }
        $this->signedIn('second@molten.example');
        $this->call('GET', "/api/attempts/{$id}/finish", null, 404);
    }

    /** @param array<string, mixed> $done */
    private function sign(string $attempt, string $step, array $done): void
    {
        $this->change([['part' => 'attempt', 'id' => $attempt, 'set' => Changes::set(["finish.{$step}" => $done])]]);
    }

    /**
     * @param array<string, mixed> $route
     *
     * @return list<string>
     */
    private static function codes(array $route): array
    {
        return array_map(strval(...), array_column((array) $route['steps'], 'code'));
    }
}
