<?php

declare(strict_types=1);

namespace MoltenNotes\App\Finish;

use MoltenNotes\App\Shared\Http\Answer;

/** What can be done about a fault instead of pouring again. */
final readonly class RepairAnswer extends Answer
{
    /**
     * @param string|null $bears heat it bears afterwards; null where as much as the metal
     * @param string $at step of the route
     */
    public function __construct(
        public string $code,
        public string $label,
        public string $words,
        public ?string $bears,
        public string $caution,
        public string $at,
        public bool $chosen,
    ) {
    }
}
