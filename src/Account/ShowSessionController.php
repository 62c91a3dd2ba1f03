<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ShowSessionController
{
    public function __construct(private SessionView $view)
    {
    }

    #[Route('/api/session', methods: ['GET', 'POST'])]
    public function __invoke(#[CurrentUser] ?Caster $caster): JsonResponse
    {
        // POST is answered by the firewall (json_login) before it gets here, unless the body was no JSON.
        return $this->view->response($caster);
    }
}
