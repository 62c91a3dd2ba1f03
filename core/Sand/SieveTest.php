<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Mass;

/**
 * What stayed on each sieve: grain fineness number and how the grains are spread.
 *
 * GFN = Σ(retained share × multiplier) / Σ retained share, with the multipliers of the AFS (AFS Mold & Core Test Handbook, recalled from
 * memory). Two sands of one number can be spread quite differently: a sand mostly on one or two sieves expands all at once and veins and
 * scabs more readily than one on three or four; fines close its pores (common practice).
 */
final readonly class SieveTest
{
    /** A sieve that holds so much counts as one the sand is made of; common practice. */
    private const MAIN = 0.10;
    /** What goes through 140 closes the pores; common practice. */
    private const FINE_BELOW_MM = 0.1;

    /**
     * @param array<string, float> $shares sieve → share of all that was weighed, coarse first, every sieve of the series
     * @param float $fineness 3…300
     */
    private function __construct(public array $shares, public float $fineness)
    {
    }

    /**
     * @param array<string, Mass> $retained sieve → what stayed on it
     *
     * @throws ImpossibleTest when nothing was weighed
     */
    public static function of(array $retained): self
    {
        $total = array_sum(array_map(static fn (Mass $mass): float => $mass->si(), $retained));
        if ($total <= 0.0) {
            throw ImpossibleTest::nothingSieved('sieves');
        }
        $shares = [];
        $number = 0.0;
        foreach (Sieve::all() as $mesh => $sieve) {
            $shares[(string) $mesh] = (($retained[(string) $mesh] ?? null)?->si() ?? 0.0) / $total;
            $number += $shares[(string) $mesh] * $sieve->multiplier;
        }

        return new self($shares, $number);
    }

    /** @return list<string> sieves that hold a tenth or more */
    public function main(): array
    {
        return array_map(strval(...), array_keys(array_filter($this->shares, static fn (float $share): bool => $share >= self::MAIN)));
    }

    /** Share of the grains below 0.1 mm, 0…1. */
    public function fines(): float
    {
        $fines = 0.0;
        foreach (Sieve::all() as $mesh => $sieve) {
            $fines += $sieve->openingMm < self::FINE_BELOW_MM ? $this->shares[(string) $mesh] : 0.0;
        }

        return $fines;
    }

    /** One sentence on the spread. */
    public function words(): string
    {
        $main = $this->main();
        $fines = $this->fines() > 0.05 ? ' Fines of '.round(100 * $this->fines()).' % close its pores.' : '';

        return match (true) {
            count($main) <= 2 => 'Nearly all of it lies on '.(1 === count($main) ? 'one sieve' : 'two sieves').
                ': such a sand expands all at once and veins and scabs more readily. Blend in another.'.$fines,
            count($main) >= 5 => 'It is spread over '.count($main).' sieves: small grains fill the gaps of large ones and it breathes less.'
                .$fines,
            default => 'It is spread over '.count($main).' sieves, as a moulding sand should be.'.$fines,
        };
    }
}
