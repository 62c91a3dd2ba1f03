<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class WorkshopController
{
    public function __construct(private WorkshopView $view)
    {
    }

    #[Route('/api/workshop', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Caster $caster): JsonResponse
    {
        return new JsonResponse($this->view->of($caster));
    }
}
