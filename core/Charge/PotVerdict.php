<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\Grade;

/** A metal held against the windows of what it is to be, and against what makes it brittle or must not be in it. */
final readonly class PotVerdict
{
    /** Share below which an element that nobody asks for is not worth a line. */
    private const TRACE = 5e-5;

    /**
     * @param list<PotElement> $elements base first, then as the grade names them
     * @param list<PotHarm> $harms the surest first
     * @param 'good'|'risky'|'bad'|'plain' $standing
     */
    private function __construct(public array $elements, public array $harms, public string $sentence, public string $standing)
    {
    }

    /** @param array<string, array{float, float}>|null $windows element → least and most share; null for those of the alloy */
    public static function of(?Composition $metal, ?Alloy $wanted, ?array $windows = null): self
    {
        $grade = Grade::find($wanted?->code);
        if (null === $metal) {
            return new self([], [], 'What it is made of cannot be told: nothing is known of part of it.', 'plain');
        }
        $windows ??= true === $grade?->known ? $grade->windows : [];
        $named = $windows;
        if (true === $grade?->known) {
            $windows += $grade->windowsFor(array_map(strval(...), array_keys($metal->shares)));
        }
        $elements = array_map(
            static fn (string $element): PotElement => PotElement::of($element, $metal->share($element), $windows[$element] ?? null),
            self::order($metal, $named),
        );
        $harms = PotHarm::in($metal);
        $standings = array_map(static fn (PotElement $line): string => $line->standing, $elements);
        $otherMetal = null !== $grade && '?' !== $metal->base && $grade->base !== $metal->base;
        $standing = match (true) {
            $otherMetal, in_array('bad', $standings, true), [] !== $harms && $harms[0]->sure => 'bad',
            in_array('risky', $standings, true), [] !== $harms => 'risky',
            [] !== $windows => 'good',
            default => 'plain',
        };
        $name = $wanted->name ?? 'what is wanted';

        return new self($elements, $harms, match (true) {
            $otherMetal => "It is no {$name}: most of it is {$metal->base}.",
            [] !== $harms && $harms[0]->sure => $harms[0]->words,
            in_array('bad', $standings, true) => self::named($elements, 'bad', 'outside as well'),
            in_array('risky', $standings, true) => self::named($elements, 'risky', 'as unsure'),
            [] !== $harms => $harms[0]->words,
            [] !== $windows => "It comes out as {$name}: every element inside its window.",
            null !== $wanted => "There is no window to hold it against: the grade of {$name} is not known.",
            default => 'Say which alloy it is to be, and it is held against that.',
        }, $standing);
    }

    /**
     * @param array<string, array{float, float}> $windows
     *
     * @return list<string>
     */
    private static function order(Composition $metal, array $windows): array
    {
        $told = array_filter(
            array_map(strval(...), array_keys($metal->shares)),
            static fn (string $element): bool => '?' !== $element && $metal->share($element)->highSi >= self::TRACE,
        );
        $base = '?' === $metal->base ? [] : [$metal->base];

        return array_values(array_unique([...$base, ...array_map(strval(...), array_keys($windows)), ...$told]));
    }

    /** @param list<PotElement> $elements */
    private static function named(array $elements, string $standing, string $others): string
    {
        $of = array_values(array_filter($elements, static fn (PotElement $line): bool => $line->standing === $standing));

        return ($of[0] ?? null)?->sentence().match (count($of)) {
            0, 1 => '.',
            2 => "; one more is {$others}.",
            default => '; '.(count($of) - 1)." more are {$others}.",
        };
    }
}
