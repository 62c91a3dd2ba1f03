<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Finishing;

/** Which grits a face goes through. None is skipped over twofold: the scratches of the one before stay. Source: common practice. */
final class Grits
{
    /** As they are sold, P-grades. */
    private const SOLD = [40, 60, 80, 120, 180, 220, 320, 400, 600];
    private const MOST_STEP = 2.0;

    /**
     * From the coarsest that the skin wants to the one that is good enough, with as few as there may be.
     *
     * @param int $first coarsest, $last finest; the next coarser that is sold is taken where there is no such one
     *
     * @return list<int>
     */
    public static function between(int $first, int $last): array
    {
        $from = self::sold($first);
        $to = self::sold(max($first, $last));
        $grits = [$from];
        foreach (self::SOLD as $index => $grit) {
            $next = self::SOLD[$index + 1] ?? \PHP_INT_MAX;
            $now = $grits[count($grits) - 1];
            // The finest that is no more than twice as fine: the next that is sold would leave its scratches.
            if ($grit > $now && $grit <= $to && ($grit === $to || $next > self::MOST_STEP * $now)) {
                $grits[] = $grit;
            }
        }

        return $grits;
    }

    /** The coarsest that takes the skin of such a mould off, by the mean height of its roughness; Ra as common practice has it. */
    public static function first(float $raMicrons): int
    {
        return match (true) {
            $raMicrons > 20 => 40,
            $raMicrons > 10 => 60,
            $raMicrons > 5 => 80,
            $raMicrons > 2.5 => 120,
            default => 180,
        };
    }

    private static function sold(int $wanted): int
    {
        $coarser = array_filter(self::SOLD, static fn (int $grit): bool => $grit <= $wanted);

        return [] === $coarser ? self::SOLD[0] : max($coarser);
    }
}
