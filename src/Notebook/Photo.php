<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\App\Account\Caster;
use Symfony\Component\Uid\Uuid;

/** A photo of an attempt. Its file lies with the photos, made anew here; what is known of it besides the picture is here. */
#[ORM\Entity]
#[ORM\Table(name: 'photo')]
class Photo
{
    use Binnable;
    use Versioned;

    #[ORM\Id]
    #[ORM\Column(type: 'uuid')]
    private Uuid $id;

    #[ORM\ManyToOne(targetEntity: Caster::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Caster $caster;

    #[ORM\ManyToOne(targetEntity: Attempt::class)]
    #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
    private Attempt $attempt;

    #[ORM\Column]
    private \DateTimeImmutable $takenAt;

    #[ORM\Column]
    private int $width;

    #[ORM\Column]
    private int $height;

    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $caption = null;

    /** Where findings show on it, by their id: shares of its width and height; whatever else may be stored here is kept. */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    private mixed $pins = null;

    public function __construct(Uuid $id, Attempt $attempt, \DateTimeImmutable $takenAt, int $width, int $height, \DateTimeImmutable $now)
    {
        $this->id = $id;
        $this->caster = $attempt->caster();
        $this->attempt = $attempt;
        $this->takenAt = $takenAt;
        $this->width = $width;
        $this->height = $height;
        $this->updatedAt = $now;
    }

    public function describe(?string $caption): void
    {
        $this->caption = $caption;
    }

    /** @param array{x: float, y: float}|null $place shares of width and height; null takes the pin out */
    public function pin(string $finding, ?array $place): void
    {
        $pins = is_array($this->pins) ? $this->pins : [];
        unset($pins[$finding]);
        $this->pins = null === $place ? $pins : $pins + [$finding => $place];
    }

    /** @return array<string, array{x: float, y: float}> by the id of the finding */
    public function pins(): array
    {
        $pins = [];
        foreach (is_array($this->pins) ? $this->pins : [] as $finding => $place) {
            $x = is_array($place) ? $place['x'] ?? null : null;
            $y = is_array($place) ? $place['y'] ?? null : null;
            if ((is_float($x) || is_int($x)) && (is_float($y) || is_int($y))) {
                $pins[(string) $finding] = ['x' => (float) $x, 'y' => (float) $y];
            }
        }

        return $pins;
    }

    public function id(): Uuid
    {
        return $this->id;
    }

    public function caster(): Caster
    {
        return $this->caster;
    }

    public function attempt(): Attempt
    {
        return $this->attempt;
    }

    public function takenAt(): \DateTimeImmutable
    {
        return $this->takenAt;
    }

    public function width(): int
    {
        return $this->width;
    }

    public function height(): int
    {
        return $this->height;
    }

    public function caption(): ?string
    {
        return $this->caption;
    }
}
