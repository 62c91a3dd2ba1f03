<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

use MoltenNotes\Core\Quantity\Measurement;

/** The sections of a casting as a tree: the first is the root, every other joins one before it or after it, none in a circle. */
final readonly class Sections
{
    /** @param list<Section> $sections already checked by SectionsReader */
    private function __construct(private array $sections)
    {
    }

    /** @param list<Section> $sections they may come in any order; what is joined is kept before what joins it */
    public static function of(array $sections): self
    {
        $placed = [];
        $waiting = $sections;
        while ([] !== $waiting) {
            $next = array_filter(
                $waiting,
                static fn (Section $section): bool => null === $section->joins || isset($placed[$section->joins]),
            );
            if ([] === $next) {
                // Joined to nothing that is there: kept as they came, the reader has refused them.
                $next = $waiting;
            }
            foreach ($next as $index => $section) {
                $placed[$section->id] = $section;
                unset($waiting[$index]);
            }
        }

        return new self(array_values($placed));
    }

    /** @return list<Section> */
    public function all(): array
    {
        return $this->sections;
    }

    /** Null when no section has this id. */
    public function get(string $id): ?Section
    {
        foreach ($this->sections as $section) {
            if ($section->id === $id) {
                return $section;
            }
        }

        return null;
    }

    /**
     * Every section with the ones it touches, both ways.
     *
     * @return array<string, list<string>>
     */
    public function neighbours(): array
    {
        $neighbours = array_fill_keys(array_map(static fn (Section $section): string => $section->id, $this->sections), []);
        foreach ($this->sections as $section) {
            if (null !== $section->joins) {
                $neighbours[$section->id][] = $section->joins;
                $neighbours[$section->joins][] = $section->id;
            }
        }

        return $neighbours;
    }

    /**
     * Where metal comes in; the first section when none is named.
     *
     * @return list<string>
     */
    public function gated(): array
    {
        $gated = array_values(array_filter($this->sections, static fn (Section $section): bool => $section->gates > 0));

        return array_map(static fn (Section $section): string => $section->id, [] === $gated ? array_slice($this->sections, 0, 1) : $gated);
    }

    /** With so many gates in the one section that has any; as they are where several have, or none is told. */
    public function withGates(?int $gates): self
    {
        $gated = $this->gated();
        if (null === $gates || $gates < 1 || 1 !== count($gated)) {
            return $this;
        }

        return new self(
            array_map(
                static fn (Section $section): Section => $section->id === $gated[0] ? $section->withGates($gates) : $section,
                $this->sections,
            ),
        );
    }

    /** The mesh that is the whole casting, where it is one. */
    public function mesh(): ?Section
    {
        return Shape::Mesh === ($this->sections[0] ?? null)?->shape ? $this->sections[0] : null;
    }

    /** The same for sections whose body is the same, whatever they are called. */
    public function fingerprint(): string
    {
        $bodies = array_map(
            static fn (Section $section): array => [
                $section->id, $section->shape->value, $section->joins, $section->sits->value, $section->count, $section->upright,
                $section->gates, $section->riser, $section->mesh?->id, $section->mesh?->up->value,
                array_map(static fn (Measurement $one): float => round($one->si(), 9), $section->measurements),
            ],
            $this->sections,
        );

        return hash('xxh128', serialize($bodies));
    }

    /** In words for lists: "3 sections: rim 4 mm, boss". */
    public function words(): string
    {
        $names = array_map(static fn (Section $section): string => mb_strtolower($section->label), array_slice($this->sections, 0, 4));

        return count($this->sections).
            ' '.
            (1 === count($this->sections) ? 'section' : 'sections').
            ': '.
            implode(', ', $names).
            (count($this->sections) > 4 ? ' …' : '');
    }

    /** @return list<array<string, mixed>> */
    public function toArray(): array
    {
        return array_map(static fn (Section $section): array => $section->toArray(), $this->sections);
    }
}
