<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Mark;
use MoltenNotes\Core\Working\Working;
use MoltenNotes\Core\Working\WorkingInput;

/**
 * What a good casting cost: all that was poured for it, the failed pours among it, over the good ones that came out. Source: derived.
 */
final readonly class GoodCasting
{
    /** Savings smaller than this share of a good casting are nothing to act on. */
    private const WORTH_SAYING = 0.02;

    /**
     * @param int $good castings, 0 or more
     * @param int $pours that are judged
     * @param int $failed pours that gave no good one
     * @param Amount $total of all judged pours
     * @param Amount|null $each good one; null while there is none
     * @param Amount|null $failure what a failed pour cost in the mean
     * @param list<Saving> $savings the largest first
     * @param list<string> $missing what of it is not counted
     */
    private function __construct(
        public int $good,
        public int $pours,
        public int $failed,
        public Amount $total,
        public ?Amount $each,
        public ?Amount $failure,
        public array $savings,
        public array $missing,
        public string $sentence,
        public ?Working $working,
    ) {
    }

    /**
     * @param list<array{number: int, cost: PourCost, good: int}> $pours judged ones, with how many good castings came of each
     * @param list<Saving> $others savings that hang on other things, furnaces say, each for one good casting
     */
    public static function of(array $pours, Rates $rates, array $others = []): self
    {
        $currency = $rates->currency;
        $total = $lost = Amount::none($currency);
        $good = $failed = 0;
        $missing = [];
        $gone = Amount::none($currency);
        $inputs = [];
        foreach ($pours as $pour) {
            $total = $total->plus($pour['cost']->total);
            $good += $pour['good'];
            if (0 === $pour['good']) {
                ++$failed;
                $lost = $lost->plus($pour['cost']->total);
            }
            $gone = null === $pour['cost']->metalGone ? $gone : $gone->plus($pour['cost']->metalGone);
            $missing = [...$missing, ...$pour['cost']->missing];
            $inputs[] = new WorkingInput(
                'C',
                "No. {$pour['number']}, ".(0 === $pour['good'] ? 'none good' : (1 === $pour['good'] ? 'one good' : "{$pour['good']} good")),
                $pour['cost']->total->words(),
                'computed',
            );
        }
        $each = 0 === $good ? null : $total->times(1 / $good);
        $failure = 0 === $failed ? null : $lost->times(1 / $failed);
        $missing = array_values(array_unique($missing));
        $working = null === $each ? null : new Working(
            'C_good = Σ C / n_good',
            [...$inputs, new WorkingInput('n_good', 'Good castings', (string) $good, 'typed')],
            $each->rough(),
            $each->spread(),
            'all pours that were judged, those that failed among them',
            Mark::Derived,
        );

        return new self(
            $good,
            count($pours),
            $failed,
            $total,
            $each,
            $failure,
            self::savings($good, $failed, $total, $each, $failure, $gone, $others),
            $missing,
            self::sentence($good, count($pours), $failed, $total, $each, $failure, $missing),
            $working,
        );
    }

    /**
     * @param list<Saving> $others
     *
     * @return list<Saving>
     */
    private static function savings(
        int $good,
        int $failed,
        Amount $total,
        ?Amount $each,
        ?Amount $failure,
        Amount $gone,
        array $others,
    ): array {
        $savings = [];
        if (null !== $each && null !== $failure) {
            // One failed pour fewer, the rest as it was.
            $saved = $failure->times(1 / $good);
            $savings[] = new Saving(
                'failure',
                'One failed pour less',
                $saved,
                new Working(
                    'C_failed / n_good',
                    [
                        new WorkingInput('C_failed', "A failed pour, the mean of {$failed}", $failure->words(), 'computed'),
                        new WorkingInput('n_good', 'Good castings', (string) $good, 'typed'),
                    ],
                    $saved->rough(),
                    $saved->spread(),
                    'the rest as it was',
                    Mark::Derived,
                ),
            );
        }
        if ($gone->middle > 0.0 && $good > 0) {
            $saved = $gone->times(1 / $good);
            $savings[] = new Saving(
                'returns',
                'Sprues, leftovers and failed castings weighed back onto the shelf',
                $saved,
                new Working(
                    '(m_in − m_back − m_casting) p / n_good',
                    [new WorkingInput('', 'Metal that went in, and is in no casting and on no shelf', $gone->words(), 'computed')],
                    $saved->rough(),
                    $saved->spread(),
                    'the book of the shelf against the plan',
                    Mark::Derived,
                ),
            );
        }
        foreach ($others as $one) {
            $savings[] = $one;
        }
        $least = self::WORTH_SAYING * ($each->middle ?? $total->middle);
        $savings = array_filter($savings, static fn (Saving $one): bool => $one->amount->middle > max(0.005, $least));
        usort($savings, static fn (Saving $a, Saving $b): int => $b->amount->middle <=> $a->amount->middle);

        return $savings;
    }

    /** @param list<string> $missing */
    private static function sentence(
        int $good,
        int $pours,
        int $failed,
        Amount $total,
        ?Amount $each,
        ?Amount $failure,
        array $missing,
    ): string {
        $atLeast = [] === $missing ? '' : 'at least ';
        $without = [] === $missing ? '' : ' Not counted: '.implode(', ', $missing).'.';
        $ofPours = 1 === $pours ? 'one pour' : "{$pours} pours";

        return match (true) {
            0 === $pours => 'No pour is judged yet.',
            null === $each => "No good one yet; {$ofPours} cost {$atLeast}{$total->words()}.{$without}",
            0 === $failed => "A good one costs {$atLeast}{$each->words()}, from {$ofPours}.{$without}",
            default => "A good one costs {$atLeast}{$each->words()}: ".(1 === $good ? 'one' : (string) $good)
                ." from {$ofPours}. Each that failed cost {$atLeast}{$failure?->words()}.{$without}",
        };
    }
}
