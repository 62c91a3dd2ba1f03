<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ShowAttemptController
{
    public function __construct(private Notebook $notebook, private AttemptView $view)
    {
    }

    #[Route('/api/attempts/{id}', methods: ['GET'])]
    #[Costly]
    public function __invoke(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->of($this->notebook->attempt($id, $caster)));
    }
}
