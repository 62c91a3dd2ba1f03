<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\FieldProblem;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\Workshop;
use MoltenNotes\Core\Workshop\WorkshopReader;

/** What a caster owns, kept as the document it was written as: it is only ever read whole. */
#[ORM\Entity]
#[ORM\Table(name: 'workshop')]
class KeptWorkshop
{
    #[ORM\Id]
    #[ORM\OneToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Caster $caster;

    /** The document; whatever of it no longer fits is kept aside when it is written anew. */
    #[ORM\Column(type: Types::JSON)]
    private mixed $content;

    /** Earlier contents that did not fit any more, so that nothing is dropped in silence. */
    #[ORM\Column(type: Types::JSON)]
    private mixed $aside = [];

    #[ORM\Column]
    private \DateTimeImmutable $updatedAt;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    /** The content, read once a request. */
    private ?Workshop $read = null;
    /** @var list<string> what the reading found, in words */
    private array $problems = [];

    public function __construct(Caster $caster, Workshop $workshop, \DateTimeImmutable $now)
    {
        $this->caster = $caster;
        $this->content = $workshop->toArray();
        $this->updatedAt = $now;
    }

    public function rewrite(Workshop $workshop, \DateTimeImmutable $now): void
    {
        if ([] !== $this->unreadable()) {
            $this->aside = [...(is_array($this->aside) ? $this->aside : []), $this->content];
        }
        $this->content = $workshop->toArray();
        $this->read = null;
        // A second save within the same second must still change the row.
        $this->updatedAt = $now > $this->updatedAt ? $now : $this->updatedAt->modify('+1 second');
    }

    public function workshop(): Workshop
    {
        if (null === $this->read) {
            $reader = new ValueReader(UnitPreferences::metric());
            $this->read = WorkshopReader::read($this->content, '', $reader);
            $this->problems = array_map(static fn (FieldProblem $problem): string => "{$problem->pointer}: {$problem->message}", $reader->problems());
        }

        return $this->read;
    }

    /** @return list<string> what of the stored document no longer fits, in words */
    public function unreadable(): array
    {
        $this->workshop();

        return $this->problems;
    }

    public function version(): int
    {
        return $this->version;
    }
}
