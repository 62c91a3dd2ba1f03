<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Ratio;

/** What a heap is to be brought to. What is blank is the heap's recipe, or the middle of the band of its kind. */
final readonly class MendTargets
{
    /**
     * @param Ratio|null $moisture share of the moist sand, 0…0.25
     * @param Ratio|null $compactability 0…0.9
     * @param Ratio|null $clay share of dry sand, 0…0.5
     * @param Ratio|null $burnt most that may stay, 0.01…1
     */
    public function __construct(
        public ?Ratio $moisture = null,
        public ?Ratio $compactability = null,
        public ?Ratio $clay = null,
        public ?Ratio $burnt = null,
    ) {
    }
}
