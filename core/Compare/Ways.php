<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Compare;

use MoltenNotes\Core\Quantity\Estimate;

/**
 * Ways of making one part side by side: for each question the way that answers it best, where it does so beyond what is unsure of both.
 *
 * One way is better only where its worse end is better than the better end of all others (interval comparison; derived). Nothing is
 * weighed against anything else: what counts is the caster's to say.
 */
final readonly class Ways
{
    /** @param array<string, int|null> $best question → place of the way that answers it best; null where none does beyond doubt */
    private function __construct(public array $best, public string $sentence)
    {
    }

    /** @param list<WayFigures> $ways two or more */
    public static function compare(array $ways): self
    {
        $best = [
            'hands' => self::least(array_map(static fn (WayFigures $way): ?array => self::ends($way->hands), $ways)),
            'elapsed' => self::least(array_map(
                static fn (WayFigures $way): ?array => null === $way->elapsed ? null : [$way->elapsed->si(), $way->elapsed->si()],
                $ways,
            )),
            // A sum that leaves something out that another counts is no cheaper for it.
            'money' => self::alikeCounted($ways)
                ? self::least(array_map(
                    static fn (WayFigures $way): ?array => null === $way->money ? null : [$way->money->low, $way->money->high],
                    $ways,
                ))
                : null,
            'energy' => self::least(array_map(static fn (WayFigures $way): ?array => self::ends($way->energy), $ways)),
            'risk' => self::least(array_map(
                static fn (WayFigures $way): array => array_fill(0, 2, (float) self::risk($way)),
                $ways,
            )),
            'skin' => self::least(array_map(static fn (WayFigures $way): array => $way->skin, $ways)),
            'strength' => self::least(array_map(
                static fn (WayFigures $way): ?array => null === $way->strength ? null : [-$way->strength->highSi, -$way->strength->lowSi],
                $ways,
            )),
            'before' => self::least(array_map(
                static fn (WayFigures $way): array => [-$way->before->high, -$way->before->low],
                $ways,
            )),
        ];

        return new self($best, self::sentence($ways, $best));
    }

    /**
     * The place of the one whose high end is below the low end of all others; null where there is none, or one is not known.
     *
     * @param list<array{float, float}|null> $ends
     */
    private static function least(array $ends): ?int
    {
        if (in_array(null, $ends, true)) {
            return null;
        }
        foreach ($ends as $place => $one) {
            $others = array_filter($ends, static fn (int $other): bool => $other !== $place, \ARRAY_FILTER_USE_KEY);
            if ([] !== $others && $one[1] < min(array_column($others, 0))) {
                return $place;
            }
        }

        return null;
    }

    /** @return array{float, float}|null */
    private static function ends(?Estimate $estimate): ?array
    {
        return null === $estimate ? null : [$estimate->lowSi, $estimate->highSi];
    }

    /** None is 0, doubts are counted, what is to be put right is worse than any doubts, what cannot work worse than all. */
    private static function risk(WayFigures $way): int
    {
        return ($way->isRuledOut() ? 10000 : 0) + 100 * $way->toPutRight() + count($way->risks) - $way->toPutRight();
    }

    /** @param list<WayFigures> $ways */
    private static function alikeCounted(array $ways): bool
    {
        $left = array_map(static function (WayFigures $way): string {
            $not = $way->notCounted;
            sort($not);

            return implode('|', $not);
        }, $ways);

        return 1 === count(array_unique($left));
    }

    /**
     * @param list<WayFigures> $ways
     * @param array<string, int|null> $best
     */
    private static function sentence(array $ways, array $best): string
    {
        $says = [
            'elapsed' => 'is there first', 'hands' => 'wants fewest hours of yours', 'money' => 'costs least', 'energy' => 'draws least',
            'risk' => 'has least against it', 'skin' => 'has the finest skin', 'strength' => 'is strongest',
            'before' => 'has gone best with you',
        ];
        $out = $words = [];
        foreach ($ways as $place => $way) {
            $name = self::name($way, $ways);
            if ($way->isRuledOut()) {
                $out[] = $name;
                continue;
            }
            $of = [];
            foreach ($says as $question => $said) {
                if ($place === ($best[$question] ?? null)) {
                    $of[] = $said;
                }
            }
            if ([] !== $of) {
                $words[] = $name.' '.implode(', ', $of);
            }
        }
        $ruled = [] === $out ? '' : implode(' and ', $out).' will not work as it stands. ';

        return $ruled.match (true) {
            [] !== $words => implode('; ', $words).'.',
            count($out) === count($ways) => 'Change the part, the metal or the heat first.',
            default => 'None is better at anything beyond what is unsure of them.',
        };
    }

    /**
     * As it is called among the others: by its process, by its metal where that tells them apart.
     *
     * @param list<WayFigures> $ways
     */
    public static function name(WayFigures $way, array $ways): string
    {
        $processes = array_map(static fn (WayFigures $one): string => $one->process->code, $ways);
        $alloys = array_map(static fn (WayFigures $one): string => $one->alloy->code, $ways);
        $same = 1 === count(array_unique($processes));
        $metals = count(array_unique($alloys)) > 1;

        return match (true) {
            $same => $way->alloy->name,
            $metals => "{$way->process->label} in {$way->alloy->name}",
            default => $way->process->label,
        };
    }
}
