<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

use Doctrine\DBAL\Connection;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** Whether storage can be reached: the start command and the browser ask before they say that all is well. */
final class HealthController
{
    #[Route('/api/health', methods: ['GET'])]
    public function __invoke(Connection $connection): JsonResponse
    {
        $connection->executeQuery('SELECT 1');

        return new JsonResponse(['storage' => 'ok']);
    }
}
