<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;

final readonly class SignedIn implements AuthenticationSuccessHandlerInterface
{
    public function __construct(private SessionView $view)
    {
    }

    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        $caster = $token->getUser();

        return $this->view->response($caster instanceof Caster ? $caster : null);
    }
}
