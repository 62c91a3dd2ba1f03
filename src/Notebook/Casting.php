<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Record\Choices;
use Symfony\Component\Uid\Uuid;

/** A thing to be made, with what counts as good, and the trail of attempts at it. */
#[ORM\Entity]
#[ORM\Table(name: 'casting')]
#[ORM\Index(columns: ['caster_id', 'binned_at', 'updated_at', 'id'], name: 'casting_list')]
class Casting
{
    use Binnable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false)]
    private Caster $caster;

    #[ORM\Column(length: 120)]
    private string $name;

    #[ORM\Column(length: 16, nullable: true)]
    private ?string $purpose;

    #[ORM\Column]
    private int $wanted;

    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $note;

    #[ORM\Column]
    private \DateTimeImmutable $createdAt;

    public function __construct(
        Uuid $id,
        Caster $caster,
        string $name,
        ?string $purpose,
        int $wanted,
        ?string $note,
        \DateTimeImmutable $now,
    ) {
        $this->id = $id;
        $this->caster = $caster;
        $this->name = $name;
        $this->purpose = $purpose;
        $this->wanted = $wanted;
        $this->note = $note;
        $this->createdAt = $now;
        $this->updatedAt = $now;
    }

    public function rename(string $name): void
    {
        $this->name = $name;
    }

    public function isFor(?string $purpose): void
    {
        $this->purpose = $purpose;
    }

    public function want(int $pieces): void
    {
        $this->wanted = $pieces;
    }

    public function remark(?string $note): void
    {
        $this->note = $note;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function caster(): Caster
    {
        return $this->caster;
    }

    public function name(): string
    {
        return $this->name;
    }

    /** Null where what is stored is no purpose any more; it stays stored until it is described anew. */
    public function purpose(): ?string
    {
        return Choices::known('purpose', $this->purpose);
    }

    public function toAnswer(): CastingAnswer
    {
        return new CastingAnswer(
            id: $this->id->toRfc4122(),
            name: $this->name,
            purpose: $this->purpose(),
            wanted: $this->wanted,
            note: $this->note,
            version: $this->version,
            createdOn: $this->createdAt->format('Y-m-d'),
            updatedAt: $this->updatedAt->format(\DATE_ATOM),
        );
    }
}
