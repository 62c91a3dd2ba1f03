<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\ColumnReader;
use MoltenNotes\Core\Workshop\MovementKind;
use Symfony\Component\Uid\Uuid;

/** Something that happened to a thing of the workshop at one time: a test of a heap, metal that a melt took from a lot. */
#[ORM\Entity]
#[ORM\Table(name: 'movement')]
#[ORM\Index(columns: ['row_id', 'happened_at'], name: 'movement_of')]
#[ORM\Index(columns: ['heat_id'], name: 'movement_heat')]
#[ORM\Index(columns: ['caster_id', 'kind', 'happened_at'], name: 'movement_caster')]
class Movement
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

    #[ORM\ManyToOne(targetEntity: WorkshopRow::class)]
    #[ORM\JoinColumn(name: 'row_id', nullable: false, onDelete: 'CASCADE')]
    private WorkshopRow $row;

    #[ORM\Column(length: 24)]
    private string $kind;

    /** Seconds since 1970, as the device told them. */
    #[ORM\Column(type: Types::FLOAT)]
    private float $happenedAt;

    /** The melt it went into or came from, where it is of one. */
    #[ORM\ManyToOne(targetEntity: Heat::class)]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?Heat $heat = null;

    /** The mould it was used for, where it is of one alone. */
    #[ORM\ManyToOne(targetEntity: Attempt::class)]
    #[ORM\JoinColumn(onDelete: 'SET NULL')]
    private ?Attempt $attempt = null;

    public function __construct(Uuid $id, WorkshopRow $row, string $kind, float $happenedAt, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->caster = $row->caster();
        $this->row = $row;
        $this->kind = $kind;
        $this->happenedAt = $happenedAt;
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

    public function row(): WorkshopRow
    {
        return $this->row;
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function happenedAt(): float
    {
        return $this->happenedAt;
    }

    public function happenAt(float $at): void
    {
        $this->happenedAt = $at;
    }

    public function heat(): ?Heat
    {
        return $this->heat;
    }

    public function beOf(?Heat $heat): void
    {
        $this->heat = $heat;
    }

    public function attempt(): ?Attempt
    {
        return $this->attempt;
    }

    public function beFor(?Attempt $attempt): void
    {
        $this->attempt = $attempt;
    }

    /** @return array<string, mixed> its columns as the core reads them; what is blank or can no longer be read is left out */
    public function columns(): array
    {
        return $this->read(new ValueReader(UnitPreferences::metric()));
    }

    /** @return list<string> what of it can no longer be read, in words */
    public function unreadable(): array
    {
        $reader = new ValueReader(UnitPreferences::metric());
        $this->read($reader);

        return array_map(
            static fn (FieldProblem $problem): string => ltrim($problem->pointer, '/').': '.$problem->message,
            $reader->problems(),
        );
    }

    /** @return array<string, mixed> */
    private function read(ValueReader $reader): array
    {
        return ColumnReader::all(MovementKind::find($this->kind)->columns ?? [], $this->content(), '', $reader);
    }
}
