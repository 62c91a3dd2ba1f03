<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\DBAL\Exception\ConnectionException;
use MoltenNotes\App\Shared\Http\Problem;
use MoltenNotes\Core\Record\FieldProblem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;

/** Says the same for an unknown address and a wrong password: strangers must not learn who has an account. */
final readonly class SignInRefused implements AuthenticationFailureHandlerInterface
{
    public function __construct(private SecurityLog $log)
    {
    }

    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ($exception->getPrevious() instanceof ConnectionException) {
            // Storage is away: that says nothing of the password.
            throw $exception->getPrevious();
        }
        $body = json_decode($request->getContent(), true);
        $address = is_array($body) && is_string($body['email'] ?? null) ? $body['email'] : '';
        $this->log->note(
            $exception instanceof TooManyLoginAttemptsAuthenticationException ? 'sign_in_throttled' : 'sign_in_refused',
            $address,
        );
        if ($exception instanceof TooManyLoginAttemptsAuthenticationException) {
            return Problem::response(
                429,
                'account.too_many_tries',
                'Too many tries. Wait a minute, then try again.',
                [],
                [],
                ['Retry-After' => '60'],
            );
        }
        $words = 'That address and password do not go together.';

        return Problem::response(401, 'account.wrong', $words, [new FieldProblem('/password', 'account.wrong', $words)]);
    }
}
