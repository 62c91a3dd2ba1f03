<?php

declare(strict_types=1);

namespace MoltenNotes\Core\MeltCurve;

use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\TemperatureDifference;

/** A place where a cooling curve stands still. */
final readonly class Arrest
{
    /**
     * @param float $from second at which it begins, since 1970
     * @param float $to second at which it ends
     * @param TemperatureDifference $within one standard deviation of where it lies, without the probe's own error
     * @param TemperatureDifference|null $undercooling how far below it the metal went before it stood; null where none was seen
     */
    public function __construct(
        public Temperature $temperature,
        public float $from,
        public float $to,
        public TemperatureDifference $within,
        public ?TemperatureDifference $undercooling,
    ) {
    }
}
