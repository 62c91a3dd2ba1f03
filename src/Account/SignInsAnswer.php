<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\Answer;

/** Where a caster is signed in, the latest first. */
final readonly class SignInsAnswer extends Answer
{
    /** @param list<SignInAnswer> $signIns */
    public function __construct(public array $signIns)
    {
    }
}
