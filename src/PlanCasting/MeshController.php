<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Http\Costly;
use MoltenNotes\App\Shared\Http\RecordNotFound;
use MoltenNotes\Core\Quantity\Area;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\Volume;
use Symfony\Component\HttpFoundation\JsonResponse;
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
    public function take(Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        return new JsonResponse(
            self::view($this->meshes->take($request->getContent(true), $request->query->getString('unit'), $caster)),
            202,
        );
    }

    #[Route('/api/meshes/{id}', methods: ['GET'])]
    public function show(string $id, #[CurrentUser] Caster $caster): JsonResponse
    {
        return new JsonResponse(self::view($this->meshes->find($id, $caster) ?? throw RecordNotFound::named('mesh')));
    }

    /** @return array<string, mixed> */
    private static function view(MeshReading $reading): array
    {
        $answer = $reading->answer();

        return [
            'id' => $reading->id()->toRfc4122(),
            'state' => $reading->state(),
            'asked_at' => $reading->createdAt()->format(\DATE_ATOM),
            'share' => round($reading->share(), 3),
            'refused' => 'refused' === $reading->state()
                    ? ['code' => $answer['code'] ?? 'mesh.refused', 'title' => $answer['title'] ?? 'This file could not be read.']
                    : null,
            'mesh' => 'done' === $reading->state() ? self::mesh($answer, new QuantityFormatter($reading->caster()->units())) : null,
        ];
    }

    /**
     * @param array<mixed> $measured as ReadMeshHandler keeps it, SI
     *
     * @return array<string, mixed>
     */
    private static function mesh(array $measured, QuantityFormatter $format): array
    {
        $number = static fn (mixed $value): float => is_int($value) || is_float($value) ? (float) $value : 0.0;
        $volume = Volume::fromSi($number($measured['volume'] ?? 0));
        $area = Area::fromSi($number($measured['area'] ?? 0));

        return [
            'triangles' => $measured['triangles'] ?? 0,
            'closed' => true === ($measured['closed'] ?? false),
            'faults' => $measured['faults'] ?? [],
            'volume' => ['value' => $volume->in('mL'), 'unit' => 'mL', 'shown' => $format->quantity($volume)],
            'area' => ['value' => $area->in('cm2'), 'unit' => 'cm2', 'shown' => $format->quantity($area)],
            'box' => array_map(
                static fn (mixed $side): array => [
                    'value' => $number($side) * 1000,
                    'unit' => 'mm',
                    'shown' => $format->si($number($side), Dimension::Length),
                ],
                is_array($measured['box'] ?? null) ? array_values($measured['box']) : [],
            ),
        ];
    }
}
