<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/** How one fact of the record moves one cause: a likelihood ratio from a curve or per choice. */
final readonly class EvidenceRule
{
    private const COMMONEST = 'green_sand';

    /**
     * @param list<array{float, float}>|null $curve value in $unit → ratio, straight in the logarithm between points, level beyond
     * @param array<string, float>|null $map choice → ratio
     * @param list<string>|null $processes of the mould for which it is so; null for all
     * @param list<string>|null $families of the metal for which it is so; null for all
     * @param string $source where its band comes from: published, common practice, derived or recalled from memory
     */
    public function __construct(
        public string $cause,
        public string $fact,
        public string $unit,
        public ?array $curve,
        public ?array $map,
        public string $raised,
        public string $lowered,
        public ?array $processes = null,
        public ?array $families = null,
        public string $source = 'common practice',
    ) {
    }

    /** Where the mould is not told, what holds for the commonest of them speaks; a curve of a rarer one says nothing. */
    public function speaksOf(?string $process, ?string $family): bool
    {
        return (null === $this->processes || in_array($process ?? self::COMMONEST, $this->processes, true))
            && (null === $this->families || in_array($family, $this->families, true));
    }

    /** Likelihood ratio for a fact, or null where the rule has nothing to say. */
    public function ratio(Fact $fact): ?float
    {
        if (null !== $this->map) {
            return [] === $fact->shares ? $this->map[$fact->choice ?? ''] ?? null : $this->mixed($this->map, $fact->shares);
        }
        if (null === $this->curve || null === $fact->number) {
            return null;
        }

        return $this->interpolate($this->curve, $fact->number);
    }

    /**
     * Of several parts each speaks by its share; one that says nothing counts as 1.
     *
     * @param array<string, float> $map
     * @param array<string, float> $shares
     */
    private function mixed(array $map, array $shares): float
    {
        $ratio = 0.0;
        foreach ($shares as $choice => $share) {
            $ratio += $share * ($map[$choice] ?? 1.0);
        }

        return $ratio;
    }

    /** Half of how far its answers lie apart, as logarithm of the ratio; a choice that says nothing lies at 0. */
    public function spread(): float
    {
        $ratios = array_map(log(...), array_values($this->map ?? array_column($this->curve ?? [], 1)));
        if (null !== $this->map) {
            $ratios[] = 0.0;
        }

        return [] === $ratios ? 0.0 : (max($ratios) - min($ratios)) / 2;
    }

    /** @param list<array{float, float}> $curve */
    private function interpolate(array $curve, float $x): float
    {
        $last = count($curve) - 1;
        if ($x <= $curve[0][0]) {
            return $curve[0][1];
        }
        if ($x >= $curve[$last][0]) {
            return $curve[$last][1];
        }
        $i = 1;
        while ($curve[$i][0] < $x) {
            ++$i;
        }
        [$x0, $y0] = $curve[$i - 1];
        [$x1, $y1] = $curve[$i];

        return exp(log($y0) + (log($y1) - log($y0)) * ($x - $x0) / ($x1 - $x0));
    }
}
