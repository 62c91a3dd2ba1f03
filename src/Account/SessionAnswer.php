<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\Answer;

/** Who is signed in, and the token that this session's writes must carry. */
final readonly class SessionAnswer extends Answer
{
    /** @param array{email: string, password: string}|null $demo */
    public function __construct(public string $csrf, public ?CasterAnswer $caster, public ?array $demo)
    {
    }
}
