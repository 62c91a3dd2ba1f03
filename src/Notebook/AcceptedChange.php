<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\NextAttempt\Remedies;
use MoltenNotes\Core\Record\Fields;

/** One accepted line of a change sheet: from this attempt to the next. */
#[ORM\Entity]
#[ORM\Table(name: 'accepted_change')]
class AcceptedChange
{
    #[ORM\Id]
    #[ORM\ManyToOne(targetEntity: Attempt::class, inversedBy: 'changes')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    #[ORM\Id]
    #[ORM\Column(length: 40)]
    private string $remedy;

    #[ORM\Embedded(class: StoredValue::class, columnPrefix: 'old_')]
    private StoredValue $old;

    #[ORM\Embedded(class: StoredValue::class, columnPrefix: 'new_')]
    private StoredValue $new;

    public function __construct(Attempt $attempt, Change $change)
    {
        $this->attempt = $attempt;
        $this->remedy = $change->remedy->code;
        $this->rewrite($change);
    }

    public function rewrite(Change $change): void
    {
        $this->old = new StoredValue($change->old);
        $this->new = new StoredValue($change->new);
    }

    public function remedy(): string
    {
        return $this->remedy;
    }

    /** Null when the remedy is no longer known, or its new value no longer fits its field. */
    public function toChange(): ?Change
    {
        $remedy = Remedies::find($this->remedy);
        if (null === $remedy) {
            return null;
        }
        $field = null === $remedy->field ? null : Fields::find($remedy->field);
        $new = $this->new->valueOf($field);

        return null !== $field && null === $new ? null : new Change($remedy, $this->old->valueOf($field), $new);
    }
}
