<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use MoltenNotes\App\Shared\Http\AnswerResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ShowSessionController
{
    public function __construct(private SessionView $view)
    {
    }

    #[Route('/api/session', methods: ['GET', 'POST'])]
    public function __invoke(#[CurrentUser] ?Caster $caster): AnswerResponse
    {
        // POST is answered by the firewall (json_login) before it gets here, unless the body was no JSON.
        return $this->view->response($caster);
    }
}
