<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/**
 * What a heap has been through, and how it stands at a time because of it.
 *
 * A pour burns so many kilograms, mixed in evenly afterwards: with f = burnt ÷ heap, live clay and live oil become (1 − f) of what they
 * were and the burnt share b becomes b + (1 − b) f. Dead clay stays in the heap as fines, so that a clay wash finds it too: what it finds
 * is taken times the share of the clay that is still alive by what burnt. New sand thins everything; sand thrown away as burnt takes only
 * burnt sand with it, mixed sand takes everything along in its proportion. Mass balance, derived.
 */
final readonly class HeapHistory
{
    /**
     * What was tested longer ago than this is not today's: moisture, squeeze and compactability go with the day, or with the morning of
     * the day before. Common practice.
     */
    private const OF_THE_DAY_S = 40 * 3600.0;
    /** Older events than these are not drawn; they count all the same. */
    private const MOST_DRAWN = 120;

    /** @var list<SandTest|SandAddition|SandPour> in the order they happened */
    private array $events;

    /** @param list<SandTest|SandAddition|SandPour> $events */
    public function __construct(private Heap $heap, array $events)
    {
        // At the same second a test comes first: it was made of what was then poured.
        $rank = static fn (SandTest|SandAddition|SandPour $event): int => $event instanceof SandPour ? 1 : 0;
        usort($events, static fn ($a, $b): int => [$a->at, $rank($a)] <=> [$b->at, $rank($b)]);
        $this->events = $events;
    }

    /** How the heap stands at a time, seconds since 1970; what happens at that very second is counted, a pour then is not. */
    public function at(float $now): HeapState
    {
        $before = $this->before($now);
        $pours = array_values(array_filter($before, static fn ($event): bool => $event instanceof SandPour));
        $readings = $this->measured($before, $now);
        foreach ($this->bound($before) as $measure => $reading) {
            $readings[$measure] = $reading;
        }
        $moisture = $this->moisture($before, $now);
        if (null !== $moisture) {
            $readings['moisture'] = $moisture;
        }

        return new HeapState(
            $this->heap->kind,
            $readings,
            $this->squeeze($before, $now),
            $this->carried($before, Dimension::Mass, 'dry'),
            [] === $pours ? Estimate::ratio(0.0) : $this->carried($before, Dimension::Ratio, 'burnt'),
            count($pours),
            $this->sinceMended($before),
            count(array_filter($pours, static fn (SandPour $pour): bool => null === $pour->burnt)),
        );
    }

    /**
     * Share of the heap that one of the last pours burnt, on the average of up to five of them; null where none tells.
     */
    public function wearOfLate(): ?Estimate
    {
        $dry = $this->carried($this->events, Dimension::Mass, 'dry');
        $burnt = [];
        foreach ($this->events as $event) {
            if ($event instanceof SandPour && null !== $event->burnt) {
                $burnt[] = $event->burnt->si();
            }
        }
        $burnt = array_slice($burnt, -5);
        if ([] === $burnt || null === $dry || $dry->si <= 0.0) {
            return null;
        }
        $mean = array_sum($burnt) / count($burnt);

        return Estimate::through(
            Dimension::Ratio,
            static fn (float $wear, float $kg): float => min(0.9, ($wear * $mean) / max(0.1, $kg)),
            Estimate::ratio(1.0)->widenedBy(BurntSand::WITHIN),
            $dry,
        );
    }

    /**
     * How one measure went: its tests, and for clay and oil, which burn and are mixed in, how it stood after each event as well, until
     * now.
     *
     * @return list<array{float, HeapReading, bool}> when, what is known then, and whether it was tested then; the oldest first
     */
    public function trend(string $measure, float $now): array
    {
        $carried = in_array($measure, ['clay', 'oil'], true);
        $trend = [];
        foreach (array_slice($this->events, -self::MOST_DRAWN) as $event) {
            $tested = $event instanceof SandTest && isset($event->readings[$measure]);
            if (!$tested && (!$carried || $event instanceof SandTest)) {
                continue;
            }
            // A pour counts from just after it.
            $reading = $this->at($event instanceof SandPour ? $event->at + 1.0 : $event->at)->readings[$measure] ?? null;
            if (null !== $reading && 'recipe' !== $reading->origin) {
                $trend[] = [$event->at, $reading, $tested];
            }
        }
        $last = $carried && [] !== $trend ? $this->at($now)->readings[$measure] ?? null : null;

        return null === $last ? $trend : [...$trend, [$now, $last, false]];
    }

    /**
     * Now, or just after whatever was written down last: the clock of a phone may be ahead, and a pour of today whose hour nobody told
     * stands at the end of the day.
     */
    public function until(float $now): float
    {
        $last = [] === $this->events ? $now : $this->events[count($this->events) - 1]->at + 1.0;

        return max($now, $last);
    }

    /** @return list<SandTest> in the order they were made */
    public function tests(): array
    {
        return array_values(array_filter($this->events, static fn ($event): bool => $event instanceof SandTest));
    }

    /** @return list<float> when something was mixed in that gives back what burnt, seconds since 1970, the oldest first */
    public function mendedAt(): array
    {
        $mended = array_filter($this->events, static fn ($event): bool => $event instanceof SandAddition && $event->mends());

        return array_values(array_map(static fn ($event): float => $event->at, $mended));
    }

    /** How many moulds were poured of it after a moment, seconds since 1970. */
    public function poursSince(?float $at): int
    {
        return count(array_filter($this->events, static fn ($event): bool => $event instanceof SandPour && $event->at >= ($at ?? -\INF)));
    }

    /** @return list<SandTest|SandAddition|SandPour> */
    private function before(float $now): array
    {
        return array_values(array_filter(
            $this->events,
            static fn ($event): bool => $event instanceof SandPour ? $event->at < $now : $event->at <= $now,
        ));
    }

    /**
     * The last of each measure that a test alone tells.
     *
     * @param list<SandTest|SandAddition|SandPour> $events
     *
     * @return array<string, HeapReading>
     */
    private function measured(array $events, float $now): array
    {
        $readings = [];
        $wetted = -\INF;
        foreach ($events as $event) {
            if ($event instanceof SandAddition && $event->wets()) {
                $wetted = $event->at;
            }
            $found = $event instanceof SandTest ? $event->readings : [];
            unset($found['moisture'], $found['clay']);
            foreach ($found as $code => $value) {
                $readings[$code] = new HeapReading($value, 'tested', $event->at, false);
            }
        }
        $ram = $readings['compactability'] ?? null;
        if (null !== $ram && ($now - ($ram->at ?? -\INF) > self::OF_THE_DAY_S || $wetted > $ram->at)) {
            $readings['compactability'] = new HeapReading($ram->value, 'tested', $ram->at, true);
        }

        return $readings;
    }

    /**
     * Live clay and live oil, where the kind has them.
     *
     * @param list<SandTest|SandAddition|SandPour> $events
     *
     * @return array<string, HeapReading>
     */
    private function bound(array $events): array
    {
        $readings = [];
        $tested = $changed = null;
        foreach ($events as $event) {
            if ($event instanceof SandTest && isset($event->readings['clay'])) {
                $tested = $event->at;
                $changed = null;
            } elseif (!$event instanceof SandTest) {
                $changed = $event->at;
            }
        }
        if (isset($this->heap->kind->bands['clay'])) {
            $clay = $this->carried($events, Dimension::Ratio, 'clay') ?? $this->lastClay($events);
            $origin = match (true) {
                null !== $tested => null === $changed ? 'tested' : 'reckoned',
                null !== $this->heap->clay => 'reckoned',
                default => 'recipe',
            };
            if (null !== $clay) {
                $readings['clay'] = new HeapReading($clay, $origin, $tested, false);
            }
        }
        $oil = isset($this->heap->kind->bands['oil']) ? $this->carried($events, Dimension::Ratio, 'oil') : null;
        if (null !== $oil) {
            $readings['oil'] = new HeapReading($oil, null === $this->heap->oil ? 'recipe' : 'reckoned', null, false);
        }

        return $readings;
    }

    /**
     * What a wash found last, where nobody said what the heap weighs and nothing can be followed on from it.
     *
     * @param list<SandTest|SandAddition|SandPour> $events
     */
    private function lastClay(array $events): ?Estimate
    {
        $last = null;
        foreach ($events as $event) {
            $last = $event instanceof SandTest ? $event->readings['clay'] ?? $last : $last;
        }

        return $last;
    }

    /**
     * The last test of it, followed on through what was mixed in since.
     *
     * @param list<SandTest|SandAddition|SandPour> $events
     */
    private function moisture(array $events, float $now): ?HeapReading
    {
        $reading = null;
        foreach ($events as $event) {
            if ($event instanceof SandTest && isset($event->readings['moisture'])) {
                $reading = new HeapReading($event->readings['moisture'], 'tested', $event->at, false);
            } elseif ($event instanceof SandAddition && $event->wets() && null !== $reading) {
                $reading = $this->wetted($reading, $event);
            }
        }
        if (null === $reading) {
            return null;
        }

        return $now - ($reading->at ?? -\INF) > self::OF_THE_DAY_S
            ? new HeapReading($reading->value, $reading->origin, $reading->at, true)
            : $reading;
    }

    /** Moisture after something was mixed in; null where nobody said what the heap weighs: then it is not known any more. */
    private function wetted(HeapReading $before, SandAddition $in): ?HeapReading
    {
        $dry = $this->carried($this->before($in->at), Dimension::Mass, 'dry');
        if (null === $dry) {
            return null;
        }
        $added = $in->sand->si() + $in->clay->si() * (1 - $this->heap->kind->clayWater);
        $water = $in->water->si() + $in->clay->si() * $this->heap->kind->clayWater;
        $value = Estimate::through(
            Dimension::Ratio,
            static function (float $share, float $after) use ($added, $water): float {
                $was = max(0.1, $after - $added);
                $wet = ($share / (1 - min(0.9, $share))) * $was + $water;

                return $wet / ($was + $added + $wet);
            },
            $before->value,
            $dry,
        );

        return new HeapReading($value, 'reckoned', $before->at, false);
    }

    /** @param list<SandTest|SandAddition|SandPour> $events */
    private function squeeze(array $events, float $now): ?string
    {
        $squeeze = null;
        foreach ($events as $event) {
            if ($event instanceof SandTest && null !== $event->squeeze) {
                $squeeze = $now - $event->at <= self::OF_THE_DAY_S ? $event->squeeze : null;
            } elseif ($event instanceof SandAddition && $event->wets()) {
                $squeeze = null;
            }
        }

        return $squeeze;
    }

    /** @param list<SandTest|SandAddition|SandPour> $events */
    private function sinceMended(array $events): int
    {
        $count = 0;
        foreach ($events as $event) {
            $count = match (true) {
                $event instanceof SandPour => $count + 1,
                $event instanceof SandAddition && $event->mends() => 0,
                default => $count,
            };
        }

        return $count;
    }

    /**
     * One part of the balance with its spread: of what the heap weighs, how much a pour burns, and what a wash found. Null where nobody
     * said what the heap weighs.
     *
     * @param list<SandTest|SandAddition|SandPour> $events
     * @param 'dry'|'clay'|'oil'|'burnt' $part
     */
    private function carried(array $events, Dimension $dimension, string $part): ?Estimate
    {
        $dry = $this->heap->dryMass();
        if (null === $dry) {
            return null;
        }

        return Estimate::through(
            $dimension,
            fn (float $kg, float $wear, float $found): float => $this->balance($events, $kg, $wear, $found)[$part],
            $dry,
            Estimate::ratio(1.0)->widenedBy(BurntSand::WITHIN),
            Estimate::ratio(1.0, 0.0, 2.0),
        );
    }

    /**
     * @param list<SandTest|SandAddition|SandPour> $events
     * @param float $found 0 at the low end of what washes found, 1 at their middle, 2 at their high end
     *
     * @return array{dry: float, clay: float, oil: float, burnt: float}
     */
    private function balance(array $events, float $dry, float $wear, float $found): array
    {
        $clay = $all = $this->heap->freshClay();
        $oil = $this->heap->freshOil();
        $burnt = 0.0;
        foreach ($events as $event) {
            if ($event instanceof SandPour) {
                $share = min(0.9, ($wear * ($event->burnt?->si() ?? 0.0)) / max(0.1, $dry));
                $clay *= 1 - $share;
                $oil *= 1 - $share;
                $burnt += (1 - $burnt) * $share;
            } elseif ($event instanceof SandAddition) {
                // Burnt sand has no live clay in it; what is thrown away beyond it is mixed sand.
                $out = min($event->burntOut->si(), $burnt * $dry, 0.9 * $dry);
                $left = $dry - $out;
                [$clay, $oil, $burnt] = [($clay * $dry) / $left, ($oil * $dry) / $left, ($burnt * $dry - $out) / $left];
                $dry = max(0.1, $left - ($event->burntOut->si() - $out) - $event->takenOut->si());
                $pure = $event->clay->si() * (1 - $this->heap->kind->clayWater);
                $after = $dry + $event->sand->si() + $pure;
                $with = $event->sand->si() * $this->heap->clayOfNewSand();
                $clay = ($clay * $dry + $with + $pure) / $after;
                $all = ($all * $dry + $with + $pure) / $after;
                $oil = ($oil * $dry + $event->oil->si()) / $after;
                $burnt = ($burnt * $dry) / $after;
                $dry = $after;
            } elseif (isset($event->readings['clay'])) {
                $wash = $event->readings['clay'];
                $seen = $found <= 1.0
                    ? $wash->lowSi + $found * ($wash->si - $wash->lowSi)
                    : $wash->si + ($found - 1.0) * ($wash->highSi - $wash->si);
                // With no clay to begin with, whatever the wash finds is dust.
                $clay = $all > 0.0 ? $seen * min(1.0, $clay / $all) : $seen;
                $all = $seen;
            }
        }

        return ['dry' => $dry, 'clay' => $clay, 'oil' => $oil, 'burnt' => $burnt];
    }
}
