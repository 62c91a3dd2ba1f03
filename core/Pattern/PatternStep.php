<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Pattern;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Working\Working;

/** One stage on the way from the first pattern to the metal. */
final readonly class PatternStep
{
    /**
     * @param string $form what it is, in words
     * @param Estimate|null $step how much smaller than the stage before it, as a fraction; null for the first
     * @param 'measured'|'typed'|'usual'|'first' $how that is known
     * @param Estimate $toMetal how much larger it is than the casting, above 0
     * @param Estimate|null $size of the edge that is wanted on the casting
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $form,
        public ?Estimate $step,
        public string $how,
        public Estimate $toMetal,
        public ?Estimate $size,
        public Working $working,
    ) {
    }
}
