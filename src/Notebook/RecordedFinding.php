<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\Attempt\Finding;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Record\Choices;
use Symfony\Component\Uid\Uuid;

/** One defect seen on the casting of an attempt. */
#[ORM\Entity]
#[ORM\Table(name: 'finding')]
class RecordedFinding
{
    use Binnable;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Attempt::class, inversedBy: 'findings')]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    #[ORM\Column(length: 40)]
    private string $kind;

    /** A list of codes; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON)]
    private mixed $places = [];

    /** A list of codes; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON)]
    private mixed $looks = [];

    #[ORM\Column(length: 16, nullable: true)]
    private ?string $shownAt = null;

    #[ORM\Column(length: 8, nullable: true)]
    private ?string $severity = null;

    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $note = null;

    #[ORM\Column(length: 40, nullable: true)]
    private ?string $section = null;

    /** A list of numbers; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $pieces = null;

    #[ORM\Column(type: Types::INTEGER, nullable: true)]
    private ?int $number = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $updatedAt;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    public function __construct(Uuid $id, Attempt $attempt, string $kind, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->attempt = $attempt;
        $this->kind = $kind;
        $this->updatedAt = $now;
    }

    public function change(Finding $finding): void
    {
        $this->kind = $finding->kind;
        $this->places = $finding->places;
        $this->looks = $finding->looks;
        $this->shownAt = $finding->shownAt;
        $this->severity = $finding->severity;
        $this->note = $finding->note;
        $this->section = $finding->section;
        $this->pieces = [] === $finding->pieces ? null : $finding->pieces;
        $this->number = $finding->number;
    }

    public function moveTo(Attempt $attempt): void
    {
        $this->attempt = $attempt;
    }

    /** Every write raises the version of the finding, and that of its attempt: another diagnosis follows from it. */
    public function touch(\DateTimeImmutable $now): void
    {
        $this->updatedAt = null === $this->updatedAt || $now > $this->updatedAt ? $now : $this->updatedAt->modify('+1 second');
        $this->attempt->touch($now);
    }

    public function version(): int
    {
        return $this->version;
    }

    public function toFinding(): Finding
    {
        return new Finding(
            $this->kind,
            self::known('place', $this->places),
            self::known('look', $this->looks),
            Choices::known('shown_at', $this->shownAt),
            Choices::known('severity', $this->severity),
            $this->note,
            $this->section,
            array_values(array_filter(is_array($this->pieces) ? $this->pieces : [], is_int(...))),
            $this->number,
        );
    }

    /** Null when its kind is known; else what is stored. A finding of unknown kind takes part in nothing. */
    public function unreadable(): ?Unreadable
    {
        return isset(Vocabulary::standard()->defects[$this->kind]) ? null : new Unreadable('finding', $this->kind);
    }

    /** @return list<string> */
    private static function known(string $list, mixed $codes): array
    {
        return array_values(
            array_filter(
                is_array($codes) ? $codes : [],
                static fn (mixed $code): bool => is_string($code) && null !== Choices::known($list, $code),
            ),
        );
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function attempt(): Attempt
    {
        return $this->attempt;
    }

    public function toAnswer(): FindingAnswer
    {
        $finding = $this->toFinding();

        return new FindingAnswer(
            id: $this->id->toRfc4122(),
            version: $this->version,
            kind: $finding->kind,
            places: $finding->places,
            looks: $finding->looks,
            shownAt: $finding->shownAt,
            severity: $finding->severity,
            note: $finding->note,
            section: $finding->section,
            pieces: $finding->pieces,
            number: $finding->number,
        );
    }
}
