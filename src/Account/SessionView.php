<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\CsrfGuard;
use Symfony\Component\Security\Csrf\CsrfTokenManagerInterface;

/** Who is signed in, and the token that this session's writes must carry. */
final readonly class SessionView
{
    public function __construct(private CsrfTokenManagerInterface $tokens, private DemoAccount $demo)
    {
    }

    /** Strangers are told of the demo, where there is one: its address and password are made up and known to everybody. */
    public function response(?Caster $caster, int $status = 200): AnswerResponse
    {
        return new AnswerResponse(
            new SessionAnswer(
                $this->tokens->getToken(CsrfGuard::TOKEN)->getValue(),
                $caster?->toAnswer(),
                null === $caster ? $this->demo->told() : null,
            ),
            $status,
        );
    }
}
