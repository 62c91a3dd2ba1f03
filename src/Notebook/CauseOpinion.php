<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\Record\Choices;

/** What the caster thinks of a cause, kept beside what was computed. */
#[ORM\Entity]
#[ORM\Table(name: 'cause_opinion')]
class CauseOpinion
{
    #[ORM\Id]
    #[ORM\ManyToOne(targetEntity: Attempt::class, inversedBy: 'opinions')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    #[ORM\Id]
    #[ORM\Column(length: 40)]
    private string $cause;

    /** @var 'confirmed'|'suspected'|'ruled_out' */
    #[ORM\Column(length: 12)]
    private string $opinion;

    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $note;

    /** A code of the list "how_sure"; null where not told. */
    #[ORM\Column(length: 8, nullable: true)]
    private ?string $sure;

    /** @param 'confirmed'|'suspected'|'ruled_out' $opinion */
    public function __construct(Attempt $attempt, string $cause, string $opinion, ?string $note, ?string $sure)
    {
        $this->attempt = $attempt;
        $this->cause = $cause;
        $this->opinion = $opinion;
        $this->note = $note;
        $this->sure = $sure;
    }

    /** @param 'confirmed'|'suspected'|'ruled_out' $opinion */
    public function change(string $opinion, ?string $note, ?string $sure): void
    {
        $this->opinion = $opinion;
        $this->note = $note;
        $this->sure = $sure;
    }

    /** @return 'confirmed'|'suspected'|'ruled_out' */
    public function opinion(): string
    {
        return $this->opinion;
    }

    public function toAnswer(): OpinionAnswer
    {
        return new OpinionAnswer($this->opinion, $this->note, Choices::known('how_sure', $this->sure));
    }
}
