<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

/** "Did you mean": the known word nearest to a mistyped one, when one is near enough to be worth saying. */
final class Nearest
{
    /** @param list<string> $known */
    public static function to(string $given, array $known): ?string
    {
        // levenshtein() works on bytes and costs length²; 40 bytes is more than any word of ours.
        $given = strtolower(substr($given, 0, 40));
        $best = null;
        $bestDistance = max(1, intdiv(strlen($given), 3)) + 1;
        foreach ($known as $word) {
            $distance = levenshtein($given, strtolower(substr($word, 0, 40)));
            if ($distance < $bestDistance) {
                [$best, $bestDistance] = [$word, $distance];
            }
        }

        return $best;
    }
}
