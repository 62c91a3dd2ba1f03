<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\Working\Working;

/** Ranked causes with their evidence, what they leave unexplained, and what to look at next. Never one answer with false certainty. */
final readonly class Diagnosis
{
    /**
     * @param 'findings'|'near_misses' $basis near_misses: nothing was wrong; these nearly were
     * @param list<RankedCause> $ranked
     * @param list<RankedCause> $beside what nearly went wrong besides what was found
     * @param list<RankedCause> $cleared suspects that this record speaks against
     * @param list<array{cause: string, label: string, words: string, fields: list<string>}> $sound what was done well
     * @param list<array{sign: string, label: string, explained: float}> $unexplained
     * @param list<NextCheck> $nextChecks most telling first
     * @param list<array{field: string, label: string, cause: string, moves: string}> $blank fields that would tell most, if remembered
     * @param array<string, Working> $workings fact → how it was computed
     * @param array<string, float> $odds cause → probability, for all that are possible
     * @param Comparison|null $compared with the attempt that was chosen to stand beside it
     */
    public function __construct(
        public string $basis,
        public array $ranked,
        public array $beside,
        public array $cleared,
        public array $sound,
        public array $unexplained,
        public array $nextChecks,
        public array $blank,
        public array $workings,
        public bool $exact,
        public array $odds,
        public ?Comparison $compared = null,
    ) {
    }

    /** @return list<RankedCause> what the record says nearly went wrong */
    public function nearMisses(): array
    {
        return 'near_misses' === $this->basis ? $this->ranked : $this->beside;
    }

    /**
     * @return array{basis: string, method: string, causes: list<array<string, mixed>>, beside: list<array<string, mixed>>,
     *     cleared: list<array<string, mixed>>, sound: list<array{cause: string, label: string, words: string, fields: list<string>}>,
     *     unexplained: list<array{sign: string, label: string, explained: float}>, next_checks: list<array<string, mixed>>,
     *     blank: list<array{field: string, label: string, cause: string, moves: string}>,
     *     compared: array<string, mixed>|null, workings: array<string, array<string, mixed>>} probabilities to four places
     */
    public function toArray(): array
    {
        return [
            'basis' => $this->basis,
            'method' => $this->exact
                ? 'exact'
                : 'block approximation: posteriors within 0.01 on average, 0.15 at worst, of the exact answer on test networks',
            'causes' => array_map(static fn (RankedCause $cause): array => $cause->toArray(), $this->ranked),
            'beside' => array_map(static fn (RankedCause $cause): array => $cause->toArray(), $this->beside),
            'cleared' => array_map(static fn (RankedCause $cause): array => $cause->toArray(), $this->cleared),
            'sound' => $this->sound,
            'unexplained' => array_map(
                static fn (array $row): array => [
                    'sign' => $row['sign'],
                    'label' => $row['label'],
                    'explained' => round($row['explained'], 4),
                ],
                $this->unexplained,
            ),
            'next_checks' => array_map(static fn (NextCheck $check): array => $check->toArray(), $this->nextChecks),
            'blank' => $this->blank,
            'compared' => $this->compared?->toArray(),
            'workings' => array_map(static fn (Working $working): array => $working->toArray(), $this->workings),
        ];
    }
}
