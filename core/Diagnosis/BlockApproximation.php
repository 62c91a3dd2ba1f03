<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/**
 * Posteriors for more positive signs than exact elimination can weigh in good time.
 *
 * The signs are parted into blocks that share causes. Each block is solved exactly under priors that already carry what the other
 * blocks say (expectation propagation with one odds factor per cause and block; T. Minka 2001, recalled from memory). Blocks are visited
 * until nothing moves. Against exact answers on 300 random networks of 13 to 15 signs the error of a posterior stayed below the bounds that
 * tests/Core/Diagnosis/BlockApproximationTest states: 0.01 on average, 0.15 at worst.
 */
final class BlockApproximation
{
    private const BLOCK_SIZE = 9;
    private const MOST_SWEEPS = 15;
    private const SETTLED_LOG_ODDS = 1e-4;

    /**
     * Probabilities 0…1 of each cause, near enough where the exact way would take too long. Source: derived; checked against the exact
     * one.
     */
    public static function solve(Network $network): Posterior
    {
        $priors = self::absorbNegatives($network);
        $base = array_map(ContextEvidence::logit(...), $priors);
        $blocks = self::blocks($network);
        $messages = array_map(static fn (): array => array_fill(0, count($base), 0.0), $blocks);
        $evidence = 1.0;
        $byItself = [];
        for ($sweep = 0; $sweep < self::MOST_SWEEPS; ++$sweep) {
            $moved = 0.0;
            $evidence = 1.0;
            foreach ($blocks as $index => $which) {
                $cavity = self::cavity($base, $messages, $index);
                $solved = ExactElimination::solve($network->block(array_map(self::sigmoid(...), $cavity), $which));
                $evidence *= $solved->evidence;
                foreach ($which as $position => $sign) {
                    $byItself[$sign] = $solved->byItself[$position];
                }
                foreach ($solved->causes as $cause => $probability) {
                    $message = ContextEvidence::logit($probability) - $cavity[$cause];
                    $moved = max($moved, abs($message - $messages[$index][$cause]));
                    $messages[$index][$cause] = $message;
                }
            }
            if ($moved < self::SETTLED_LOG_ODDS) {
                break;
            }
        }

        return new Posterior(array_map(self::sigmoid(...), self::cavity($base, $messages, null)), $evidence, false, $byItself);
    }

    /** @return array<int, float> */
    private static function absorbNegatives(Network $network): array
    {
        return ExactElimination::solve(new Network($network->priors, [], $network->negative))->causes;
    }

    /**
     * @param array<int, float> $base
     * @param array<int, array<int, float>> $messages
     *
     * @return array<int, float> log-odds with all messages but one block's own
     */
    private static function cavity(array $base, array $messages, ?int $without): array
    {
        foreach ($messages as $index => $message) {
            if ($index === $without) {
                continue;
            }
            foreach ($message as $cause => $logOdds) {
                $base[$cause] += $logOdds;
            }
        }

        return $base;
    }

    /**
     * Signs that share strong causes belong together: what is weighed jointly is weighed exactly.
     *
     * @return list<list<int>>
     */
    private static function blocks(Network $network): array
    {
        $left = array_keys($network->positive);
        $blocks = [];
        while ([] !== $left) {
            $block = [array_shift($left)];
            while (count($block) < self::BLOCK_SIZE && [] !== $left) {
                $best = 0;
                $bestKinship = -1.0;
                foreach ($left as $position => $candidate) {
                    $kinship = self::kinship($network, $block, $candidate);
                    if ($kinship > $bestKinship) {
                        [$best, $bestKinship] = [$position, $kinship];
                    }
                }
                $block[] = $left[$best];
                array_splice($left, $best, 1);
            }
            $blocks[] = $block;
        }

        return $blocks;
    }

    /** @param list<int> $block */
    private static function kinship(Network $network, array $block, int $candidate): float
    {
        $sum = 0.0;
        foreach ($block as $member) {
            foreach ($network->positive[$member]['strengths'] as $cause => $strength) {
                $sum += $network->priors[$cause] * $strength * ($network->positive[$candidate]['strengths'][$cause] ?? 0.0);
            }
        }

        return $sum;
    }

    private static function sigmoid(float $logOdds): float
    {
        return 1 / (1 + exp(-$logOdds));
    }
}
