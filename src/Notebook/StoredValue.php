<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Field;
use MoltenNotes\Core\Record\SectionsReader;
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
            $value instanceof Measurement => ([$this->si, $this->siUpper, $this->unit] = [
                $value->lowerSi,
                $value->upperSi,
                $value->unitCode,
            ]),
            // A list of parts is kept as its document; the mark in the unit column tells it from words.
            $value instanceof Sections => ([$this->words, $this->unit] = [
                json_encode($value->toArray(), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
                self::SECTIONS,
            ]),
            is_string($value) => ($this->words = $value),
            is_int($value) => ($this->number = $value),
            is_bool($value) => ($this->flag = $value),
            default => null,
        };
    }

    /** The value as this field takes it; null when what is stored no longer fits the tables: it is kept, and told() shows it. */
    public function valueOf(?Field $field): Measurement|Sections|string|int|bool|null
    {
        try {
            $value = $this->plain();
        } catch (CoreError|\JsonException) {
            return null;
        }

        return null !== $value && null !== $field && $field->takes($value) ? $value : null;
    }

    /** What is stored, in words, when it cannot be read as a value any more. */
    public function told(): string
    {
        return match (true) {
            null !== $this->si => trim($this->si.(null === $this->siUpper ? '' : '–'.$this->siUpper).' (SI) '.$this->unit),
            null !== $this->words => mb_substr($this->words, 0, 200),
            null !== $this->number => (string) $this->number,
            null !== $this->flag => $this->flag ? 'yes' : 'no',
            default => 'blank',
        };
    }

    /** @throws CoreError|\JsonException when it cannot be made out */
    private function plain(): Measurement|Sections|string|int|bool|null
    {
        if (self::SECTIONS === $this->unit) {
            return $this->sections();
        }

        return null !== $this->si && null !== $this->unit
            ? Measurement::fromSi($this->si, $this->unit, $this->siUpper)
            : $this->words ?? ($this->number ?? $this->flag);
    }

    /** @throws \JsonException */
    private function sections(): ?Sections
    {
        $reader = new ValueReader(UnitPreferences::metric());
        $sections = SectionsReader::read(json_decode($this->words ?? '[]', true, 16, \JSON_THROW_ON_ERROR), '', $reader);

        return [] === $reader->problems() ? $sections : null;
    }
}
