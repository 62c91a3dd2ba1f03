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

    /** @param Uuid|null $here the sign-in that asks */
    public function toAnswer(?Uuid $here): SignInAnswer
    {
        return new SignInAnswer(
            id: $this->id->toRfc4122(),
            device: $this->device,
            startedAt: $this->startedAt->format(\DATE_ATOM),
            lastSeenAt: $this->lastSeenAt->format(\DATE_ATOM),
            here: true === $here?->equals($this->id),
        );
    }
}
