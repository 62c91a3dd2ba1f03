<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/**
 * The past heats that count for a furnace and a crucible: those of both where there are some, else of the furnace, else all that were not
 * heated by something else: a gas burner teaches nothing of a kiln.
 */
final readonly class LikeHeats
{
    /** What the next heat may do beyond the span of those before. Common practice. */
    private const BEYOND = 0.1;

    /** @param list<PastHeat> $heats */
    private function __construct(private array $heats, private string $of)
    {
    }

    /** @param list<PastHeat> $heats */
    public static function among(array $heats, ?string $furnace, ?string $crucible, ?string $source = null): self
    {
        $furnace = PastHeat::name($furnace);
        $crucible = PastHeat::name($crucible);
        $same = array_values(array_filter($heats, static fn (PastHeat $heat): bool => null !== $furnace && $heat->furnace === $furnace));
        $both = array_values(array_filter($same, static fn (PastHeat $heat): bool => null !== $crucible && $heat->crucible === $crucible));

        return match (true) {
            [] !== $both => new self($both, 'of this furnace with this crucible'),
            [] !== $same => new self($same, 'of this furnace'),
            default => new self(
                array_values(array_filter(
                    $heats,
                    static fn (PastHeat $heat): bool => null === $source || null === $heat->source || $heat->source === $source,
                )),
                'of your own',
            ),
        };
    }

    /**
     * Every furnace with every crucible it was used with.
     *
     * @param list<PastHeat> $heats
     *
     * @return list<array{furnace: string|null, crucible: string|null, count: int, like: self}> oftenest first
     */
    public static function each(array $heats): array
    {
        $groups = [];
        foreach ($heats as $heat) {
            $groups["{$heat->furnace}|{$heat->crucible}"][] = $heat;
        }
        usort($groups, static fn (array $a, array $b): int => count($b) <=> count($a));

        return array_map(static fn (array $group): array => [
            'furnace' => $group[0]->furnace,
            'crucible' => $group[0]->crucible,
            'count' => count($group),
            'like' => new self($group, 'of it'),
        ], $groups);
    }

    /** Share of the energy drawn that reached the metal, 0…1, with the span of the heats; null where none tells. */
    public function efficiency(): ?Estimate
    {
        return self::span(Dimension::Ratio, array_map(static fn (PastHeat $heat): ?float => $heat->efficiency?->si(), $this->heats));
    }

    /** Watts that went into the metal until it was liquid; null where none tells. */
    public function pace(): ?Estimate
    {
        return self::span(Dimension::Power, array_map(static fn (PastHeat $heat): ?float => $heat->pace?->si(), $this->heats));
    }

    /** "3 heats of this furnace": of how many heats the efficiency, or the pace, is known. */
    public function words(bool $pace): string
    {
        $count = count(array_filter($this->heats, static fn (PastHeat $heat): bool => null !== ($pace ? $heat->pace : $heat->efficiency)));

        return $count.(1 === $count ? ' heat ' : ' heats ').$this->of;
    }

    /** @param list<float|null> $told */
    private static function span(Dimension $dimension, array $told): ?Estimate
    {
        $known = array_values(array_filter($told, static fn (?float $one): bool => null !== $one));

        return [] === $known ? null : Estimate::between(
            $dimension,
            array_sum($known) / count($known),
            min($known) * (1 - self::BEYOND),
            max($known) * (1 + self::BEYOND),
        );
    }
}
