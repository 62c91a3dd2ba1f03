<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** The metal of a workshop, what is asked of it, and what it is melted in. */
final readonly class ShelfAnswer extends Answer
{
    /**
     * @param list<array{family: string, label: string, shown: string, kg: float}> $families how much there is of each
     * @param list<LotLineAnswer> $lots
     * @param list<NeedAnswer> $needs the first to be poured first
     * @param list<CareAnswer> $crucibles
     * @param list<CareAnswer> $furnaces
     * @param list<SupplyAnswer> $consumables
     */
    public function __construct(
        public string $sentence,
        public string $standing,
        public array $families,
        public array $lots,
        public array $needs,
        public array $crucibles,
        public array $furnaces,
        public array $consumables,
    ) {
    }
}
