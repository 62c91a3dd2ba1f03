<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** A lot with its book. */
final readonly class LotAnswer extends Answer
{
    /**
     * @param object $columns column → ToldAnswer
     * @param list<LotEntryAnswer> $entries the latest first
     * @param list<array{at: float, kg: float}> $trend how much there was from then on
     */
    public function __construct(
        public LotLineAnswer $line,
        public int $version,
        public object $columns,
        public PotAnswer $metal,
        public array $entries,
        public array $trend,
        public float $now,
    ) {
    }
}
