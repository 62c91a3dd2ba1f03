<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;

/** The things of a workshop and the books kept of them, whatever they are; what lies in the bin is not among them. */
final readonly class WorkshopBook
{
    public function __construct(private EntityManagerInterface $storage)
    {
    }

    /** @return list<WorkshopRow> things of a kind, as they stand */
    public function things(Caster $caster, string $kind): array
    {
        return $this->storage
            ->getRepository(WorkshopRow::class)
            ->findBy(['caster' => $caster, 'kind' => $kind, 'binnedAt' => null], ['place' => 'ASC', 'id' => 'ASC']);
    }

    /** @return list<Movement> the book of a thing, the oldest entry first */
    public function entries(WorkshopRow $row): array
    {
        return $this->entriesBy(['row' => $row]);
    }

    /** @return list<Movement> what went into a heat and came out of it, the oldest first */
    public function entriesOf(Heat $heat): array
    {
        return $this->entriesBy(['heat' => $heat]);
    }

    /** @return list<Movement> what was used for a mould alone, the oldest first */
    public function entriesFor(Attempt $attempt): array
    {
        return $this->entriesBy(['attempt' => $attempt]);
    }

    /**
     * @param array<string, WorkshopRow|Heat|Attempt> $of
     *
     * @return list<Movement>
     */
    private function entriesBy(array $of): array
    {
        return $this->storage
            ->getRepository(Movement::class)
            ->findBy($of + ['binnedAt' => null], ['happenedAt' => 'ASC', 'id' => 'ASC']);
    }
}
