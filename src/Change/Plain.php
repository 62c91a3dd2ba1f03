<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\NextAttempt\Change;
use MoltenNotes\Core\Quantity\Measurement;

/** Values as JSON holds them, and whether two of them say the same. */
final class Plain
{
    private const CLOSE = 1e-9;

    public static function of(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Measurement, $value instanceof Sections => $value->toArray(),
            $value instanceof Change => ['new' => self::of($value->new)],
            $value instanceof \DateTimeImmutable => $value->format('Y-m-d'),
            is_array($value) => array_map(self::of(...), $value),
            default => $value,
        };
    }

    /** Blank, an empty list and empty words are one; 705 and 705.0 are; 1300 °F and what it is stored as are. */
    public static function same(mixed $a, mixed $b): bool
    {
        if (self::isBlank($a) || self::isBlank($b)) {
            return self::isBlank($a) && self::isBlank($b);
        }
        if ((is_int($a) || is_float($a)) && (is_int($b) || is_float($b))) {
            return self::close((float) $a, (float) $b);
        }
        if (!is_array($a) || !is_array($b)) {
            return $a === $b;
        }
        $measured = [self::measured($a), self::measured($b)];
        if (null !== $measured[0] && null !== $measured[1]) {
            return $measured[0]->unitCode === $measured[1]->unitCode
                && self::close($measured[0]->lowerSi, $measured[1]->lowerSi)
                && self::close($measured[0]->upperSi ?? $measured[0]->lowerSi, $measured[1]->upperSi ?? $measured[1]->lowerSi);
        }
        // A part that is blank may as well not be there.
        foreach (array_unique([...array_keys($a), ...array_keys($b)]) as $key) {
            if (!self::same($a[$key] ?? null, $b[$key] ?? null)) {
                return false;
            }
        }

        return true;
    }

    private static function isBlank(mixed $value): bool
    {
        return null === $value || '' === $value || [] === $value;
    }

    private static function close(float $a, float $b): bool
    {
        return abs($a - $b) <= self::CLOSE * max(abs($a), abs($b));
    }

    /** @param array<mixed> $value */
    private static function measured(array $value): ?Measurement
    {
        $number = $value['value'] ?? null;
        $upper = $value['upper'] ?? null;
        if ((!is_int($number) && !is_float($number)) || !is_string($value['unit'] ?? null)) {
            return null;
        }
        try {
            return Measurement::of((float) $number, $value['unit'], is_int($upper) || is_float($upper) ? (float) $upper : null);
        } catch (CoreError) {
            return null;
        }
    }
}
