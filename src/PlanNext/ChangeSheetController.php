<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ChangeSheetController
{
    public function __construct(private Notebook $notebook, private SheetView $sheets)
    {
    }

    #[Route('/api/attempts/{id}/change-sheet', methods: ['GET'])]
    #[Costly]
    public function __invoke(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->sheets->of($this->notebook->attempt($id, $caster)));
    }
}
