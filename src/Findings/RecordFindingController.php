<?php

declare(strict_types=1);

namespace MoltenNotes\App\Findings;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\AttemptView;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Record\FindingReader;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Record\Vocabulary;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class RecordFindingController
{
    public function __construct(private RecordFinding $findings, private Notebook $notebook, private AttemptView $view)
    {
    }

    #[Route('/api/attempts/{id}/findings/{finding}', methods: ['PUT'])]
    #[Costly]
    public function record(string $id, string $finding, Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $reader = new ValueReader($caster->units());
        $read = FindingReader::read(JsonBody::of($request), '', $reader, Vocabulary::standard());
        $reader->insist();
        $created = null !== $read && $this->findings->record($attempt, $finding, $read);

        return new JsonResponse($this->view->detail($attempt), $created ? 201 : 200);
    }

    #[Route('/api/attempts/{id}/findings/{finding}', methods: ['DELETE'])]
    #[Costly]
    public function remove(string $id, string $finding, #[CurrentUser] Caster $caster): JsonResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $this->findings->remove($attempt, $finding);

        return new JsonResponse($this->view->detail($attempt));
    }
}
