<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class WorkshopController
{
    public function __construct(private WorkshopView $view)
    {
    }

    #[Route('/api/workshop', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse($this->view->of($caster));
    }
}
