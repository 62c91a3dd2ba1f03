<?php

declare(strict_types=1);

namespace MoltenNotes\App\Findings;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\LogPour\Attempt;
use MoltenNotes\Core\Record\Finding;
use Symfony\Component\Uid\Uuid;

/** One defect seen on the casting of an attempt. */
#[ORM\Entity]
#[ORM\Table(name: 'finding')]
class RecordedFinding
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Attempt::class, inversedBy: 'findings')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    #[ORM\Column(length: 40)]
    private string $kind;

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    private array $places = [];

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    private array $looks = [];

    #[ORM\Column(length: 16, nullable: true)]
    private ?string $shownAt = null;

    #[ORM\Column(length: 8, nullable: true)]
    private ?string $severity = null;

    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $note = null;

    public function __construct(Uuid $id, Attempt $attempt, Finding $finding)
    {
        $this->id = $id;
        $this->attempt = $attempt;
        $this->kind = $finding->kind;
        $this->change($finding);
    }

    public function change(Finding $finding): void
    {
        $this->kind = $finding->kind;
        $this->places = $finding->places;
        $this->looks = $finding->looks;
        $this->shownAt = $finding->shownAt;
        $this->severity = $finding->severity;
        $this->note = $finding->note;
    }

    public function toFinding(): Finding
    {
        return new Finding($this->kind, $this->places, $this->looks, $this->shownAt, $this->severity, $this->note);
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function attempt(): Attempt
    {
        return $this->attempt;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id->toRfc4122(), 'kind' => $this->kind, 'places' => $this->places, 'looks' => $this->looks,
            'shown_at' => $this->shownAt, 'severity' => $this->severity, 'note' => $this->note,
        ];
    }
}
