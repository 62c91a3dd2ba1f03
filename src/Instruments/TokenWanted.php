<?php

declare(strict_types=1);

namespace MoltenNotes\App\Instruments;

use MoltenNotes\App\Shared\Http\Problem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

/** What an instrument is told that came without a token, or with one that was revoked. */
final class TokenWanted implements AuthenticationEntryPointInterface, AuthenticationFailureHandlerInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return self::refusal();
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        return self::refusal();
    }

    private static function refusal(): Response
    {
        return Problem::response(
            401,
            'instrument.token',
            'This needs the token of an instrument that was not revoked: Authorization: Bearer mn_…',
            [],
            [],
            ['WWW-Authenticate' => 'Bearer'],
        );
    }
}
