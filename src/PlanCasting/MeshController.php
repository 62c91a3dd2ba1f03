<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\AnswerResponse;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Takes a mesh file that is sent as the body, and tells how far the worker is with it and what it measured. */
final readonly class MeshController
{
    public function __construct(private Meshes $meshes)
    {
    }

    #[Route('/api/meshes', methods: ['POST'])]
    #[Costly]
    public function take(Request $request, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse(
            self::view($this->meshes->take($request->getContent(true), $request->query->getString('unit'), $caster)),
            202,
        );
    }

    #[Route('/api/meshes/{id}', methods: ['GET'])]
    public function show(string $id, #[CurrentUser] Caster $caster): AnswerResponse
    {
        return new AnswerResponse(self::view($this->meshes->find($id, $caster) ?? throw RecordNotFound::named('mesh')));
    }

    private static function view(MeshReading $reading): MeshReadingAnswer
    {
        return new MeshReadingAnswer(
            id: $reading->id()->toRfc4122(),
            state: $reading->state(),
            askedAt: $reading->createdAt()->format(\DATE_ATOM),
            share: round($reading->share(), 3),
            refused: $reading->refusal(),
            mesh: 'done' === $reading->state()
                ? MeshAnswer::of($reading, new QuantityFormatter($reading->caster()->units()))
                : null,
        );
    }
}
