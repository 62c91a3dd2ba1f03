<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Instrument\InstrumentKind;
use Symfony\Component\Uid\Uuid;

/** A probe, a scale or a meter that sends readings by itself, with a token of its own. */
#[ORM\Entity]
#[ORM\Table(name: 'instrument')]
#[ORM\UniqueConstraint(name: 'instrument_token', columns: ['token_hash'])]
class Instrument
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Caster $caster;

    #[ORM\Column(length: 80)]
    private string $name;

    #[ORM\Column(length: 16)]
    private string $kind;

    /** SHA-256 of its token, which is random and long enough to need no slower one; null: it has none, or none any more. */
    #[ORM\Column(length: 64, nullable: true)]
    private ?string $tokenHash;

    #[ORM\Column]
    private \DateTimeImmutable $createdAt;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $revokedAt = null;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $seenAt = null;

    /** Second since 1970 with which its present run began. */
    #[ORM\Column(type: Types::FLOAT, nullable: true)]
    private ?float $runningSince = null;

    /** Whether anything it ever sent was made up by a program. */
    #[ORM\Column(type: Types::BOOLEAN)]
    private bool $simulated = false;

    public function __construct(
        Uuid $id,
        Caster $caster,
        string $name,
        InstrumentKind $kind,
        ?string $tokenHash,
        \DateTimeImmutable $now,
    ) {
        $this->id = $id;
        $this->caster = $caster;
        $this->name = $name;
        $this->kind = $kind->value;
        $this->tokenHash = $tokenHash;
        $this->createdAt = $now;
    }

    /** Its token opens nothing from now on; what it has sent stays. */
    public function revoke(\DateTimeImmutable $now): void
    {
        $this->revokedAt ??= $now;
        $this->tokenHash = null;
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

    public function kind(): InstrumentKind
    {
        return InstrumentKind::from($this->kind);
    }

    public function isRevoked(): bool
    {
        return null !== $this->revokedAt;
    }

    public function seenAt(): ?\DateTimeImmutable
    {
        return $this->seenAt;
    }

    public function runningSince(): ?float
    {
        return $this->runningSince;
    }

    public function isSimulated(): bool
    {
        return $this->simulated;
    }
}
