<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\Answer;

/** A caster as they see themselves. */
final readonly class CasterAnswer extends Answer
{
    /**
     * @param object $units dimension → unit
     * @param list<string> $dismissedCautions
     */
    public function __construct(
        public string $id,
        public string $email,
        public string $name,
        public object $units,
        public string $theme,
        public array $dismissedCautions,
        public int $idleMinutes,
        public bool $singleKeys,
        public string $joinedOn,
    ) {
    }
}
