<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** Who may know whom; run by the static analyser. */
final class Layers
{
    public function testCoreKnowsOnlyItself(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('MoltenNotes\Core'))
            ->canOnlyDependOn()
            ->classes(
                Selector::inNamespace('MoltenNotes\Core'),
                // PHP's own types have no namespace; the clock among them is forbidden below.
                Selector::classname('/^\\\\?[A-Za-z]+$/', true),
                // Seeded, and so the same tomorrow: the noise of simulated instruments.
                Selector::classname(\Random\Randomizer::class),
                Selector::classname(\Random\Engine\Mt19937::class),
            )
            ->because('the rules of the job run without framework, storage or interface');
    }

    public function testCoreHasNoClock(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('MoltenNotes\Core'))
            ->shouldNotDependOn()
            ->classes(
                Selector::classname(\DateTimeImmutable::class),
                Selector::classname(\DateTime::class),
                Selector::classname(\DateTimeInterface::class),
            )
            ->because('time is handed in as a value; a computation gives the same answer tomorrow');
    }

    public function testStorageIsNoBusinessOfOtherFeaturesInternals(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('MoltenNotes\App\Shared\Http'))
            ->shouldNotDependOn()
            ->classes(
                ...array_map(static fn (string $feature) => Selector::inNamespace('MoltenNotes\App\\'.$feature), [
                    'Bench',
                    'Castings',
                    'Demo',
                    'Diagnose',
                    'Findings',
                    'Handbook',
                    'Ledger',
                    'LogPour',
                    'PlanCasting',
                    'PlanNext',
                    'Workshop',
                ]),
            )
            ->because('the HTTP ground is below the features');
    }
}
