<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use MoltenNotes\Tests\Support\Changes;
use MoltenNotes\Tests\Support\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\HttpKernel\Event\ResponseEvent;
use Symfony\Component\HttpKernel\KernelEvents;

/** Whatever is stored can be read for good; what no longer fits is kept and shown; a request that fails has stored nothing. */
final class NothingPoisonsANotebookTest extends ApiTestCase
{
    /** @param array<string, mixed> $planned */
    #[DataProvider('poisons')]
    public function testValuesAtTheirLimitsAreStoredAndReadAndPlannedAgain(array $planned): void
    {
        $this->signedIn();
        $casting = $this->casting();
        $attempt = $this->pour($casting, ['planned' => $planned, 'made' => [], 'heat' => ['values' => ['metal.alloy' => 'al_si7mg']]]);
        $this->findBlowhole($attempt);

        foreach (
            [
                "/api/attempts/{$attempt['id']}",
                "/api/attempts/{$attempt['id']}/plan",
                "/api/attempts/{$attempt['id']}/diagnosis",
                "/api/attempts/{$attempt['id']}/change-sheet",
                "/api/attempts/{$attempt['id']}/document",
                "/api/castings/{$casting}",
                '/api/bench',
                '/api/attempts',
            ] as $path
        ) {
            $this->browser->request('GET', $path);
            self::assertSame(200, $this->browser->getResponse()->getStatusCode(), $path);
        }
        // The caster's own experience has read it: every later plan still answers.
        $this->call('POST', '/api/plan', ['values' => Plans::values()]);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function poisons(): iterable
    {
        $dunked = array_diff_key(Plans::values(), ['casting.sections' => 0, 'metal.alloy' => 0]) + ['pattern.volume' => '120 mL'];
        yield 'as much held as read' => [['pattern.held' => '120 mL'] + $dunked];
        yield 'more held than read' => [['pattern.held' => '500 mL'] + $dunked];
        yield 'no metal over the sprue' => [['gating.basin_depth' => '0 mm'] + $dunked];
        yield 'no head' => [['gating.sprue_height' => '0 mm'] + $dunked];
        yield 'a mould hotter than the metal' => [['mould.process' => 'ceramic_shell', 'mould.temperature' => '1300 C'] + $dunked];
    }

    public function testWhatNoLongerFitsIsKeptAndShownAndBreaksNothing(): void
    {
        $this->signedIn();
        $casting = $this->casting();
        $good = $this->pour($casting);
        $attempt = $this->pour($casting, ['planned' => Plans::values()]);
        $this->findBlowhole($attempt);
        $this->say((string) $attempt['id'], ['opinions.sand_wet' => 'confirmed']);
        $this->say((string) $attempt['id'], ['sheet.dry_squeeze' => true]);
        $id = hex2bin(str_replace('-', '', (string) $attempt['id']));
        $storage = $this->storage();
        foreach (
            [
                "INSERT INTO attempt_value (attempt_id, slot, words) VALUES (?, 'made sand.colour', 'reddish')",
                "UPDATE attempt_value SET words = 'sludge' WHERE attempt_id = ? AND slot = 'made sand.condition'",
                "UPDATE attempt_value SET unit = 'cubit' WHERE attempt_id = ? AND slot = 'planned gating.sprue'",
                "UPDATE attempt_value SET si = -5 WHERE attempt_id = ? AND slot = 'planned gating.gate_width'",
                "UPDATE attempt_value SET words = '[{\"shape\": \"cone\"}]' WHERE attempt_id = ? AND slot = 'planned casting.sections'",
                "UPDATE attempt SET observations = '[\"steam\", \"singing\"]' WHERE id = ?",
                "UPDATE finding SET kind = 'gremlins' WHERE attempt_id = ?",
                "UPDATE cause_opinion SET cause = 'bad_luck' WHERE attempt_id = ?",
                "UPDATE accepted_change SET remedy = 'pray' WHERE attempt_id = ?",
                "INSERT INTO prediction (attempt_id, defect, chance_before, chance_after, expected) VALUES (?, 'gremlins', 0.5, 0.1, "
                    ."'vanished')",
            ] as $sql
        ) {
            self::assertGreaterThan(0, $storage->executeStatement($sql, [$id]), $sql);
        }
        $this->forget();

        $read = $this->call('GET', "/api/attempts/{$attempt['id']}");
        $told = array_column($read['unreadable'], 'stored', 'what');
        self::assertSame('reddish', $told['made sand.colour']);
        self::assertSame('sludge', $told['made sand.condition']);
        self::assertStringContainsString('cubit', $told['planned gating.sprue']);
        self::assertArrayHasKey('planned gating.gate_width', $told);
        self::assertStringContainsString('cone', $told['planned casting.sections']);
        self::assertSame(
            ['singing', 'gremlins', 'bad_luck', 'pray'],
            [$told['observation'], $told['finding'], $told['opinion'], $told['change']],
        );
        self::assertSame(['steam'], $read['observations']);
        foreach (
            [
                "/api/attempts/{$attempt['id']}/diagnosis",
                "/api/attempts/{$attempt['id']}/change-sheet",
                "/api/attempts/{$attempt['id']}/plan",
                "/api/castings/{$casting}",
                '/api/bench',
                '/api/attempts',
                "/api/attempts/{$good['id']}",
                '/api/suggestions',
            ] as $path
        ) {
            $this->call('GET', $path);
        }

        // Saved again by a client that never saw them, they are still there.
        $this->say((string) $attempt['id'], ['made.sand.moisture' => '4 %', 'observations.steam' => false, 'note' => 'again']);
        $this->forget();
        $after = array_column($this->call('GET', "/api/attempts/{$attempt['id']}")['unreadable'], 'stored', 'what');
        $still = ['made sand.colour', 'made sand.condition', 'planned gating.sprue', 'planned casting.sections', 'observation', 'finding'];
        foreach ($still as $kept) {
            self::assertSame($told[$kept], $after[$kept] ?? null, $kept);
        }
    }

    public function testAWorkshopThatNoLongerFitsIsShownAndKeptAsItIs(): void
    {
        $this->signedIn();
        $this->furnish(['furnaces' => [['name' => 'Drum', 'power' => '2 kW']], 'currency' => 'EUR']);
        $this->storage()->executeStatement("UPDATE workshop SET content = JSON_SET(content, '$.anvils', JSON_ARRAY(1))");
        $this->storage()->executeStatement(
            "UPDATE workshop_row SET content = JSON_SET(content, '$.colour', 'red', '$.efficiency', 'fair')",
        );
        $this->storage()->executeStatement("UPDATE caster SET revision = 'touched by hand'");
        $this->forget();
        $workshop = $this->call('GET', '/api/workshop');
        self::assertSame('Drum', $workshop['furnaces'][0]['columns']['name']['shown']);
        foreach (['/anvils', '/furnaces/0/colour', '/furnaces/0/efficiency'] as $pointer) {
            self::assertStringContainsString($pointer, implode(' ', $workshop['unreadable']));
        }
        $this->call('POST', '/api/plan', ['values' => Plans::values()]);

        $this->change([
            [
                'part' => 'workshop_row',
                'id' => $workshop['furnaces'][0]['id'],
                'set' => Changes::set(['power' => '3 kW'], '', ['power' => ['value' => 2, 'unit' => 'kW']]),
            ],
            ['part' => 'workshop', 'id' => self::id(), 'set' => Changes::set(['safe_lift' => '12 kg'])],
        ]);
        self::assertSame(
            ['red', 'fair', '1'],
            array_values(
                (array) $this->storage()->fetchAssociative(
                    "SELECT JSON_VALUE(r.content, '$.colour'), JSON_VALUE(r.content, '$.efficiency'), JSON_VALUE(w.content, "
                        ."'$.anvils[0]') FROM workshop_row r JOIN workshop w ON w.caster_id = r.caster_id",
                ),
            ),
        );
    }

    /** The answer to a save is made after it: should that fail, the save is undone, so that it can be sent again. */
    public function testARequestThatFailsAfterItsSaveHasStoredNothing(): void
    {
        $this->signedIn();
        $casting = $this->casting();
        $dispatcher = self::getContainer()->get('event_dispatcher');
        self::assertInstanceOf(EventDispatcherInterface::class, $dispatcher);
        $dispatcher->addListener(KernelEvents::RESPONSE, static function (ResponseEvent $event): void {
            if ('/api/commands' === $event->getRequest()->getPathInfo()) {
                throw new \RuntimeException('the answer cannot be made');
            }
        });
        $id = self::id();
        $this->browser->request(
            'POST',
            '/api/commands',
            [],
            [],
            ['HTTP_X_CSRF_TOKEN' => (string) $this->call('GET', '/api/session')['csrf'], 'CONTENT_TYPE' => 'application/json'],
            json_encode(
                [
                    'id' => self::id(),
                    'changes' => Changes::attempt($id, ['casting_id' => $casting, 'made' => ['sand.moisture' => '4 %']], true),
                ],
                \JSON_THROW_ON_ERROR,
            ),
        );

        self::assertSame(500, $this->browser->getResponse()->getStatusCode());
        self::assertSame(
            0,
            (int) $this->storage()->fetchOne('SELECT COUNT(*) FROM attempt WHERE id = ?', [hex2bin(str_replace('-', '', $id))]),
        );
        self::assertSame(
            0,
            (int) $this->storage()->fetchOne("SELECT COUNT(*) FROM record_change WHERE part = 'attempt'"),
            'nor is there a history of what never was',
        );
        self::assertSame(
            0,
            (int) $this->storage()->fetchOne('SELECT COUNT(*) FROM attempt_value WHERE attempt_id = ?', [
                hex2bin(str_replace('-', '', $id)),
            ]),
        );
    }
}
