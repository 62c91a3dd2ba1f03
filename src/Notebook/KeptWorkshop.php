<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use Symfony\Component\Uid\Uuid;

/** What a caster goes by in the workshop: tariffs, the most one person lifts, currency, school. The things in it are rows of their own. */
#[ORM\Entity]
#[ORM\Table(name: 'workshop')]
class KeptWorkshop
{
    use Versioned;

    #[ORM\Id]
    #[ORM\OneToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Caster $caster;

    /** The settings; whatever of them no longer fits is kept and shown. */
    #[ORM\Column(type: Types::JSON)]
    private mixed $content = [];

    public function __construct(Caster $caster, \DateTimeImmutable $now)
    {
        $this->caster = $caster;
        $this->updatedAt = $now;
    }

    public function id(): Uuid
    {
        return $this->caster->id();
    }

    /** @return array<string, mixed> */
    public function settings(): array
    {
        $settings = [];
        foreach (is_array($this->content) ? $this->content : [] as $key => $value) {
            $settings[(string) $key] = $value;
        }

        return $settings;
    }

    public function set(string $setting, mixed $value): void
    {
        $settings = $this->settings();
        $settings[$setting] = $value;
        $this->content = array_filter($settings, static fn (mixed $kept): bool => null !== $kept);
    }
}
