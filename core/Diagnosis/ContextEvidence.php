<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Attempt\Finding;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Process\MouldProcess;

/**
 * What is known of a cause before its signs are weighed: base rate, the caster's own history, the record. And what the details of a finding
 * say of it: these do not make a cause likelier by themselves, they say how well it fits what was found beside its rivals.
 */
final readonly class ContextEvidence
{
    /** Strength of the base rate in pours, and the most a history may claim [common practice, handbook section 17]. */
    private const PRIOR_WEIGHT = 10;
    private const HISTORY_CAP = 0.6;
    /** Ratios this near 1 are not worth a line in the ledger. */
    private const SILENT = 0.05;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @return list<Contribution> their log-odds add up to the odds of the cause before the signs
     */
    public function of(Cause $cause, FactSheet $facts, History $history): array
    {
        $share = self::commonness($cause, $facts);
        $prior = $cause->prior * $share;
        $known = "{$cause->label} is at work in about ".self::percent($prior);
        $contributions = [
            new Contribution(
                'prior',
                self::logit($prior),
                $share < 1.0
                    ? "{$known} of pours: the mould or metal it belongs to is not told."
                    : "{$known} of pours of this kind.",
            ),
        ];
        $own = $this->history($cause, $history);
        if (null !== $own) {
            $contributions[] = $own;
        }

        return [...$contributions, ...$this->record($cause, $facts)];
    }

    /**
     * Where mould or metal are not told, a cause that belongs to some of them weighs by how common those are. Shares of hobby pours: the
     * founders' estimates, in the rows of processes and families.
     */
    private static function commonness(Cause $cause, FactSheet $facts): float
    {
        $share = 1.0;
        if (null !== $cause->processes && null === $facts->process()) {
            $share *= array_sum(array_map(
                static fn (MouldProcess $process): float => in_array($process->code, $cause->processes, true) ? $process->common : 0.0,
                MouldProcess::all(),
            ));
        }
        if (null !== $cause->families && null === $facts->family()) {
            $share *= array_sum(array_map(
                static fn (MetalFamily $family): float => in_array($family->code, $cause->families, true) ? $family->common : 0.0,
                MetalFamily::all(),
            ));
        }

        return min(1.0, $share);
    }

    /** Beta-binomial shift: (p · 10 + confirmed) / (10 + attempts), at most 0.6. Source: handbook of the job, common practice. */
    public static function shiftedPrior(float $prior, int $confirmed, int $attempts): float
    {
        return min(self::HISTORY_CAP, ($prior * self::PRIOR_WEIGHT + $confirmed) / (self::PRIOR_WEIGHT + $attempts));
    }

    /** Natural logarithm of the odds; the probability lies within 0 and 1, both left out. Source: mathematics. */
    public static function logit(float $probability): float
    {
        $p = max(1e-12, min(1 - 1e-12, $probability));

        return log($p / (1 - $p));
    }

    /** A probability of 0…1 in the words of a working, as a percentage. */
    public static function percent(float $probability): string
    {
        return match (true) {
            $probability < 0.01 => 'less than 1 %',
            $probability > 0.99 => 'more than 99 %',
            default => round($probability * 100).' %',
        };
    }

    private function history(Cause $cause, History $history): ?Contribution
    {
        if (0 === $history->attempts) {
            return null;
        }
        $confirmed = $history->confirmed[$cause->code] ?? 0;
        $shift = self::logit(self::shiftedPrior($cause->prior, $confirmed, $history->attempts)) - self::logit($cause->prior);
        if (abs($shift) < self::SILENT) {
            return null;
        }

        return new Contribution(
            'history',
            $shift,
            0 === $confirmed
                ? "Never confirmed in {$history->attempts} other attempts of yours."
                : "You confirmed it in {$confirmed} of {$history->attempts} other attempts.",
        );
    }

    /** @return list<Contribution> the strongest per measurement */
    private function record(Cause $cause, FactSheet $facts): array
    {
        $strongest = [];
        foreach ($this->catalogue->evidence[$cause->code] ?? [] as $rule) {
            $fact = $facts->fact($rule->fact);
            $ratio = null === $fact || !$rule->speaksOf($facts->process(), $facts->family()) ? null : $rule->ratio($fact);
            if (null === $fact || null === $ratio || abs(log($ratio)) < self::SILENT) {
                continue;
            }
            $basis = $this->catalogue->basisOf($rule->fact);
            $words = $ratio > 1 ? $rule->raised : $rule->lowered;
            $words = '' === $words ? $rule->raised.$rule->lowered : $words;
            if (!isset($strongest[$basis]) || abs(log($ratio)) > abs($strongest[$basis]->logOdds)) {
                $strongest[$basis] = new Contribution('record', log($ratio), self::fill($words, $fact), $fact->fields, null, $rule->fact);
            }
        }

        return array_values($strongest);
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<Contribution> of each kind of finding the strongest place, look and time; log of how much likelier so than otherwise
     */
    public function details(Cause $cause, array $findings): array
    {
        $strongest = [];
        foreach ($this->catalogue->refinements[$cause->code] ?? [] as $rule) {
            foreach ($findings as $finding) {
                $slot = "{$finding->kind}/{$rule->kind}";
                if (
                    isset($this->catalogue->signs[$cause->code][$finding->kind])
                    && $rule->matches($finding)
                    && (!isset($strongest[$slot]) || abs(log($rule->ratio)) > abs($strongest[$slot]->logOdds))
                ) {
                    $strongest[$slot] = new Contribution('detail', log($rule->ratio), $rule->words, [], $finding->kind);
                }
            }
        }

        return array_values($strongest);
    }

    private static function fill(string $words, Fact $fact): string
    {
        $replace = [];
        foreach ($fact->words as $name => $text) {
            $replace['{'.$name.'}'] = $text;
        }

        return strtr($words, $replace);
    }
}
