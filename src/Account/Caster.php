<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\Quantity\UnitPreferences;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;

/** Somebody who keeps a notebook here. Every record belongs to one caster. */
#[ORM\Entity]
#[ORM\Table(name: 'caster')]
class Caster implements UserInterface, PasswordAuthenticatedUserInterface
{
    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    /** @var non-empty-string */
    #[ORM\Column(length: 180, unique: true)]
    private string $email;

    #[ORM\Column(length: 120)]
    private string $name;

    #[ORM\Column]
    private string $passwordHash = '';

    /** @var array<string, string> */
    #[ORM\Column(type: Types::JSON)]
    private array $units = [];

    #[ORM\Column(length: 8)]
    private string $theme = 'auto';

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    private array $dismissedCautions = [];

    #[ORM\Column]
    private \DateTimeImmutable $joinedAt;

    /** @param non-empty-string $email lower case */
    public function __construct(string $email, string $name, \DateTimeImmutable $joinedAt)
    {
        $this->id = Uuid::v7();
        $this->email = $email;
        $this->name = $name;
        $this->joinedAt = $joinedAt;
    }

    public function changePasswordHash(string $hash): void
    {
        $this->passwordHash = $hash;
    }

    /**
     * @param array<string, string> $units
     * @param list<string>          $dismissedCautions
     */
    public function prefer(array $units, string $theme, array $dismissedCautions): void
    {
        $this->units = $units;
        $this->theme = $theme;
        $this->dismissedCautions = $dismissedCautions;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function units(): UnitPreferences
    {
        return UnitPreferences::fromArray($this->units);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id->toRfc4122(),
            'email' => $this->email,
            'name' => $this->name,
            'units' => $this->units()->toArray(),
            'theme' => $this->theme,
            'dismissed_cautions' => $this->dismissedCautions,
            'joined_on' => $this->joinedAt->format('Y-m-d'),
        ];
    }

    /** @return list<string> */
    public function dismissedCautions(): array
    {
        return $this->dismissedCautions;
    }

    public function theme(): string
    {
        return $this->theme;
    }

    public function getRoles(): array
    {
        return ['ROLE_CASTER'];
    }

    public function eraseCredentials(): void
    {
        // No plain password is ever kept here.
    }

    public function getUserIdentifier(): string
    {
        return $this->email;
    }

    public function getPassword(): string
    {
        return $this->passwordHash;
    }
}
