<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

use MoltenNotes\Core\Sand\Heap;

/**
 * What of a heap's state went with defects that sand may have a part in. A difference is "went with", never "because of": counts first,
 * a test only where both groups are large enough, at 1 in 20 divided by how many were looked at (Bonferroni; standard texts, recalled).
 */
final class HeapLookback
{
    private const CHANCE = 0.05;
    /** Pours before and after a change that are held against each other. */
    private const AROUND = 10;

    /**
     * @param list<HeapPour> $pours judged ones, the oldest first
     * @param list<float> $mended when the heap was mended, seconds since 1970
     *
     * @return list<string> sentences; none where there is nothing to tell apart
     */
    public static function of(Heap $heap, array $pours, array $mended): array
    {
        $splits = [];
        foreach (self::conditions($heap) as $words => $is) {
            $in = $out = [];
            foreach ($pours as $pour) {
                $answer = $is($pour);
                if (null !== $answer) {
                    $answer ? $in[] = $pour : $out[] = $pour;
                }
            }
            if ([] !== $in && [] !== $out) {
                $splits[$words] = [self::groups($in, $out), 'the others'];
            }
        }
        $last = [] === $mended ? null : max($mended);
        if (null !== $last) {
            $before = array_slice(array_filter($pours, static fn (HeapPour $pour): bool => $pour->at <= $last), -self::AROUND);
            $after = array_slice(array_filter($pours, static fn (HeapPour $pour): bool => $pour->at > $last), 0, self::AROUND);
            if ([] !== $before && [] !== $after) {
                $splits['poured since it was mended last'] = [self::groups($after, $before), 'those before'];
            }
        }
        $sentences = [];
        foreach ($splits as $words => [$groups, $others]) {
            $sentences[] = self::said($groups, $words, $others, count($splits));
        }

        return $sentences;
    }

    /** @return array<string, \Closure(HeapPour): (bool|null)> words → whether it was so; null where it is not known */
    private static function conditions(Heap $heap): array
    {
        $conditions = [];
        $band = $heap->kind->bands['moisture'];
        $one = static fn (float $share): string => round(100 * $share, 1).' %';
        if ($heap->kind->isTempered()) {
            $conditions['wetter than '.$one($band[1])] = static function (HeapPour $pour) use ($band): ?bool {
                $moisture = $pour->state->fresh('moisture');

                return null === $moisture ? null : $moisture->si > $band[1];
            };
        }
        $clay = $heap->kind->bands['clay'];
        if ($heap->kind->binds()) {
            $conditions['with less than '.$one($clay[0]).' of live clay'] = static function (HeapPour $pour) use ($clay): ?bool {
                $reading = $pour->state->readings['clay'] ?? null;

                return null === $reading || 'recipe' === $reading->origin ? null : $reading->value->si < $clay[0];
            };
        }
        $worn = $heap->kind->worn;
        if (null !== $worn) {
            $conditions['with '.$one($worn[0]).' or more burnt'] = static fn (HeapPour $pour): ?bool => null === $pour->state->burnt
                ? null
                : $pour->state->burnt->si >= $worn[0];
        }

        return $conditions;
    }

    /**
     * @param array<HeapPour> $first
     * @param array<HeapPour> $second
     */
    private static function groups(array $first, array $second): TwoGroups
    {
        return new TwoGroups(self::bad($first), count($first), self::bad($second), count($second));
    }

    /** @param array<HeapPour> $pours */
    private static function bad(array $pours): int
    {
        return count(array_filter($pours, static fn (HeapPour $pour): bool => $pour->sandDefect));
    }

    private static function said(TwoGroups $groups, string $words, string $others, int $looked): string
    {
        $pours = 1 === $groups->of1 ? 'one pour' : "{$groups->of1} pours";
        $counts = "Of {$pours} {$words}, {$groups->a} showed a defect that sand may have a part in; of {$others}, {$groups->b} of "
            ."{$groups->of2}.";
        if (!$groups->canBeTested()) {
            return $counts.' Too few to say more.';
        }
        $chance = $groups->chance() * $looked;

        return $counts.($chance <= self::CHANCE
            ? ' It went together: chance alone would do that less than once in '.(int) max(20, floor(1 / max(1e-4, $chance))).'.'
            : ' Chance alone may well do that.');
    }
}
