<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ColumnReader;
use MoltenNotes\Core\Workshop\ThingKind;
use Symfony\Component\Uid\Uuid;

/** One thing of a workshop: a furnace, a crucible, a flask, a cutter, a stock of metal. */
#[ORM\Entity]
#[ORM\Table(name: 'workshop_row')]
#[ORM\Index(columns: ['caster_id', 'kind', 'place'])]
class WorkshopRow
{
    use Binnable;
    use Contents;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Caster $caster;

    #[ORM\Column(length: 12)]
    private string $kind;

    /** Where it stands among its kind. */
    #[ORM\Column]
    private int $place;

    public function __construct(Uuid $id, Caster $caster, string $kind, int $place, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->caster = $caster;
        $this->kind = $kind;
        $this->place = $place;
        $this->updatedAt = $now;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function caster(): Caster
    {
        return $this->caster;
    }

    public function kind(): string
    {
        return $this->kind;
    }

    /** As the caster calls it; null where it has no name. */
    public function name(): ?string
    {
        $name = $this->content()['name'] ?? null;

        return is_string($name) && '' !== $name ? $name : null;
    }

    /** @return array<string, mixed> its columns as the core reads them; what is blank or can no longer be read is left out */
    public function columns(): array
    {
        $columns = ThingKind::find($this->kind)->columns ?? [];

        return ColumnReader::all($columns, $this->content(), '', new ValueReader(UnitPreferences::metric()));
    }
}
