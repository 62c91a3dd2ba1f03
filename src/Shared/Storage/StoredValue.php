<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Storage;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\Pattern\Sections;
use MoltenNotes\Core\Pattern\SectionsReader;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueReader;

/** One value of the record in columns: quantities in SI with the unit the caster typed, everything else in a column of its kind. */
#[ORM\Embeddable]
class StoredValue
{
    private const SECTIONS = 'sections';

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

    public function __construct(Measurement|Sections|string|int|bool|null $value = null)
    {
        match (true) {
            $value instanceof Measurement => [$this->si, $this->siUpper, $this->unit] = [$value->lowerSi, $value->upperSi, $value->unitCode],
            // A list of parts is kept as its document; the mark in the unit column tells it from words.
            $value instanceof Sections => [$this->words, $this->unit] = [json_encode($value->toArray(), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), self::SECTIONS],
            is_string($value) => $this->words = $value,
            is_int($value) => $this->number = $value,
            is_bool($value) => $this->flag = $value,
            default => null,
        };
    }

    private function sections(): ?Sections
    {
        $reader = new ValueReader(UnitPreferences::metric());

        return SectionsReader::read(json_decode($this->words ?? '[]', true, 16, \JSON_THROW_ON_ERROR), '', $reader);
    }

    public function value(): Measurement|Sections|string|int|bool|null
    {
        if (self::SECTIONS === $this->unit) {
            return $this->sections();
        }

        return null !== $this->si && null !== $this->unit
            ? Measurement::fromSi($this->si, $this->unit, $this->siUpper)
            : $this->words ?? $this->number ?? $this->flag;
    }
}
