<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Fields;

/** One named value of an attempt, as planned or as made. The two are never one column that is overwritten. */
#[ORM\Entity]
#[ORM\Table(name: 'attempt_value')]
class AttemptValue
{
    #[ORM\Id]
    #[ORM\ManyToOne(targetEntity: Attempt::class, inversedBy: 'values')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    /** planned or made, and the field: "made sand.moisture". */
    #[ORM\Id]
    #[ORM\Column(length: 60)]
    private string $slot;

    #[ORM\Embedded(class: StoredValue::class, columnPrefix: false)]
    private StoredValue $value;

    public function __construct(Attempt $attempt, string $slot, Measurement|Sections|string|int|bool $value)
    {
        $this->attempt = $attempt;
        $this->slot = $slot;
        $this->value = new StoredValue($value);
    }

    public function change(Measurement|Sections|string|int|bool $value): void
    {
        $this->value = new StoredValue($value);
    }

    public function value(): Measurement|Sections|string|int|bool|null
    {
        return $this->value->valueOf(Fields::find($this->field()));
    }

    /** Null when it can be read; else what is stored, to be shown as it is. */
    public function unreadable(): ?Unreadable
    {
        return null !== $this->value() ? null : new Unreadable($this->slot, $this->value->told());
    }

    private function field(): string
    {
        return explode(' ', $this->slot, 2)[1] ?? '';
    }
}
