<?php

declare(strict_types=1);

namespace MoltenNotes\App\Account;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Quantity\UnitPreferences;
use Symfony\Component\Security\Core\User\PasswordAuthenticatedUserInterface;
use Symfony\Component\Security\Core\User\UserInterface;
use Symfony\Component\Uid\Uuid;

/** Somebody who keeps a notebook here. Every record belongs to one caster. */
#[ORM\Entity]
#[ORM\Table(name: 'caster')]
class Caster implements UserInterface, PasswordAuthenticatedUserInterface
{
    /** An hour, a working day, two weeks. */
    public const IDLE_MINUTES = [60, 720, 20160];

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

    /** Signed out after so long without a request. */
    #[ORM\Column]
    private int $idleMinutes = self::IDLE_MINUTES[2];

    /** Whether single letters are shortcuts; WCAG 2.1.4 wants a way to switch them off. */
    #[ORM\Column]
    private bool $singleKeys = true;

    /** Another word after every change of the notebook: what was worked out from its records counts as long as it is the same. */
    #[ORM\Column(length: 16)]
    private string $revision = '';

    /** Of the secret in the address that the calendar is fetched by; null where there is none. */
    #[ORM\Column(length: 64, unique: true, nullable: true)]
    private ?string $feedHash = null;

    /** @param non-empty-string $email as Address reads it */
    public function __construct(string $email, string $name, \DateTimeImmutable $joinedAt)
    {
        $this->id = Uuid::v7();
        $this->email = $email;
        $this->name = $name;
        $this->joinedAt = $joinedAt;
    }

    /**
     * From plain columns: every request asks who is signed in, and most of them need no more than this. It is not kept track of; whoever
     * changes a
     * caster finds it in storage first.
     *
     * @param array{caster_id: string, email: string, name: string, password_hash: string, units: string, theme: string,
     *     dismissed_cautions: string, joined_at: string, idle_minutes: int|string, single_keys: int|string, revision: string} $row
     */
    public static function stored(array $row): self
    {
        $caster = new self('' === $row['email'] ? '?' : $row['email'], $row['name'], new \DateTimeImmutable($row['joined_at']));
        $caster->id = Uuid::fromBinary($row['caster_id']);
        $caster->passwordHash = $row['password_hash'];
        $caster->units = array_filter(self::object($row['units']), is_string(...));
        $caster->theme = $row['theme'];
        $caster->dismissedCautions = array_values(array_filter(self::object($row['dismissed_cautions']), is_string(...)));
        $caster->idleMinutes = (int) $row['idle_minutes'];
        $caster->singleKeys = (bool) $row['single_keys'];
        $caster->revision = $row['revision'];

        return $caster;
    }

    /** @return array<string, mixed> */
    private static function object(string $json): array
    {
        $value = json_decode($json, true);
        $object = [];
        foreach (is_array($value) ? $value : [] as $key => $part) {
            $object[(string) $key] = $part;
        }

        return $object;
    }

    public function changePasswordHash(string $hash): void
    {
        $this->passwordHash = $hash;
    }

    /**
     * @param array<string, string> $units
     * @param list<string> $dismissedCautions
     */
    public function prefer(array $units, string $theme, array $dismissedCautions, int $idleMinutes, bool $singleKeys): void
    {
        $this->units = $units;
        $this->theme = $theme;
        $this->dismissedCautions = $dismissedCautions;
        $this->idleMinutes = $idleMinutes;
        $this->singleKeys = $singleKeys;
    }

    /** Called by every record of this caster that is written. */
    public function recordsChanged(): void
    {
        $this->revision = bin2hex(random_bytes(8));
    }

    public function revision(): string
    {
        return $this->revision;
    }

    public function idleMinutes(): int
    {
        return $this->idleMinutes;
    }

    public function singleKeys(): bool
    {
        return $this->singleKeys;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    /** A stored unit that is no longer known gives way to the usual one of its kind. */
    public function units(): UnitPreferences
    {
        $known = [];
        foreach ($this->units as $dimension => $code) {
            try {
                UnitPreferences::fromArray([$dimension => $code]);
                $known[$dimension] = $code;
            } catch (CoreError) {
                continue;
            }
        }

        return UnitPreferences::fromArray($known);
    }

    public function name(): string
    {
        return $this->name;
    }

    public function toAnswer(): CasterAnswer
    {
        return new CasterAnswer(
            id: $this->id->toRfc4122(),
            email: $this->email,
            name: $this->name,
            units: (object) $this->units()->toArray(),
            theme: $this->theme,
            dismissedCautions: $this->dismissedCautions,
            idleMinutes: $this->idleMinutes,
            singleKeys: $this->singleKeys,
            joinedOn: $this->joinedAt->format('Y-m-d'),
        );
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

    public function feedBy(?string $hash): void
    {
        $this->feedHash = $hash;
    }

    public function hasFeed(): bool
    {
        return null !== $this->feedHash;
    }
}
