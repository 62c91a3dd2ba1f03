<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Shared\Http\Answer;
use MoltenNotes\App\Shared\Http\ToldAnswer;

/** The workshop, with what its heats have taught. */
final readonly class WorkshopAnswer extends Answer
{
    /**
     * @param list<WorkshopRowAnswer> $furnaces
     * @param list<WorkshopRowAnswer> $crucibles
     * @param list<WorkshopRowAnswer> $flasks
     * @param list<WorkshopRowAnswer> $cutters
     * @param list<WorkshopRowAnswer> $stock
     * @param list<WorkshopRowAnswer> $consumables
     * @param list<WorkshopRowAnswer> $heaps
     * @param list<WorkshopRowAnswer> $recipes
     * @param list<WorkshopRowAnswer> $patterns
     * @param object $tariffs energy → price
     * @param object $costs tax, monthly, hour → ToldAnswer
     * @param list<string> $unreadable
     * @param list<array{furnace: string|null, crucible: string|null, heats: int, efficiency: string|null,
     *     pace: string|null}> $learnt by past heats, of each furnace with each crucible, in words
     */
    public function __construct(
        public array $furnaces,
        public array $crucibles,
        public array $flasks,
        public array $cutters,
        public array $stock,
        public array $consumables,
        public array $heaps,
        public array $recipes,
        public array $patterns,
        public object $tariffs,
        public object $costs,
        public ?ToldAnswer $safeLift,
        public string $currency,
        public ?string $school,
        public array $unreadable,
        public int $version,
        public array $learnt,
    ) {
    }
}
