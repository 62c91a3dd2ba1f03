<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\Mapping as ORM;

/** A record that can be thrown away and had back. */
trait Binnable
{
    /** Since when it is in the bin; null while it is not. */
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $binnedAt = null;

    /** Into the bin, or out of it. */
    public function bin(?\DateTimeImmutable $at): void
    {
        $this->binnedAt = $at;
    }

    public function binnedAt(): ?\DateTimeImmutable
    {
        return $this->binnedAt;
    }
}
