<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

/**
 * A linear programme: least c·x with low ≤ A x ≤ high, lower ≤ x ≤ upper; where asked, some of x in whole pieces.
 *
 * Each row has a slack between 0 and high − low. Solved by SimplexTableau; whole pieces by branch and bound over it (A. H. Land,
 * A. G. Doig 1960, recalled from memory). Cost: rows × columns a step; meant for tens of each.
 */
final readonly class LinearProgramme
{
    private const WHOLE = 1e-6;

    /**
     * @param list<float> $cost by column; 0 or more where the column has no upper end
     * @param list<array{list<float>, float, float}> $rows coefficients, low (−INF: none), high (INF: none); not both without
     * @param list<float> $lower finite
     * @param list<float> $upper INF where there is none
     */
    public function __construct(private array $cost, private array $rows, private array $lower, private array $upper)
    {
    }

    /**
     * @return list<float>|null the least-cost x, or null when nothing satisfies the rows
     *
     * @throws UnsolvableMix when the cost has no lower end or the steps run out
     */
    public function least(): ?array
    {
        $tableau = $this->tableau();

        return null !== $tableau && $tableau->solve() ? $this->x($tableau) : null;
    }

    /**
     * The least-cost x where some columns come in whole pieces.
     *
     * Depth first, towards the nearer whole number; what cannot be cheaper than the best so far is left. After so many steps of the simplex
     * it ends with the best so far.
     *
     * @param array<int, float> $pieces column → size of a piece, above zero
     *
     * @return array{x: list<float>, proven: bool, atLeast: float}|null whether nothing is cheaper, and what nothing is cheaper than; null
     *                                                                  when nothing was found that satisfies the rows
     *
     * @throws UnsolvableMix when the cost has no lower end or the steps run out
     */
    public function wholePieces(array $pieces, int $mostSteps): ?array
    {
        $root = $this->tableau();
        if (null === $root) {
            return null;
        }
        foreach ($pieces as $j => $piece) {
            [$low, $high] = $root->boundsOf($j);
            $root->bound($j, $piece * ceil($low / $piece - self::WHOLE), $piece * floor($high / $piece + self::WHOLE));
        }
        if (!$root->solve()) {
            return null;
        }
        $best = null;
        $cheapest = \INF;
        $steps = 0;
        $atLeast = $root->value();
        /** @var list<SimplexTableau> $open */
        $open = [$root];
        while ([] !== $open && $steps < $mostSteps) {
            $node = array_pop($open);
            if ($node->value() >= $cheapest - 1e-9 * max(1.0, abs($cheapest))) {
                continue;
            }
            $branch = self::farthestFromWhole($node, $pieces);
            if (null === $branch) {
                [$best, $cheapest] = [$this->x($node), $node->value()];
                continue;
            }
            foreach (self::halves($node, $branch, $pieces[$branch]) as $half) {
                $before = $half->steps;
                if ($half->solve()) {
                    $open[] = $half;
                }
                $steps += 1 + $half->steps - $before;
            }
        }
        if (null === $best) {
            return null;
        }
        $bound = $cheapest;
        foreach ($open as $node) {
            $bound = min($bound, max($atLeast, $node->value()));
        }

        return ['x' => $best, 'proven' => [] === $open || $bound >= $cheapest * (1 - 1e-9), 'atLeast' => $bound];
    }

    /** Null where a bound runs backwards. */
    private function tableau(): ?SimplexTableau
    {
        $cost = $this->cost;
        $lower = $this->lower;
        $upper = $this->upper;
        $rows = $right = [];
        foreach ($this->rows as [$row, $low, $high]) {
            // a·x + s = high; without a high end a·x − s = low, written the other way round.
            $turned = !is_finite($high);
            $rows[] = $turned ? array_map(static fn (float $a): float => -$a, $row) : $row;
            $right[] = $turned ? -$low : $high;
            $cost[] = 0.0;
            $lower[] = 0.0;
            $upper[] = $turned ? \INF : $high - $low;
        }
        foreach ($lower as $j => $least) {
            if ($least > $upper[$j] + 1e-12) {
                return null;
            }
        }

        return new SimplexTableau($rows, $right, $lower, $upper, $cost);
    }

    /** @return list<float> */
    private function x(SimplexTableau $tableau): array
    {
        return array_map(
            fn (int $j): float => min(max($tableau->valueOf($j), $this->lower[$j]), $this->upper[$j]),
            array_keys($this->cost),
        );
    }

    /** @param array<int, float> $pieces */
    private static function farthestFromWhole(SimplexTableau $node, array $pieces): ?int
    {
        $branch = null;
        $farthest = self::WHOLE;
        foreach ($pieces as $j => $piece) {
            $count = $node->valueOf($j) / $piece;
            $off = abs($count - round($count));
            if ($off > $farthest) {
                [$branch, $farthest] = [$j, $off];
            }
        }

        return $branch;
    }

    /** @return list<SimplexTableau> the half to look at first stands last */
    private static function halves(SimplexTableau $node, int $j, float $piece): array
    {
        $count = $node->valueOf($j) / $piece;
        [$low, $high] = $node->boundsOf($j);
        $fewer = clone $node;
        $fewer->bound($j, $low, $piece * floor($count));
        $more = clone $node;
        $more->bound($j, $piece * ceil($count), $high);

        return $count - floor($count) < 0.5 ? [$more, $fewer] : [$fewer, $more];
    }
}
