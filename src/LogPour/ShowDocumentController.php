<?php

declare(strict_types=1);

namespace MoltenNotes\App\LogPour;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The attempt as an attempt document (docs/formats), ready for the console and for other tools. */
final readonly class ShowDocumentController
{
    public function __construct(private Notebook $notebook)
    {
    }

    #[Route('/api/attempts/{id}/document', methods: ['GET'])]
    public function __invoke(string $id, #[CurrentUser] Caster $caster): JsonResponse
    {
        $attempt = $this->notebook->attempt($id, $caster);
        $response = new JsonResponse($this->notebook->record($attempt)->toArray());
        $response->setEncodingOptions(\JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRETTY_PRINT);

        return $response;
    }
}
