<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

use MoltenNotes\Core\Quantity\Estimate;

/**
 * A caster's own factor on flow lengths, learnt from what filled and what misran.
 *
 * f = e^μ multiplies L_f; prior μ normal(0, 0.336), that is ± 40 %. A pour of predicted ratio r adds the likelihood Φ((ln r + μ)/0.25) if
 * it
 * filled and Φ(−(ln r + μ)/0.25) if it misran; mean and deviation over a grid μ = −1.5…1.5. Derived.
 */
final readonly class Calibration
{
    private const PRIOR_DEVIATION = 0.336;
    private const OUTCOME_DEVIATION = 0.25;
    private const GRID_STEP = 0.01;

    private function __construct(public float $mean, public float $deviation, public int $pours)
    {
    }

    /** No pours to learn from: nothing is corrected, and the spread is that of before. */
    public static function none(): self
    {
        return new self(0.0, self::PRIOR_DEVIATION, 0);
    }

    /** @param list<array{ratio: float, filled: bool}> $pours ratios as predicted without any factor, above zero */
    public static function from(array $pours): self
    {
        $weight = $sum = $squares = 0.0;
        for ($i = -150; $i <= 150; ++$i) {
            $mu = $i * self::GRID_STEP;
            $log = -0.5 * ($mu / self::PRIOR_DEVIATION) ** 2;
            foreach ($pours as $pour) {
                $z = (log($pour['ratio']) + $mu) / self::OUTCOME_DEVIATION;
                $log += log(max(1e-300, self::normal($pour['filled'] ? $z : -$z)));
            }
            $w = exp($log);
            $weight += $w;
            $sum += $w * $mu;
            $squares += $w * $mu ** 2;
        }
        $mean = $weight > 0 ? $sum / $weight : 0.0;

        return new self($mean, sqrt(max(0.0, $weight > 0 ? $squares / $weight - $mean ** 2 : self::PRIOR_DEVIATION ** 2)), count($pours));
    }

    /** The factor with one deviation either way. */
    public function factor(): Estimate
    {
        return Estimate::ratio(exp($this->mean), exp($this->mean - $this->deviation), exp($this->mean + $this->deviation));
    }

    /**
     * Φ(z). W. J. Cody's rational form is overkill for a likelihood; this is Abramowitz & Stegun 7.1.26, good to 1.5·10⁻⁷ (recalled from
     * memory).
     */
    private static function normal(float $z): float
    {
        $x = abs($z) / \M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $erfc = ((((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592) * $t * exp(-$x * $x);

        return $z >= 0 ? 1 - $erfc / 2 : $erfc / 2;
    }
}
