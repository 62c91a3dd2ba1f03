<?php

declare(strict_types=1);

namespace MoltenNotes\App\Castings;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\LogPour\Attempt;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ListCastingsController
{
    public function __construct(private EntityManagerInterface $storage)
    {
    }

    #[Route('/api/castings', methods: ['GET'])]
    public function __invoke(#[CurrentUser] Caster $caster): JsonResponse
    {
        /** @var list<Casting> $castings */
        $castings = $this->storage->createQuery('SELECT c, a FROM '.Casting::class.' c LEFT JOIN c.attempts a WHERE c.caster = :caster ORDER BY c.updatedAt DESC, a.number ASC')
            ->setParameter('caster', $caster->id(), 'uuid')->getResult();

        return new JsonResponse(['castings' => array_map(static fn (Casting $casting): array => $casting->toArray() + [
            'trail' => array_map(static fn (Attempt $attempt): array => ['id' => $attempt->id()->toRfc4122(), 'number' => $attempt->number(), 'state' => $attempt->state(), 'verdict' => $attempt->verdict()], $casting->attempts()),
        ], $castings)]);
    }
}
