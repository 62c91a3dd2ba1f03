<?php

declare(strict_types=1);

namespace MoltenNotes\Core\PourDay;

use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityParser;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Fields;

/**
 * What the taps of a day say of the record by themselves: times between them, what was noticed, what was done. Derived; where taps
 * contradict one another (full before the pour started) nothing is said.
 */
final readonly class FromEvents
{
    /** Field, the tap it begins with, the taps it ends with (the first of them counts), unit. */
    private const SPANS = [
        ['melt.time', 'lit', ['all_liquid'], 'min'],
        ['melt.hold', 'all_liquid', ['out', 'pour'], 'min'],
        ['pour.carry_time', 'out', ['pour'], 's'],
        ['pour.time', 'pour', ['full', 'ran_short'], 's'],
        ['cooling.open_after', 'full', ['opened'], 'min'],
    ];

    /**
     * @param list<DayEvent> $events in any order
     *
     * @return array<string, Measurement|bool> field → value
     */
    public static function values(array $events, UnitPreferences $preferences): array
    {
        usort($events, static fn (DayEvent $a, DayEvent $b): int => $a->at <=> $b->at);
        $values = [];
        foreach (self::SPANS as [$field, $from, $to, $unit]) {
            $begin = self::first($events, [$from]);
            $end = null === $begin ? null : self::first(self::since($events, $begin->at), $to);
            if (null !== $begin && null !== $end && $end->at > $begin->at) {
                $seconds = $end->at - $begin->at;
                $value = Measurement::of(round('min' === $unit ? $seconds / 60 : $seconds, 'min' === $unit ? 2 : 1), $unit);
                if (Fields::get($field)->takes($value)) {
                    $values[$field] = $value;
                }
            }
        }
        foreach ($events as $event) {
            foreach ((Tap::all()[$event->code] ?? null)->sets ?? [] as $field => $is) {
                $values[$field] = $is;
            }
        }
        $temperature = self::poured($events, $preferences);

        return null === $temperature ? $values : $values + ['pour.temperature' => $temperature];
    }

    /**
     * @param list<DayEvent> $events
     *
     * @return list<string> observations, each once
     */
    public static function seen(array $events): array
    {
        $seen = array_map(static fn (DayEvent $event): ?string => (Tap::all()[$event->code] ?? null)?->seen, $events);

        return array_values(array_unique(array_filter($seen, is_string(...))));
    }

    /**
     * The last temperature before the pour.
     *
     * @param list<DayEvent> $events in order
     */
    private static function poured(array $events, UnitPreferences $preferences): ?Measurement
    {
        $told = null;
        foreach ($events as $event) {
            if ('pour' === $event->code) {
                break;
            }
            if ('temperature' !== $event->code || null === $event->word) {
                continue;
            }
            try {
                $read = (new QuantityParser($preferences))->parse($event->word, Dimension::Temperature);
                $told = Fields::get('pour.temperature')->takes($read) ? $read : $told;
            } catch (CoreError) {
                // What cannot be read as a temperature stays a word beside its tap; it was refused where it was typed.
                continue;
            }
        }

        return $told;
    }

    /**
     * @param list<DayEvent> $events in order
     * @param list<string> $codes
     */
    private static function first(array $events, array $codes): ?DayEvent
    {
        foreach ($events as $event) {
            if (in_array($event->code, $codes, true)) {
                return $event;
            }
        }

        return null;
    }

    /**
     * @param list<DayEvent> $events in order
     *
     * @return list<DayEvent>
     */
    private static function since(array $events, float $at): array
    {
        return array_values(array_filter($events, static fn (DayEvent $event): bool => $event->at >= $at));
    }
}
