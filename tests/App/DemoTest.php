<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\App;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Demo\LoadDemo;
use MoltenNotes\App\Diagnose\WhyView;
use MoltenNotes\App\LogPour\Attempt;
use MoltenNotes\Core\Record\History;

/** The demo tells a story: each failure must be explained by its own record. */
final class DemoTest extends ApiTestCase
{
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
            $spoiling = array_map(static fn ($finding): string => $finding->kind, array_filter($attempt->toRecord(new History(), null)->findings, static fn ($finding): bool => 'spoils' === $finding->severity));
            self::assertSame([], array_intersect($spoiling, array_column($diagnosis->unexplained, 'sign')), $name);
            $told = array_keys(array_filter($attempt->opinions(), static fn ($opinion): bool => 'ruled_out' !== $opinion->toArray()['opinion']));
            $leading = array_map(static fn ($cause): string => $cause->cause->code, array_slice($diagnosis->ranked, 0, 2));
            if ([] !== $told) {
                self::assertNotEmpty(array_intersect($told, $leading), "{$name}: ".implode(', ', $leading));
            }
        }
        self::assertGreaterThanOrEqual(5, $failures);
        self::assertGreaterThanOrEqual(3, count($processes));
    }
}
