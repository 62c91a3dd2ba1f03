<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Workshop;

use MoltenNotes\Core\Alloy\MetalFamily;
use MoltenNotes\Core\Table;

/**
 * What a crucible has been through, and whether metal may go into it: one metal family each, fired before its first metal, looked over from
 * time to time, put out of use when it cracks. Source: Data/crucibles.php and common practice.
 */
final readonly class CrucibleLife
{
    private const LOOK_EVERY = 8;
    private const USUAL = [20, 60];

    /**
     * @param int $heats that it has seen, 0 or more
     * @param array{int, int} $usual heats after which the first of its kind fail, and most have
     * @param bool $isOut whether it must not be used any more
     * @param list<string> $words what speaks against it, the gravest first
     * @param 'good'|'risky'|'bad'|'plain' $standing
     * @param string|null $family of metals that it is kept for
     */
    private function __construct(
        public int $heats,
        public array $usual,
        public bool $isOut,
        public array $words,
        public string $standing,
        public ?string $family,
        public string $fire,
    ) {
    }

    /**
     * @param array<string, mixed> $columns as the table of things has them
     * @param list<array{float, string|null}> $looks seconds since 1970 and what was found, in the order of time
     * @param list<array{float, string|null}> $heats seconds since 1970 and the family of the metal, in the order of time
     */
    public static function of(array $columns, array $looks, array $heats): self
    {
        $kind = is_string($columns['kind'] ?? null) ? self::kinds()[$columns['kind']] ?? null : null;
        $before = is_int($columns['heats'] ?? null) ? $columns['heats'] : 0;
        $kept = is_string($columns['family'] ?? null) && null !== MetalFamily::find($columns['family']) ? $columns['family'] : null;
        $count = $before + count($heats);
        $usual = $kind['heats'] ?? self::USUAL;
        $found = array_column($looks, 1);
        $last = [] === $found ? null : $found[array_key_last($found)];
        // A crack does not heal, whatever a later look says.
        $broken = array_values(array_intersect(['cracked', 'hairline'], $found))[0] ?? ('retired' === $last ? $last : null);
        $out = null !== $broken;
        $strange = self::strangers($kept, $heats);
        $family = $kept ?? self::first($heats);
        $lastLook = [] === $looks ? null : $looks[array_key_last($looks)][0];
        $since = count(array_filter($heats, static fn (array $heat): bool => null === $lastLook || $heat[0] > $lastLook));
        $fire = $kind['fire'] ?? '';
        $words = [];
        if ($out) {
            $words[] = match ($broken) {
                'cracked' => 'It is cracked: no metal goes into it any more.',
                'hairline' => 'It has a crack that opens under metal: do not use it.',
                default => 'It is put out of use.',
            };
        }
        if (!$out && null !== $kind && null !== $family && in_array($family, $kind['eaten'], true)) {
            $words[] = 'Such metal eats it: the wall gets thin where nobody sees it, and the metal takes it up.';
        }
        if (!$out && [] !== $strange) {
            $words[] = 'It has held '.implode(' and ', $strange).' as well: traces go from one metal into the other. Keep it for one.';
        }
        if (!$out && '' !== $fire && 0 === $count && !in_array('fired', $found, true)) {
            $words[] = "Fire it before its first metal. {$fire}";
        }
        if (!$out && 'thin' === $last) {
            $words[] = 'Its wall is thinner than it was: it holds less, and not for long.';
        }
        if (!$out && $count >= $usual[0]) {
            $words[] = $count >= $usual[1]
                ? "It has seen {$count} heats; most of its kind have failed by {$usual[1]}. Replace it."
                : "It has seen {$count} heats; the first of its kind fail from {$usual[0]} on. Look it over before each.";
        }
        $due = !$out && $count > 0 && $since >= self::LOOK_EVERY;
        if ($due) {
            $words[] = "Look it over: {$since} heats since anybody did.";
        }
        $bad = $out || $count >= $usual[1] || (null !== $kind && null !== $family && in_array($family, $kind['eaten'], true));

        return new self(
            $count,
            $usual,
            $out,
            $words,
            $bad ? 'bad' : ([] === $words ? (0 === $count ? 'plain' : 'good') : 'risky'),
            $family,
            $fire,
        );
    }

    /**
     * Labels of the families it held besides its own.
     *
     * @param list<array{float, string|null}> $heats
     *
     * @return list<string>
     */
    private static function strangers(?string $kept, array $heats): array
    {
        $own = $kept ?? self::first($heats);
        $strange = [];
        foreach ($heats as [, $family]) {
            if (null !== $family && $family !== $own) {
                $strange[$family] = lcfirst(MetalFamily::find($family)->label ?? $family);
            }
        }

        return array_values($strange);
    }

    /** @param list<array{float, string|null}> $heats */
    private static function first(array $heats): ?string
    {
        foreach ($heats as [, $family]) {
            if (null !== $family) {
                return $family;
            }
        }

        return null;
    }

    /** @return array<string, array{heats: array{int, int}, fire: string, eaten: list<string>}> */
    private static function kinds(): array
    {
        /** @var array<string, array{heats: array{int, int}, fire: string, eaten: list<string>}>|null $kinds */
        static $kinds = null;
        if (null === $kinds) {
            /** @var list<array{code: string, heats: array{int, int}, fire: string, eaten: list<string>}> $rows */
            $rows = Table::rows(__DIR__.'/Data/crucibles.php', ['code', 'heats', 'fire', 'eaten']);
            $kinds = array_column($rows, null, 'code');
        }

        return $kinds;
    }
}
