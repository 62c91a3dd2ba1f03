<?php

declare(strict_types=1);

namespace MoltenNotes\App\Finish;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The route of finishing of an attempt. */
final readonly class FinishController
{
    public function __construct(private Notebook $notebook, private FinishView $view)
    {
    }

    #[Route('/api/attempts/{id}/finish', methods: ['GET'])]
    #[Costly]
    public function __invoke(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->of($this->notebook->attempt($id, $caster)));
    }
}
