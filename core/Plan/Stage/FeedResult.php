<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Plan\RiserSeat;
use MoltenNotes\Core\Working\StageResult;

/** What the feeding gives to the drawing besides its figures: where the risers stand that it counted, and the moduli it went by. */
final readonly class FeedResult
{
    /**
     * @param list<RiserSeat> $risers that metal is poured into, of one casting
     * @param array<string, float> $moduli section id → metres
     */
    public function __construct(public StageResult $result, public array $risers, public array $moduli)
    {
    }
}
