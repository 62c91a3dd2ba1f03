<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\JsonBody;
use MoltenNotes\Core\Record\FieldProblem;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class LogPourController
{
    public function __construct(private LogPour $logPour, private AttemptView $view, private ClockInterface $clock)
    {
    }

    #[Route('/api/attempts/{id}', methods: ['PUT'])]
    #[Costly]
    public function __invoke(string $id, Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $entry = AttemptEntry::read(JsonBody::of($request), $caster->units(), $this->clock->now());
        $logged = ($this->logPour)($id, $entry, $caster);

        return new JsonResponse(
            ['attempt' => $this->view->detail($logged['attempt']), 'questions' => array_map(static fn (FieldProblem $question): array => $question->toArray(), $entry->questions)],
            $logged['created'] ? 201 : 200,
        );
    }
}
