<?php

declare(strict_types=1);

namespace MoltenNotes\App\Metal;

use MoltenNotes\App\Shared\Http\Answer;

/** A consumable, and how much of it there is. */
final readonly class SupplyAnswer extends Answer
{
    /** @param object $columns column → ToldAnswer */
    public function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $left,
        public string $least,
        public string $sentence,
        public string $standing,
        public object $columns,
    ) {
    }
}
