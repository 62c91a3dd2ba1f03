<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Workshop\ThingKind;
use Symfony\Component\Uid\Uuid;

/** Builds the changes of commands, as the web client does. */
final class Changes
{
    /**
     * @param array<int|string, mixed> $values
     * @param array<string, mixed> $was
     *
     * @return array<string, array{was: mixed, to: mixed}>
     */
    public static function set(array $values, string $prefix = '', array $was = []): array
    {
        $set = [];
        foreach ($values as $field => $value) {
            $set[$prefix.$field] = ['was' => $was[$prefix.$field] ?? null, 'to' => $value];
        }

        return $set;
    }

    /**
     * An attempt with what is told of it in one go; what belongs to the melt goes to its heat.
     *
     * @param array<string, mixed> $entry casting_id, planned, made, heat {id, values}, poured_on, verdict, note, observations
     * @param array<string, mixed> $was field → what stood there
     *
     * @return list<array<string, mixed>>
     */
    public static function attempt(string $id, array $entry, bool $new, array $was = [], ?string $ownHeat = null): array
    {
        $made = self::part($entry, 'made');
        $given = self::part($entry, 'heat');
        $melt = self::part($given, 'values');
        foreach ($made as $field => $value) {
            if (true === Fields::find((string) $field)?->isOfTheHeat()) {
                $melt[$field] = $value;
                unset($made[$field]);
            }
        }
        $set = self::set(self::part($entry, 'planned'), 'planned.', $was) + self::set($made, 'made.', $was);
        foreach (self::part($entry, 'observations') as $code) {
            $set += self::set([is_scalar($code) ? (string) $code : '' => true], 'observations.', $was);
        }
        $set += self::set(array_intersect_key($entry, ['poured_on' => 0, 'verdict' => 0, 'note' => 0, 'name' => 0]), '', $was);
        $changes = [];
        $heat = $given['id'] ?? $ownHeat;
        if ([] !== $melt) {
            $changes[] = [
                'part' => 'heat',
                'id' => ($heat ??= Uuid::v7()->toRfc4122()),
                'create' => [],
                'set' => self::set($melt, '', $was),
            ];
        }
        if (null !== $heat) {
            $set += self::set(['heat' => $heat], '', $was);
        }
        $changes[] =
            ['part' => 'attempt', 'id' => $id, 'set' => $set] + ($new ? ['create' => ['casting' => $entry['casting_id'] ?? null]] : []);

        return $changes;
    }

    /**
     * @param array<string, mixed> $finding
     *
     * @return array<string, mixed>
     */
    public static function finding(string $attempt, array $finding, ?string $id = null): array
    {
        return [
            'part' => 'finding',
            'id' => $id ?? Uuid::v7()->toRfc4122(),
            'create' => ['attempt' => $attempt],
            'set' => self::set($finding),
        ];
    }

    /**
     * @param array<string, mixed> $workshop kinds of things with their rows, and settings
     *
     * @return list<array<string, mixed>>
     */
    public static function workshop(string $caster, array $workshop): array
    {
        $changes = $settings = [];
        foreach ($workshop as $key => $value) {
            if (isset(ThingKind::all()[$key])) {
                foreach (is_array($value) ? $value : [] as $row) {
                    $changes[] = [
                        'part' => 'workshop_row',
                        'id' => Uuid::v7()->toRfc4122(),
                        'create' => ['kind' => $key],
                        'set' => self::set(is_array($row) ? $row : []),
                    ];
                }
            } else {
                $settings += 'tariffs' === $key && is_array($value) ? self::set($value, 'tariffs.') : self::set([$key => $value]);
            }
        }

        return [['part' => 'workshop', 'id' => $caster, 'set' => $settings], ...$changes];
    }

    /**
     * @param array<string, mixed> $of
     *
     * @return array<mixed>
     */
    private static function part(array $of, string $key): array
    {
        return is_array($of[$key] ?? null) ? $of[$key] : [];
    }
}
