<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Shared\Http\Answer;

/** A heap at a glance. */
final readonly class HeapLineAnswer extends Answer
{
    /**
     * @param list<string> $serves mould processes
     * @param string|null $mass in words
     * @param float|null $burnt share, 0 to 1; null where it cannot be told
     * @param float|null $moisture of today, as a share of the band: 0 at its low end, 1 at its high end; null where it is not known
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?string $kind,
        public string $kindLabel,
        public array $serves,
        public string $sentence,
        public string $standing,
        public ?string $mass,
        public ?float $burnt,
        public ?float $moisture,
        public int $pours,
        public ?string $due,
    ) {
    }
}
