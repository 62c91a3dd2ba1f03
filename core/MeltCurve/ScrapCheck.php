<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Quantity\Ratio;
use MoltenNotes\Core\Quantity\TemperatureDifference;

/**
 * Which alloys of the table stand still where this metal did. Each is weighed by a normal distribution of both arrests: what reading the
 * curve leaves open, what grades of one name differ by, and the probe's own error, which moves both arrests alike and so leaves their
 * distance as it is. Derived (Bayes' rule over the table with equal odds beforehand).
 */
final readonly class ScrapCheck
{
    /** Limits of error of a probe: 2.2 K or 0.75 % of the Celsius reading, taken as two standard deviations. IEC 60584, type K class 2. */
    private const PROBE_K = 2.2;
    private const PROBE_SHARE = 0.0075;
    /** Named when it carries so much of the odds; told beside it when it carries so much. */
    private const NAMED = 0.8;
    private const TOLD = 0.04;
    /** What three parts in a thousand of curves of the right alloy go beyond: chi-squared of one and of two. Standard tables. */
    private const BEYOND = [1 => 9.0, 2 => 11.8];
    /** How likely a metal with a lower arrest hides it from a curve that was followed to its end, or one without shows something there. */
    private const HIDDEN = 0.05;

    /**
     * @param list<FittingAlloy> $alloys likeliest first; those that may be told
     * @param 'named'|'cannot_tell'|'none' $verdict
     */
    private function __construct(public array $alloys, public string $verdict, public string $words)
    {
    }

    /** @param TemperatureDifference|null $probe its limits of error where it was checked; null as usual for such a probe */
    public static function of(FoundArrests $found, ?TemperatureDifference $probe = null): self
    {
        $probeWithin = ($probe?->si() ?? max(self::PROBE_K, self::PROBE_SHARE * $found->upper->celsius())) / 2;
        $weighed = [];
        $all = 0.0;
        foreach (KnownArrests::all() as $code => $known) {
            [$square, $freedom, $likelihood] = self::weigh($found, $known, $probeWithin);
            $all += $likelihood;
            $weighed[$code] = [$known, $likelihood, $square <= self::BEYOND[$freedom]];
        }
        uasort($weighed, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $alloys = [];
        foreach ($weighed as [$known, $likelihood, $fits]) {
            $share = $all > 0.0 ? $likelihood / $all : 0.0;
            if (count($alloys) < 5 && $share >= self::TOLD) {
                $expected = self::expected($found, $known);
                $alloys[] = new FittingAlloy(
                    $known->alloy,
                    Ratio::fromSi($share),
                    TemperatureDifference::fromSi($found->upper->si() - $expected),
                    null === $found->lower || null === $known->lower || !$known->showsTwo()
                        ? null
                        : $found->lower->minus($known->lower),
                    $fits,
                );
            }
        }
        $fitting = array_values(array_filter($alloys, static fn (FittingAlloy $alloy): bool => $alloy->fits));
        if ([] === $fitting) {
            return new self($alloys, 'none', 'No alloy of the table stands still there.');
        }
        if ($fitting[0] === $alloys[0] && $fitting[0]->share->si() >= self::NAMED) {
            return new self($alloys, 'named', "It stands still as {$fitting[0]->alloy->name} does.");
        }

        return new self($alloys, 'cannot_tell', self::apart($fitting));
    }

    /** Whether this alloy, as somebody wrote it down, is ruled out by where the metal stood still; null where that cannot be told. */
    public function contradicts(string $code): ?bool
    {
        $written = AlloyTable::find($code);
        if (null === $written || 'none' === $this->verdict) {
            return null;
        }
        $same = static fn (FittingAlloy $alloy): bool => $alloy->alloy->code === $code
            || ($written->isGradeUnknown() && $alloy->alloy->family === $written->family);
        foreach ($this->alloys as $alloy) {
            if ($same($alloy)) {
                return false;
            }
        }

        return null !== KnownArrests::find($code) || $written->isGradeUnknown() ? true : null;
    }

    /** @return array{float, int, float} square of the distance in standard deviations, of how many arrests, likelihood */
    private static function weigh(FoundArrests $found, KnownArrests $known, float $probe): array
    {
        $own = $known->within->si() ** 2;
        $wide = $known->showsTwo() || null === $known->lower ? 0.0 : ($known->upper->minus($known->lower)->si() / 4) ** 2;
        $upper = $found->upper->si() - self::expected($found, $known);
        $upperVar = $found->upperWithin->si() ** 2 + $own + $wide + $probe ** 2;
        if (null === $found->lower || null === $known->lower || !$known->showsTwo()) {
            $square = $upper ** 2 / $upperVar;
            $odds = match (true) {
                null === $found->lower && $known->showsTwo() && $found->ends => self::HIDDEN,
                null === $found->lower => 1.0,
                // Solid solutions end somewhere above their solidus, and that may look like standing still.
                null === $known->lower && $known->alloy->freezingRange()->si() > 0.0 => self::endsThere($found, $known),
                default => self::HIDDEN ** 2,
            };
            // A second arrest anywhere in a range of a hundred kelvin would be as likely: the densities stay comparable.
            $unseen = null === $found->lower ? 1.0 : 0.01;

            $odds *= null === $found->lower ? self::over($found, $known) : 1.0;

            return [$square, 1, ($odds * $unseen * exp(-$square / 2)) / sqrt(2 * \M_PI * $upperVar)];
        }
        $lower = $found->lower->minus($known->lower)->si();
        $lowerVar = $found->lowerWithin->si() ** 2 + $own + $probe ** 2;
        // The probe's error moves both.
        $shared = $probe ** 2;
        $determinant = $upperVar * $lowerVar - $shared ** 2;
        $square = ($upper ** 2 * $lowerVar - 2 * $upper * $lower * $shared + $lower ** 2 * $upperVar) / $determinant;

        return [$square, 2, exp(-$square / 2) / (2 * \M_PI * sqrt($determinant))];
    }

    /** Where the first arrest of such a metal is seen: where both lie too near, at the one that gives off most of the heat. */
    private static function expected(FoundArrests $found, KnownArrests $known): float
    {
        return null === $known->lower || $known->showsTwo() || null !== $found->lower
            ? $known->upper->si()
            : $known->upper->si() + $known->lowerShare->si() * ($known->lower->si() - $known->upper->si());
    }

    /** How well the end of freezing agrees, which is seen only roughly: 1 at its best. Founders' estimate, tried on simulated curves. */
    private static function over(FoundArrests $found, KnownArrests $known): float
    {
        if (null === $found->endsAt || $known->showsTwo()) {
            return 1.0;
        }
        $end = $known->lower ?? $known->alloy->solidus;
        $within = 6 + 0.3 * $known->upper->minus($end)->si();

        return exp(-(($found->endsAt->minus($end)->si() / $within) ** 2) / 2);
    }

    private static function endsThere(FoundArrests $found, KnownArrests $known): float
    {
        $lower = $found->lower?->si() ?? 0.0;

        return $lower > $known->alloy->solidus->si() - 15 && $lower < $known->upper->si() ? 0.5 : self::HIDDEN ** 2;
    }

    /** @param non-empty-list<FittingAlloy> $fitting */
    private static function apart(array $fitting): string
    {
        $names = array_map(static fn (FittingAlloy $alloy): string => $alloy->alloy->name, $fitting);
        if (1 === count($names)) {
            return "It may be {$names[0]}, but other alloys are nearly as likely: it cannot tell.";
        }
        $words = 'It cannot tell '.implode(', ', array_slice($names, 0, -1)).' and '.$names[count($names) - 1].' apart.';
        $weights = array_map(static fn (FittingAlloy $alloy): float => $alloy->alloy->densitySolid->si(), $fitting);
        $differ = (max($weights) - min($weights)) / min($weights);
        $families = array_unique(array_map(static fn (FittingAlloy $alloy): string => $alloy->alloy->family, $fitting));
        if ($differ >= 0.02) {
            $words .= ' Weigh a piece in water: they differ by '.round(100 * $differ).' % in weight for their size.';
        }

        return count($families) > 1 ? $words.' Their colour tells them apart as well.' : $words;
    }
}
