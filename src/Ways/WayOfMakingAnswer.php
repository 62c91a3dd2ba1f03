<?php

declare(strict_types=1);

namespace MoltenNotes\App\Ways;

use MoltenNotes\App\Shared\Http\Answer;

/** One way of making a part. */
final readonly class WayOfMakingAnswer extends Answer
{
    /**
     * @param list<WayCellAnswer> $cells in the order of the questions
     * @param list<array{words: string, standing: string}> $risks
     * @param object $planned field → value as JSON holds it: what an attempt this way begins with
     */
    public function __construct(
        public string $process,
        public string $processLabel,
        public string $alloy,
        public string $alloyLabel,
        public string $name,
        public bool $ruledOut,
        public array $cells,
        public array $risks,
        public object $planned,
    ) {
    }
}
