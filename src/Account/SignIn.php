<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** One device on which a caster is signed in. The session names it; when it is gone, so is the sign-in. */
#[ORM\Entity]
#[ORM\Table(name: 'sign_in')]
class SignIn
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Caster $caster;

    #[ORM\Column]
    private \DateTimeImmutable $startedAt;

    #[ORM\Column]
    private \DateTimeImmutable $lastSeenAt;

    #[ORM\Column(length: 120)]
    private string $device;

    public function __construct(Caster $caster, string $device, \DateTimeImmutable $now)
    {
        $this->id = Uuid::v7();
        $this->caster = $caster;
        $this->device = $device;
        $this->startedAt = $now;
        $this->lastSeenAt = $now;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    /** @return array{id: string, device: string, started_at: string, last_seen_at: string} */
    public function toArray(): array
    {
        return [
            'id' => $this->id->toRfc4122(),
            'device' => $this->device,
            'started_at' => $this->startedAt->format(\DATE_ATOM),
            'last_seen_at' => $this->lastSeenAt->format(\DATE_ATOM),
        ];
    }
}
