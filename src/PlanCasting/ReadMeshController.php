<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanCasting;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Pattern\StlMesh;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitTable;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\RejectedRecord;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Measures a mesh file that is sent as the body; it is read as it comes and not kept. */
final readonly class ReadMeshController
{
    private const PIECE = 1 << 18;

    #[Route('/api/meshes', methods: ['POST'])]
    public function __invoke(Request $request, #[CurrentUser] Caster $caster): JsonResponse
    {
        $code = $request->query->getString('unit');
        if (!in_array($code, ['mm', 'cm', 'm', 'in'], true)) {
            throw RejectedRecord::because([new FieldProblem('/unit', 'mesh.unit', 'Say in what unit the mesh was drawn: mm, cm, m or in. The file does not.')]);
        }
        $mesh = StlMesh::read(self::pieces($request), UnitTable::get($code));
        $format = new QuantityFormatter($caster->units());

        return new JsonResponse([
            'triangles' => $mesh->triangles,
            'closed' => $mesh->closed,
            'faults' => $mesh->faults,
            'volume' => ['value' => $mesh->volume->in('mL'), 'unit' => 'mL', 'shown' => $format->quantity($mesh->volume)],
            'area' => ['value' => $mesh->area->in('cm2'), 'unit' => 'cm2', 'shown' => $format->quantity($mesh->area)],
            'box' => array_map(static fn ($side): array => ['value' => $side->in('mm'), 'unit' => 'mm', 'shown' => $format->si($side->si(), Dimension::Length)], $mesh->box),
        ]);
    }

    /** @return iterable<string> */
    private static function pieces(Request $request): iterable
    {
        $stream = $request->getContent(true);
        while (!feof($stream)) {
            yield (string) fread($stream, self::PIECE);
        }
    }
}
