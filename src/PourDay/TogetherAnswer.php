<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Shared\Http\Answer;

/** A mould that may be filled from the same melt, in pouring order. */
final readonly class TogetherAnswer extends Answer
{
    /**
     * @param string|null $needs temperature in the furnace that it asks for
     * @param string|null $heatId the melt it is poured from, where that is told
     */
    public function __construct(
        public string $id,
        public string $castingName,
        public int $number,
        public ?string $needs,
        public bool $here,
        public ?string $heatId,
    ) {
    }
}
