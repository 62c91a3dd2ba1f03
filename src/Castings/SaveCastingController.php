<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\JsonBody;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class SaveCastingController
{
    public function __construct(private SaveCasting $save)
    {
    }

    #[Route('/api/castings/{id}', methods: ['PUT'])]
    public function __invoke(string $id, Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $saved = ($this->save)($id, JsonBody::of($request), $caster);

        return new JsonResponse($saved['casting']->toArray(), $saved['created'] ? 201 : 200);
    }
}
