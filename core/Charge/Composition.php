<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Grade;
use MoltenNotes\Core\Quantity\Estimate;

/**
 * What a metal is made of, each share with its spread. The base is whatever is left; an element that is not named is a trace.
 *
 * Shares of mass, 0…1. Source: derived, a mass balance; spreads as Knowledge has them.
 */
final readonly class Composition
{
    /** A metal is mostly this much of one element, else it has no base. */
    private const MOSTLY = 0.4;

    /** @param array<string, Estimate> $shares element → share of mass, without the base */
    public function __construct(public string $base, public array $shares)
    {
    }

    /**
     * What is typed of it stands before what its grade says; null where neither is known.
     *
     * @param array<string, float> $typed element → share
     */
    public static function told(array $typed, ?string $alloy, Knowledge $known): ?self
    {
        $grade = Grade::find($alloy);
        if (null === $grade && [] === $typed) {
            return null;
        }
        $shares = array_map($known->spread(...), $typed);
        foreach ($grade->windows ?? [] as $element => [$low, $high]) {
            $half = ($high - $low) / 2;
            $wide = $known->isOfGrade ? $half : 2 * $half;
            $shares[$element] ??= Estimate::ratio($low + $half, max(0.0, $low + $half - $wide), min(1.0, $low + $half + $wide));
        }
        $rest = 1 - array_sum($typed);
        $base = $grade->base ?? ([] === $typed || $rest > max($typed) ? '?' : (string) array_search(max($typed), $typed, true));
        unset($shares[$base]);

        return new self($base, $shares);
    }

    /** Of an element; the base by what the others leave; 0 where it is not named. */
    public function share(string $element): Estimate
    {
        if ($element !== $this->base) {
            return $this->shares[$element] ?? Estimate::ratio(0.0);
        }
        $others = array_values($this->shares);
        $left = Estimate::through(
            Estimate::ratio(0.0)->dimension,
            static fn (float ...$shares): float => 1 - array_sum($shares),
            ...$others,
        );

        return Estimate::ratio(max(0.0, $left->si), max(0.0, $left->lowSi), min(1.0, $left->highSi));
    }

    /** @return array<string, float> element → share in the middle of its spread, the base among them */
    public function middle(): array
    {
        $middle = array_map(static fn (Estimate $share): float => $share->si, $this->shares);
        $middle[$this->base] = max(0.0, 1 - array_sum($middle));

        return $middle;
    }

    /** The same metal, called by what most of it is: what was stirred into it may have become more than it. */
    public function byWhatItMostlyIs(): self
    {
        $middle = $this->middle();
        arsort($middle);
        $most = (string) array_key_first($middle);
        if ($most === $this->base || $middle[$most] < self::MOSTLY) {
            return $this;
        }
        $shares = $this->shares;
        $shares[$this->base] = $this->share($this->base);
        unset($shares[$most]);

        return new self($most, $shares);
    }
}
