<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Cost;

use MoltenNotes\Core\Working\Working;

/** One part of what a pour cost. */
final readonly class CostLine
{
    /**
     * @param 'energy'|'oven'|'fees'|'metal'|'used'|'tools'|'hours' $code
     * @param Amount|null $amount null where it cannot be told
     * @param string $words what it is made of; what is missing where it cannot be told
     * @param 'measured'|'reckoned'|'unknown' $how
     */
    public function __construct(
        public string $code,
        public string $label,
        public ?Amount $amount,
        public string $words,
        public string $how,
        public ?Working $working = null,
    ) {
    }
}
