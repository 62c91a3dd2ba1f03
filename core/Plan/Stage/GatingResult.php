<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan\Stage;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\StageResult;

/** What the gating gives to the other stages. */
final readonly class GatingResult
{
    /**
     * @param Estimate|null $fillTime seconds
     * @param float|null $chokeArea m²
     * @param float|null $flow m³/s
     * @param array<string, float> $sizes metres, as cut or else as sized
     */
    public function __construct(
        public StageResult $result,
        public ?Estimate $fillTime,
        public ?float $chokeArea,
        public ?float $flow,
        public array $sizes,
    ) {
    }
}
