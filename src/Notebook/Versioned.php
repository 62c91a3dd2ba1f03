<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A record of a caster that has a version, raised with every write to it or its parts, so that two devices notice each other. */
trait Versioned
{
    #[ORM\Column]
    private \DateTimeImmutable $updatedAt;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    public function touch(\DateTimeImmutable $now): void
    {
        $this->caster->recordsChanged();
        // A second save within the same second must still change the column.
        $this->updatedAt = $now > $this->updatedAt ? $now : $this->updatedAt->modify('+1 second');
    }

    public function version(): int
    {
        return $this->version;
    }
}
