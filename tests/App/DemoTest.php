<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Demo\LoadDemo;
use MoltenNotes\App\Diagnose\WhyView;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\Core\Attempt\History;

/** The demo tells a story: each failure must be explained by its own record. */
final class DemoTest extends ApiTestCase
{
    public function testTheDemoPlansTellTheThinRimAndTheHotSpot(): void
    {
        $load = self::getContainer()->get(LoadDemo::class);
        self::assertInstanceOf(LoadDemo::class, $load);
        $load('demo-plans@molten.example', 'pour-and-learn');
        $storage = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $storage);
        $storage->clear();
        $this->call('GET', '/api/session');
        $this->call('POST', '/api/session', ['email' => 'demo-plans@molten.example', 'password' => 'pour-and-learn']);
        $castings = array_column($this->call('GET', '/api/castings')['castings'], null, 'name');
        $figure = function (string $casting, int $number, string $code, string $subject) use ($castings): array {
            $plan = $this->call('GET', "/api/attempts/{$castings[$casting]['trail'][$number - 1]['id']}/plan");
            foreach (array_merge(...array_column($plan['stages'], 'figures')) as $found) {
                if ($found['code'] === $code && $found['subject'] === $subject) {
                    return $found;
                }
            }
            self::fail("{$casting} no. {$number} has no {$code} for {$subject}");
        };

        self::assertSame('bad', $figure('Rowlock socket', 2, 'fill_ratio', 'rim')['standing'], 'the rim of no. 2 does not fill');
        self::assertSame('good', $figure('Rowlock socket', 3, 'fill_ratio', 'rim')['standing'], 'the rim of no. 3 does');
        self::assertSame('bad', $figure('Rowlock socket', 4, 'feeder_ratio', 'boss')['standing'], 'the first riser does not feed the boss');
        self::assertSame('good', $figure('Rowlock socket', 5, 'feeder_ratio', 'boss')['standing'], 'the one on the change sheet does');
        foreach ($castings as $casting) {
            foreach ($casting['trail'] as $attempt) {
                $plan = $this->call('GET', "/api/attempts/{$attempt['id']}/plan");
                foreach ($plan['stages'] as $stage) {
                    self::assertNotEmpty($stage['figures'], "{$casting['name']} no. {$attempt['number']}, {$stage['stage']}");
                }
            }
        }
    }

    public function testEveryFailureOfTheDemoIsExplainedByItsOwnRecord(): void
    {
        $load = self::getContainer()->get(LoadDemo::class);
        $why = self::getContainer()->get(WhyView::class);
        $storage = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(LoadDemo::class, $load);
        self::assertInstanceOf(WhyView::class, $why);
        self::assertInstanceOf(EntityManagerInterface::class, $storage);
        self::assertGreaterThanOrEqual(9, $load('demo-test@molten.example', 'pour-and-learn'));
        $caster = $storage->getRepository(Caster::class)->findOneBy(['email' => 'demo-test@molten.example']);
        $storage->clear();

        $failures = 0;
        $processes = [];
        foreach ($storage->getRepository(Attempt::class)->findBy(['caster' => $caster?->id()->toBinary()]) as $attempt) {
            $processes[$attempt->process() ?? ''] = true;
            if ('scrap' !== $attempt->verdict()) {
                continue;
            }
            ++$failures;
            $diagnosis = $why->diagnosis($attempt);
            $name = "{$attempt->casting()->name()} no. {$attempt->number()}";
            self::assertNotEmpty($diagnosis->ranked, $name);
            $spoiling = array_map(
                static fn ($finding): string => $finding->kind,
                array_filter(
                    $attempt->toRecord(new History(), null)->findings,
                    static fn ($finding): bool => 'spoils' === $finding->severity,
                ),
            );
            self::assertSame([], array_intersect($spoiling, array_column($diagnosis->unexplained, 'sign')), $name);
            $told = array_keys(
                array_filter($attempt->opinions(), static fn ($opinion): bool => 'ruled_out' !== $opinion->opinion()),
            );
            $leading = array_map(static fn ($cause): string => $cause->cause->code, array_slice($diagnosis->ranked, 0, 2));
            if ([] !== $told) {
                self::assertNotEmpty(array_intersect($told, $leading), "{$name}: ".implode(', ', $leading));
            }
        }
        self::assertGreaterThanOrEqual(5, $failures);
        self::assertGreaterThanOrEqual(3, count($processes));
    }
}
