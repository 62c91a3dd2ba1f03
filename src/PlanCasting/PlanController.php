<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\ValueReader;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Uuid;

/** Plans while the caster types; nothing is saved. Values that cannot be read are named, and the rest is planned without them. */
final readonly class PlanController
{
    public function __construct(private Notebook $notebook, private PlanView $view)
    {
    }

    #[Route('/api/plan', methods: ['POST'])]
    #[Costly]
    public function compute(Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $body = JsonBody::of($request);
        $reader = new ValueReader($caster->units());
        $values = $reader->values($body['values'] ?? null, '/values');

        // Values of an attempt that is there stand on what it stands on: its own outcome teaches it nothing.
        $attempt =
            is_string($body['attempt'] ?? null) && Uuid::isValid($body['attempt'])
                ? $this->notebook->findAttempt(Uuid::fromString($body['attempt']), $caster)
                : null;

        return new JsonResponse(
            $this->view->of($this->notebook->typed($values, $caster, $attempt), $caster->units()) + [
                'problems' => array_map(static fn (FieldProblem $problem): array => $problem->toArray(), $reader->problems()),
                'questions' => array_map(static fn (FieldProblem $question): array => $question->toArray(), $reader->questions()),
            ],
        );
    }

    #[Route('/api/attempts/{id}/plan', methods: ['GET'])]
    #[Costly]
    public function show(string $id, #[CurrentUser] Caster $caster): JsonResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $record = $this->notebook->record($attempt);

        return new JsonResponse($this->view->of($record, $caster->units(), $record->planned) + ['problems' => [], 'questions' => []]);
    }
}
