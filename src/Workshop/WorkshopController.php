<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\JsonBody;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class WorkshopController
{
    public function __construct(private WorkshopView $view, private SaveWorkshop $save)
    {
    }

    #[Route('/api/workshop', methods: ['GET'])]
    public function show(#[CurrentUser] Caster $caster): JsonResponse
    {
        return new JsonResponse($this->view->of($caster));
    }

    #[Route('/api/workshop', methods: ['PUT'])]
    public function save(Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        ($this->save)(JsonBody::of($request), $caster);

        return new JsonResponse($this->view->of($caster));
    }
}
