<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Fields;

/** One named value of a heat. */
#[ORM\Entity]
#[ORM\Table(name: 'heat_value')]
class HeatValue
{
    #[ORM\Id]
    #[ORM\ManyToOne(targetEntity: Heat::class, inversedBy: 'values')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Heat $heat;

    #[ORM\Id]
    #[ORM\Column(length: 40)]
    private string $field;

    #[ORM\Embedded(class: StoredValue::class, columnPrefix: false)]
    private StoredValue $value;

    public function __construct(Heat $heat, string $field, Measurement|Sections|string|int|bool $value)
    {
        $this->heat = $heat;
        $this->field = $field;
        $this->value = new StoredValue($value);
    }

    public function change(Measurement|Sections|string|int|bool $value): void
    {
        $this->value = new StoredValue($value);
    }

    public function value(): Measurement|Sections|string|int|bool|null
    {
        return $this->value->valueOf(Fields::find($this->field));
    }

    /** Null when it can be read; else what is stored, to be shown as it is. */
    public function unreadable(): ?Unreadable
    {
        return null !== $this->value() ? null : new Unreadable("heat {$this->field}", $this->value->told());
    }
}
