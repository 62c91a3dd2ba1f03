<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/**
 * How good the diagnosis is over cases of which the truth is known. Shares are 0…1.
 *
 * A hit is the truth, or a cause that nobody could have told from it by the record. The Brier score is the mean square of what was said of
 * each cause less what was so (G. W. Brier 1950, published). Calibration: of what was said between two bounds, how much was so.
 */
final readonly class Judge
{
    /** From this on somebody acts upon a cause. Common practice. */
    public const BLAMED = 0.3;
    private const BINS = [0.0, 0.1, 0.3, 0.5, 0.7, 0.9, 1.0];

    /**
     * @param list<array{name: string, truth: string|null, first: string, hit_at: int|null, said: float, innocents: list<string>,
     *     near_missed: list<string>, shouted: list<string>}> $cases
     * @param list<array{from: float, to: float, said: float, true: float, count: int}> $calibration
     */
    private function __construct(public array $cases, public float $brier, public array $calibration)
    {
    }

    /** @param list<KnownCase> $cases */
    public static function of(array $cases, Diagnose $diagnose): self
    {
        $judged = [];
        $square = 0.0;
        $said = 0;
        $bins = array_fill(0, count(self::BINS) - 1, [0.0, 0, 0]);
        foreach ($cases as $case) {
            $diagnosis = $diagnose->attempt($case->record);
            $judged[] = self::one($case, $diagnosis);
            foreach (null === $case->truth ? [] : $diagnosis->ranked as $ranked) {
                $is = $case->isTrue($ranked->cause->code);
                $square += ($ranked->probability - ($is ? 1 : 0)) ** 2;
                ++$said;
                $bin = 0;
                while ($bin < count($bins) - 1 && $ranked->probability >= self::BINS[$bin + 1]) {
                    ++$bin;
                }
                $bins[$bin] = [$bins[$bin][0] + $ranked->probability, $bins[$bin][1] + ($is ? 1 : 0), $bins[$bin][2] + 1];
            }
        }
        $table = [];
        foreach ($bins as $i => [$sum, $true, $count]) {
            $table[] = [
                'from' => self::BINS[$i],
                'to' => self::BINS[$i + 1],
                'said' => $count > 0 ? $sum / $count : 0.0,
                'true' => $count > 0 ? $true / $count : 0.0,
                'count' => $count,
            ];
        }

        return new self($judged, $said > 0 ? $square / $said : 0.0, $table);
    }

    /** Share of the cases with a truth whose truth stands among the first so many. */
    public function hits(int $among): float
    {
        $with = array_filter($this->cases, static fn (array $case): bool => null !== $case['truth']);

        return self::share($with, static fn (array $case): bool => null !== $case['hit_at'] && $case['hit_at'] <= $among);
    }

    /** Share of the cases with a truth in which a cause is blamed that should be cleared. */
    public function innocents(): float
    {
        $with = array_filter($this->cases, static fn (array $case): bool => null !== $case['truth']);

        return self::share($with, static fn (array $case): bool => [] !== $case['innocents']);
    }

    /** Share of the near misses that are told. */
    public function nearMisses(int $expected): float
    {
        $missed = array_sum(array_map(static fn (array $case): int => count($case['near_missed']), $this->cases));

        return $expected > 0 ? 1 - $missed / $expected : 1.0;
    }

    /** Share of the good castings of which something is said that was not so. */
    public function shouting(): float
    {
        $good = array_filter($this->cases, static fn (array $case): bool => null === $case['truth']);

        return self::share($good, static fn (array $case): bool => [] !== $case['shouted']);
    }

    /**
     * @return array{name: string, truth: string|null, first: string, hit_at: int|null, said: float, innocents: list<string>,
     *     near_missed: list<string>, shouted: list<string>}
     */
    private static function one(KnownCase $case, Diagnosis $diagnosis): array
    {
        $ranked = null === $case->truth ? [] : $diagnosis->ranked;
        $hit = null;
        $innocents = [];
        foreach ($ranked as $place => $cause) {
            if ($case->isTrue($cause->cause->code)) {
                $hit ??= $place + 1;
            } elseif ($cause->probability >= self::BLAMED && in_array($cause->cause->code, $case->clear, true)) {
                $innocents[] = $cause->cause->code;
            }
        }
        $near = array_map(static fn (RankedCause $cause): string => $cause->cause->code, $diagnosis->nearMisses());

        return [
            'name' => $case->name,
            'truth' => $case->truth,
            'first' => ($ranked[0] ?? null)?->cause->code ?? '',
            'hit_at' => $hit,
            'said' => $diagnosis->odds[$case->truth ?? ''] ?? 0.0,
            'innocents' => $innocents,
            'near_missed' => array_values(array_diff($case->near, $near)),
            'shouted' => null === $case->truth ? array_values(array_diff($near, $case->near)) : [],
        ];
    }

    /**
     * @param array<array{hit_at: int|null, innocents: list<string>, shouted: list<string>}> $cases
     * @param \Closure(array{hit_at: int|null, innocents: list<string>, shouted: list<string>}): bool $is
     */
    private static function share(array $cases, \Closure $is): float
    {
        return [] === $cases ? 1.0 : count(array_filter($cases, $is)) / count($cases);
    }
}
