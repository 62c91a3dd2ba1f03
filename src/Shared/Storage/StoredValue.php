<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Storage;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\Quantity\Measurement;

/** One value of the record in columns: quantities in SI with the unit the caster typed, everything else in a column of its kind. */
#[ORM\Embeddable]
class StoredValue
{
    #[ORM\Column(type: Types::FLOAT, nullable: true)]
    private ?float $si = null;

    #[ORM\Column(type: Types::FLOAT, nullable: true)]
    private ?float $siUpper = null;

    #[ORM\Column(length: 16, nullable: true)]
    private ?string $unit = null;

    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $words = null;

    #[ORM\Column(nullable: true)]
    private ?int $number = null;

    #[ORM\Column(nullable: true)]
    private ?bool $flag = null;

    public function __construct(Measurement|string|int|bool|null $value = null)
    {
        match (true) {
            $value instanceof Measurement => [$this->si, $this->siUpper, $this->unit] = [$value->lowerSi, $value->upperSi, $value->unitCode],
            is_string($value) => $this->words = $value,
            is_int($value) => $this->number = $value,
            is_bool($value) => $this->flag = $value,
            default => null,
        };
    }

    public function value(): Measurement|string|int|bool|null
    {
        return null !== $this->si && null !== $this->unit
            ? Measurement::fromSi($this->si, $this->unit, $this->siUpper)
            : $this->words ?? $this->number ?? $this->flag;
    }
}
