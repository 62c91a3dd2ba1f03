<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Core\Diagnosis;

use MoltenNotes\Core\Diagnosis\BlockApproximation;
use MoltenNotes\Tests\Support\Networks;
use PHPUnit\Framework\TestCase;

/** The error that the diagnosis states for more than twelve signs must be true. */
final class BlockApproximationTest extends TestCase
{
    public function testStaysWithinTheErrorItStates(): void
    {
        $errors = [0.0];
        for ($seed = 1; $seed <= 24; ++$seed) {
            // Thirteen to fifteen causes: enumeration is still possible, as the second way.
            $network = Networks::random($seed, 13, 13 + $seed % 3, 2);
            [, $exact] = Networks::bruteForce($network);
            $solved = BlockApproximation::solve($network);
            self::assertFalse($solved->exact);
            foreach ($exact as $cause => $probability) {
                $errors[] = abs($probability - $solved->causes[$cause]);
            }
        }

        self::assertLessThan(0.01, array_sum($errors) / count($errors), 'mean error');
        self::assertLessThan(0.15, max($errors), 'worst error');
    }

    public function testTwentyFiveSignsStillHaveProbabilities(): void
    {
        $solved = BlockApproximation::solve(Networks::random(5, 50, 25, 5));

        self::assertCount(50, $solved->causes);
        foreach ($solved->causes as $probability) {
            self::assertGreaterThanOrEqual(0.0, $probability);
            self::assertLessThanOrEqual(1.0, $probability);
        }
    }
}
