<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\PourDay\FromEvents;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Record\Fields;
use Symfony\Component\Uid\Uuid;

/**
 * Lets what was tapped flow into the record: a value that nobody told, or that taps told before, follows them; one that the caster put
 * right stays as it is.
 */
final readonly class MeasuredValues
{
    public function __construct(private Notebook $notebook)
    {
    }

    /** @param list<DayEvent> $before what was tapped before this change */
    public function flow(Attempt $attempt, array $before, \DateTimeImmutable $now): void
    {
        $after = array_values($attempt->events());
        $units = $attempt->caster()->units();
        $old = FromEvents::values($before, $units);
        $new = FromEvents::values($after, $units);
        foreach (array_unique([...array_keys($old), ...array_keys($new)]) as $field) {
            $is = self::value($attempt, $field);
            if (null === $is || (isset($old[$field]) && self::same($is, $old[$field]))) {
                $this->write($attempt, $field, $new[$field] ?? null, $after, $now);
            }
        }
        foreach (array_diff(FromEvents::seen($before), FromEvents::seen($after)) as $gone) {
            $attempt->notice($gone, false);
        }
        foreach (FromEvents::seen($after) as $seen) {
            $attempt->notice($seen, true);
        }
        $poured = array_values(array_filter($after, static fn (DayEvent $event): bool => in_array($event->code, ['pour', 'full'], true)));
        if (null === $attempt->pouredOn() && [] !== $poured) {
            $attempt->pourOn(self::day($poured[0]));
        }
    }

    /** @return list<string> fields whose value is what was tapped */
    public static function measured(Attempt $attempt): array
    {
        $measured = [];
        foreach (FromEvents::values(array_values($attempt->events()), $attempt->caster()->units()) as $field => $value) {
            $is = self::value($attempt, $field);
            if (null !== $is && self::same($is, $value)) {
                $measured[] = $field;
            }
        }

        return $measured;
    }

    private static function value(Attempt $attempt, string $field): mixed
    {
        $values = Fields::get($field)->isOfTheHeat() ? $attempt->heat()?->values() : $attempt->valuesOf('made');

        return $values?->all()[$field] ?? null;
    }

    /** @param list<DayEvent> $events */
    private function write(Attempt $attempt, string $field, Measurement|bool|null $value, array $events, \DateTimeImmutable $now): void
    {
        if (!Fields::get($field)->isOfTheHeat()) {
            $attempt->setValue('made', $field, $value);

            return;
        }
        $heat = $attempt->heat();
        if (null === $heat && null !== $value) {
            // The melt begins with its first tap; its metal is the one that was planned.
            $heat = new Heat(Uuid::v7(), $attempt->caster(), [] === $events ? null : self::day($events[0]), $now);
            $heat->setValue('metal.alloy', $attempt->valuesOf('planned')->choice('metal.alloy'));
            $this->notebook->add($heat);
            $attempt->joinHeat($heat);
        }
        $heat?->setValue($field, $value);
        $heat?->touch($now);
    }

    private static function day(DayEvent $event): \DateTimeImmutable
    {
        return (new \DateTimeImmutable('@'.(int) $event->at))->setTime(0, 0);
    }

    private static function same(mixed $a, mixed $b): bool
    {
        return $a instanceof Measurement && $b instanceof Measurement
            ? $a->dimension === $b->dimension && abs($a->si() - $b->si()) < 1e-6 * max(1.0, abs($a->si()))
            : $a === $b;
    }
}
