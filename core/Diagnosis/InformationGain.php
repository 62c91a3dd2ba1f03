<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/**
 * Expected information gain of a check: ΣH(c) − Σ over answers P(answer) · ΣH(c | answer), H in bits.
 *
 * Weighed exactly while at most seven signs are positive. Beyond that only the seven signs closest to the leading causes are weighed
 * jointly with the check; the rest act through the odds they left (as in BlockApproximation), which may misjudge a gain by a few
 * hundredths of a bit.
 * Source: C. Shannon 1948; the formula is the handbook's.
 */
final class InformationGain
{
    private const JOINT_SIGNS = 7;

    private readonly Network $joint;

    /** @var array<int, float> */
    private readonly array $now;

    private readonly float $evidence;

    public function __construct(Network $network, Posterior $posterior)
    {
        if (count($network->positive) <= self::JOINT_SIGNS) {
            $this->joint = $network;
            $solved = ExactElimination::solve($network);
        } else {
            [$this->joint, $solved] = self::reduce($network, $posterior);
        }
        $this->now = $solved->causes;
        $this->evidence = $solved->evidence;
    }

    /**
     * @param array{leak: float, strengths: array<int, float>} $sign
     *
     * @return array{gain: float, chance: float, yes: array<int, float>, no: array<int, float>}
     */
    public function of(array $sign): array
    {
        $without = ExactElimination::solve($this->joint->withNegative($sign));
        $no = $this->evidence > 0 ? min(1.0, $without->evidence / $this->evidence) : 1.0;
        $yes = 1 - $no;
        $ifYes = [];
        foreach ($this->now as $cause => $probability) {
            $ifYes[$cause] = $yes > 1e-12 ? max(0.0, min(1.0, ($probability - $without->causes[$cause] * $no) / $yes)) : $probability;
        }
        $gain = self::entropy($this->now) - $no * self::entropy($without->causes) - $yes * self::entropy($ifYes);

        return ['gain' => max(0.0, $gain), 'chance' => $yes, 'yes' => $ifYes, 'no' => $without->causes];
    }

    /** @param array<int, float> $probabilities */
    public static function entropy(array $probabilities): float
    {
        $bits = 0.0;
        foreach ($probabilities as $p) {
            if ($p > 0 && $p < 1) {
                $bits -= $p * log($p, 2) + (1 - $p) * log(1 - $p, 2);
            }
        }

        return $bits;
    }

    /** @return array{Network, Posterior} */
    private static function reduce(Network $network, Posterior $posterior): array
    {
        $closeness = [];
        foreach ($network->positive as $index => $sign) {
            $closeness[$index] = 0.0;
            foreach ($sign['strengths'] as $cause => $strength) {
                $p = $posterior->causes[$cause];
                $closeness[$index] += $strength * $p * (1 - $p);
            }
        }
        arsort($closeness);
        $which = array_slice(array_keys($closeness), 0, self::JOINT_SIGNS);
        $alone = ExactElimination::solve($network->block($network->priors, $which));
        $priors = [];
        foreach ($network->priors as $cause => $prior) {
            // What the left-out signs say, as a factor on the odds: the joint block then lands near the full posterior.
            $shift = ContextEvidence::logit($posterior->causes[$cause]) - ContextEvidence::logit($alone->causes[$cause]);
            $priors[] = 1 / (1 + exp(-ContextEvidence::logit($prior) - $shift));
        }
        $joint = $network->block($priors, $which);

        return [$joint, ExactElimination::solve($joint)];
    }
}
