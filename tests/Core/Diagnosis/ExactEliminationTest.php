<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Diagnosis;

use MoltenNotes\Core\Diagnosis\ExactElimination;
use MoltenNotes\Core\Diagnosis\InformationGain;
use MoltenNotes\Core\Diagnosis\Network;
use MoltenNotes\Core\Diagnosis\TooManySigns;
use MoltenNotes\Tests\Support\Networks;
use PHPUnit\Framework\TestCase;

/** The posterior is held against enumeration of every combination of causes, against Quickscore, and against figures worked by hand. */
final class ExactEliminationTest extends TestCase
{
    /** Worked beforehand by enumeration: cold metal, wet sand, missing vent; misrun and blowhole seen, rough skin looked for in vain. */
    private static function worked(): Network
    {
        return new Network(
            [0.15, 0.1, 0.08],
            [['leak' => 0.02, 'strengths' => [0 => 0.7, 2 => 0.2]], ['leak' => 0.03, 'strengths' => [1 => 0.6, 2 => 0.5]]],
            [['leak' => 0.05, 'strengths' => [1 => 0.3]]],
        );
    }

    public function testTheWorkedNetworkComesOutAsWorked(): void
    {
        $solved = ExactElimination::solve(self::worked());

        self::assertEqualsWithDelta(0.01929, $solved->evidence, 5e-6);
        self::assertEqualsWithDelta(0.57, $solved->causes[0], 5e-4);
        self::assertEqualsWithDelta(0.305, $solved->causes[1], 5e-4);
        self::assertEqualsWithDelta(0.611, $solved->causes[2], 5e-4);
    }

    public function testTheWorkedCheckGainsAsWorked(): void
    {
        $network = self::worked();
        $gain = (new InformationGain($network, ExactElimination::solve($network)))->of([
            'leak' => 0.01,
            'strengths' => [1 => 0.4, 2 => 0.1],
        ]);

        self::assertEqualsWithDelta(0.189, $gain['chance'], 5e-4);
        self::assertEqualsWithDelta(0.117, $gain['gain'], 5e-4);
    }

    public function testAgreesWithEveryCombinationOfCauses(): void
    {
        for ($seed = 1; $seed <= 60; ++$seed) {
            $network = Networks::random($seed, 3 + ($seed % 8), $seed % 7, $seed % 4);
            $solved = ExactElimination::solve($network);
            [$evidence, $posteriors] = Networks::bruteForce($network);

            self::assertEqualsWithDelta(1.0, $solved->evidence / $evidence, 1e-9, "seed {$seed}");
            foreach ($posteriors as $cause => $probability) {
                self::assertEqualsWithDelta($probability, $solved->causes[$cause], 1e-9, "seed {$seed}, cause {$cause}");
            }
        }
    }

    public function testAgreesWithQuickscoreWhereThatKeepsItsFigures(): void
    {
        for ($seed = 100; $seed < 112; ++$seed) {
            $network = Networks::random($seed, 25, 8, 3);
            [$evidence, $posteriors] = Networks::quickscore($network);
            $solved = ExactElimination::solve($network);

            self::assertEqualsWithDelta(1.0, $solved->evidence / $evidence, 1e-6);
            foreach ($posteriors as $cause => $probability) {
                self::assertEqualsWithDelta($probability, $solved->causes[$cause], 1e-6);
            }
        }
    }

    public function testTellsHowFarASignMayHaveComeByItself(): void
    {
        // One cause of 10 %, strength 0.45, leak 0.02, worked by hand: P(sign) = 1 − 0.98 · 0.955, by itself 0.02 · 0.955 of it.
        $solved = ExactElimination::solve(new Network([0.1], [['leak' => 0.02, 'strengths' => [0 => 0.45]]], []));

        self::assertEqualsWithDelta((0.02 * 0.955) / (1 - 0.98 * 0.955), $solved->byItself[0], 1e-12);
    }

    public function testTheOrderOfSignsDoesNotMatter(): void
    {
        $network = Networks::random(7, 20, 9, 2);
        $turned = new Network($network->priors, array_reverse($network->positive), array_reverse($network->negative));

        self::assertEqualsWithDelta(ExactElimination::solve($network)->causes, ExactElimination::solve($turned)->causes, 1e-9);
    }

    public function testMoreSignsThanCanBeWeighedExactlyAreRefusedByName(): void
    {
        $this->expectException(TooManySigns::class);

        ExactElimination::solve(Networks::random(1, 5, 13, 0));
    }
}
