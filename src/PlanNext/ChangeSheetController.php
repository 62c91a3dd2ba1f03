<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\AttemptView;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ChangeSheetController
{
    public function __construct(private Notebook $notebook, private SheetView $sheets, private AcceptChanges $acceptChanges, private StartNext $startNext, private AttemptView $attempts)
    {
    }

    #[Route('/api/attempts/{id}/change-sheet', methods: ['GET'])]
    #[Costly]
    public function show(string $id, #[CurrentUser] Caster $caster): JsonResponse
    {
        return new JsonResponse($this->sheets->of($this->notebook->attempt($id, $caster)));
    }

    #[Route('/api/attempts/{id}/change-sheet', methods: ['PUT'])]
    #[Costly]
    public function accept(string $id, Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        ($this->acceptChanges)($attempt, JsonBody::of($request));

        return new JsonResponse($this->sheets->of($attempt));
    }

    #[Route('/api/attempts/{id}/next', methods: ['POST'])]
    #[Costly]
    public function next(string $id, Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $body = JsonBody::of($request);
        $started = ($this->startNext)($this->notebook->attempt($id, $caster), is_string($body['id'] ?? null) ? $body['id'] : '');

        return new JsonResponse($this->attempts->detail($started['attempt']), $started['created'] ? 201 : 200);
    }
}
