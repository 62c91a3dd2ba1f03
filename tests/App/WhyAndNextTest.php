<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Core\Attempt\AttemptDocument;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\Diagnosis\Diagnose;
use MoltenNotes\Core\Quantity\UnitPreferences;

final class WhyAndNextTest extends ApiTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->signedIn();
    }

    public function testFromAFindingToAScoredPrediction(): void
    {
        $casting = $this->casting();
        $attempt = $this->pour($casting);
        $this->findBlowhole($attempt);

        $why = $this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis");
        self::assertSame('sand_wet', $why['causes'][0]['cause']);
        $check = $why['next_checks'][0];
        $this->say((string) $attempt['id'], ["answers.{$check['check']}" => 'yes']);
        $again = $this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis");
        self::assertNotEquals(array_column($why['causes'], 'probability', 'cause'), array_column($again['causes'], 'probability', 'cause'));
        $this->say((string) $attempt['id'], ['opinions.sand_wet' => 'confirmed']);

        $this->say((string) $attempt['id'], ['sheet.dry_squeeze' => true, 'sheet.dry_sand' => ['new' => '3.2 %']]);
        $sheet = $this->call('GET', "/api/attempts/{$attempt['id']}/change-sheet");
        self::assertSame('blowhole', $sheet['predictions'][0]['defect']);
        self::assertLessThan($sheet['predictions'][0]['before'], $sheet['predictions'][0]['after']);

        $next = $this->next($attempt['id']);
        self::assertSame('good', $next['planned']['sand.condition']['raw']);
        self::assertContains('sand.moisture', $next['changed_fields']);
        self::assertSame('planned', $next['state']);
        self::assertSame(
            '/changes/0/create/after',
            $this->change([['part' => 'attempt', 'id' => self::id(), 'create' => ['after' => $attempt['id']]]], 422)['problems'][0][
                'pointer'
            ],
            'one sheet, one next attempt',
        );

        $this->say((string) $next['id'], ['poured_on' => '2026-05-10', 'made.sand.condition' => 'good', 'verdict' => 'good']);
        $trail = $this->call('GET', "/api/castings/{$casting}")['trail'];
        self::assertCount(2, $trail);
        self::assertSame(
            ['blowhole', 'gone', true],
            [$trail[1]['sheet']['scores'][0]['defect'], $trail[1]['sheet']['scores'][0]['found'], $trail[1]['sheet']['scores'][0]['held']],
        );
    }

    public function testWhatWasForetoldCannotBeRewrittenAfterwards(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $this->say((string) $attempt['id'], ['sheet.dry_squeeze' => true]);
        $this->next($attempt['id']);

        self::assertSame(
            'planning.sheet_closed',
            $this->change(
                [
                    [
                        'part' => 'attempt',
                        'id' => $attempt['id'],
                        'set' => ['sheet.dry_squeeze' => ['was' => ['new' => 'good'], 'to' => null]],
                    ],
                ],
                422,
            )['problems'][0]['code'],
        );
    }

    public function testAnImpossibleAmountOnTheSheetIsRefusedAtItsLine(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $refused = $this->say((string) $attempt['id'], ['sheet.dry_sand' => ['new' => '90 %']], 422);

        self::assertSame('/changes/0/set/sheet.dry_sand/new', $refused['problems'][0]['pointer']);
    }

    public function testAConfirmedCauseComesBackOnTheRepeatListAndWeighsMore(): void
    {
        $casting = $this->casting();
        $before = null;
        for ($i = 0; $i < 3; ++$i) {
            $attempt = $this->pour($casting, [
                'made' => ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg'],
                'observations' => [],
            ]);
            $this->findBlowhole($attempt);
            $chances = array_column($this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis")['causes'], 'probability', 'cause');
            $before ??= $chances['sand_wet'];
            $this->say((string) $attempt['id'], ['opinions.sand_wet' => 'confirmed']);
        }
        $attempt = $this->pour($casting, ['made' => ['mould.process' => 'green_sand', 'metal.alloy' => 'al_si7mg'], 'observations' => []]);
        $this->findBlowhole($attempt);
        $after = array_column($this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis")['causes'], 'probability', 'cause')['sand_wet'];

        self::assertGreaterThan($before, $after);
        self::assertContains('sand_wet', array_column($this->call('GET', '/api/bench')['repeat_list'], 'cause'));
    }

    public function testTheDocumentOfAnAttemptGivesTheSameDiagnosisWithoutADatabase(): void
    {
        $attempt = $this->pour($this->casting());
        $this->findBlowhole($attempt);
        $document = $this->call('GET', "/api/attempts/{$attempt['id']}/document");
        $read = AttemptDocument::read($document, Catalogue::standard()->causeCodes());
        $alone = (new Diagnose(Catalogue::standard(), UnitPreferences::metric()))->attempt($read['record'])->toArray();

        self::assertSame(
            $alone['causes'],
            array_map(static fn (array $cause): array => $cause, $this->call('GET', "/api/attempts/{$attempt['id']}/diagnosis")['causes']),
        );
    }

    public function testTheSheetOffersNoPlaceTwiceNothingRuledOutAndNoCoreWithoutACore(): void
    {
        $casting = $this->casting();
        $attempt = $this->pour($casting, [
            'made' => [
                'mould.process' => 'green_sand',
                'sand.condition' => 'wet',
                'metal.alloy' => 'al_si7mg',
                'pour.temperature' => '800 C',
            ],
        ]);
        $this->findBlowhole($attempt);
        foreach (['misrun', 'pinholes', 'sand_inclusion', 'internal_shrinkage', 'core_shift'] as $kind) {
            $this->find($attempt['id'], ['kind' => $kind]);
        }
        /** @var list<array{remedy: string, cause: string, field: string|null}> $offered */
        $offered = $this->call('GET', "/api/attempts/{$attempt['id']}/change-sheet")['proposals'];
        $fields = array_filter(array_column($offered, 'field'));
        self::assertNotSame([], $fields);
        self::assertSame(array_values(array_unique($fields)), array_values($fields));
        self::assertSame(
            [],
            array_values(array_filter($offered, static fn (array $line): bool => str_starts_with((string) $line['field'], 'core.'))),
            'there is no core',
        );
        $cause = $offered[0]['cause'];

        $this->say((string) $attempt['id'], ["opinions.{$cause}" => 'ruled_out']);
        self::assertNotContains(
            $cause,
            array_column((array) $this->call('GET', "/api/attempts/{$attempt['id']}/change-sheet")['proposals'], 'cause'),
        );
    }
}
