<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\Answer;

/** One device on which a caster is signed in. */
final readonly class SignInAnswer extends Answer
{
    public function __construct(
        public string $id,
        public string $device,
        public string $startedAt,
        public string $lastSeenAt,
        public bool $here,
    ) {
    }
}
