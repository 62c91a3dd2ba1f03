<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use MoltenNotes\Core\Calendar\Hours;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Temperature;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueReader;

/** What a caster's week is planned by: hours of each day, how many people, the clock on the wall, the air of these days. */
final readonly class WeekSettings
{
    private const MOST_PEOPLE = 20;

    /**
     * @param array<string, string> $told day → hours as typed; empty where nobody said any
     * @param \DateTimeZone $zone of the clock on the wall
     */
    private function __construct(
        public array $told,
        public Hours $hours,
        public int $people,
        public \DateTimeZone $zone,
        public ?Measurement $airTold,
        public ?Measurement $humidityTold,
        public ?Temperature $air,
        public ?float $humidity,
    ) {
    }

    /**
     * As kept; what can no longer be read is as usual.
     *
     * @param string|null $zone that the device tells
     */
    public static function of(?KeptWorkshop $kept, ?string $zone): self
    {
        $week = $kept?->settings()['week'] ?? [];
        $week = is_array($week) ? $week : [];
        $told = [];
        foreach (Hours::DAYS as $day) {
            $hours = $week[$day] ?? null;
            if (is_string($hours)) {
                $told[$day] = $hours;
            }
        }
        $hours = Hours::read($told);
        $reader = new ValueReader(UnitPreferences::metric());
        $air = self::read('air', $week['air'] ?? null, '', $reader);
        $humidity = self::read('humidity', $week['humidity'] ?? null, '', $reader);
        $people = $week['people'] ?? null;
        $own = is_string($week['zone'] ?? null) ? $week['zone'] : null;

        return new self(
            $told,
            $hours instanceof Hours ? $hours : self::usual(),
            is_int($people) && $people >= 1 && $people <= self::MOST_PEOPLE ? $people : 1,
            self::zone($zone) ?? self::zone($own) ?? new \DateTimeZone('UTC'),
            $air instanceof Measurement ? $air : null,
            $humidity instanceof Measurement ? $humidity : null,
            $air instanceof Measurement ? $air->asTemperature() : null,
            $humidity instanceof Measurement ? $humidity->si() : null,
        );
    }

    /** One setting from untrusted input; null is blank, or was refused. */
    public static function read(string $key, mixed $raw, string $pointer, ValueReader $reader): Measurement|string|int|null
    {
        if (null === $raw || '' === $raw) {
            return null;
        }
        if (in_array($key, Hours::DAYS, true)) {
            return is_string($raw) && mb_strlen($raw) <= 60 && Hours::read([$key => $raw]) instanceof Hours
                ? trim($raw)
                : $reader->refuse($pointer, 'week.hours', 'Say from when to when, such as 18:30-21:30; several parted by commas.');
        }

        return match ($key) {
            'people' => is_numeric($raw) && (int) $raw >= 1 && (int) $raw <= self::MOST_PEOPLE
                ? (int) $raw
                : $reader->refuse($pointer, 'week.people', 'Between 1 and '.self::MOST_PEOPLE.' people.'),
            'zone' => is_string($raw) && null !== self::zone($raw)
                ? $raw
                : $reader->refuse($pointer, 'week.zone', 'There is no such time zone.'),
            'air' => $reader->measured('air', 'degC', [-40, 60], null, $raw, $pointer),
            'humidity' => $reader->measured('humidity', 'percent', [1, 100], null, $raw, $pointer),
            default => $reader->refuse($pointer, 'record.unknown_field', 'This is not kept of a week.'),
        };
    }

    /** Minutes that the clock on the wall is ahead of Greenwich. */
    public function offset(int $minute): int
    {
        return intdiv($this->zone->getOffset(new \DateTimeImmutable('@'.(60 * $minute))), 60);
    }

    private static function usual(): Hours
    {
        $usual = Hours::read([]);

        return $usual instanceof Hours ? $usual : throw new \LogicException('The usual hours cannot be read.');
    }

    private static function zone(?string $name): ?\DateTimeZone
    {
        return null !== $name && in_array($name, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)
            ? new \DateTimeZone($name)
            : null;
    }
}
