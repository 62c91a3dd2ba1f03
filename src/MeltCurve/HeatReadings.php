<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Instruments\Readings;
use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Instrument;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityParser;

/**
 * All that was read of a melt: by the instruments it listens to, and typed on the day of its pours. In SI.
 *
 * @phpstan-type Listened array<string, array{instrument: Instrument, from: float, to: float|null}>
 * @phpstan-type Series array{instrument: string, name: string, kind: InstrumentKind, quantity: Dimension, simulated: bool, at: list<float>,
 *     value: list<float>}
 */
final readonly class HeatReadings
{
    /** A melt that nobody told to stop listening does not go on for ever. */
    private const LONGEST_S = 86_400.0;
    private const TYPED = 'typed';

    public function __construct(private Instruments $instruments, private Readings $readings)
    {
    }

    /** @return Listened instruments that are there, by their id */
    public function listened(Heat $heat): array
    {
        $listened = [];
        foreach ($heat->listens() as $id => $when) {
            $instrument = $this->instruments->find($id, $heat->caster());
            if (null !== $instrument) {
                $listened[$id] = ['instrument' => $instrument] + $when;
            }
        }

        return $listened;
    }

    /**
     * @param list<Attempt> $pours of one melt
     *
     * @return list<DayEvent> taps of them all, in order
     */
    public static function events(array $pours): array
    {
        $events = [];
        foreach ($pours as $attempt) {
            array_push($events, ...array_values($attempt->events()));
        }
        usort($events, static fn (DayEvent $a, DayEvent $b): int => $a->at <=> $b->at);

        return $events;
    }

    /**
     * @param Listened $listened
     * @param list<DayEvent> $events
     * @param float $after only what came after this second
     * @param int|null $most readings of a series, each the mean of its neighbours; null: every single one
     *
     * @return list<Series>
     */
    public function series(Caster $caster, array $listened, array $events, float $after = 0.0, ?int $most = null): array
    {
        $series = [];
        foreach ($listened as $id => ['instrument' => $instrument, 'from' => $from, 'to' => $to]) {
            foreach (array_keys($instrument->kind()->reads()) as $quantity) {
                $read = $this->readings->of($instrument->id(), $quantity, $from, $to ?? $from + self::LONGEST_S, $after, $most);
                if ([] !== $read['at'] || $after > 0.0) {
                    $series[] = [
                        'instrument' => $id,
                        'name' => $instrument->name(),
                        'kind' => $instrument->kind(),
                        'quantity' => Dimension::from($quantity),
                    ] + $read;
                }
            }
        }
        $typed = self::typed($caster, $events, $after);

        return [] === $typed['at'] ? $series : [...$series, [
            'instrument' => self::TYPED,
            'name' => 'Typed on the day',
            'kind' => InstrumentKind::Thermocouple,
            'quantity' => Dimension::Temperature,
            'simulated' => false,
        ] + $typed];
    }

    /**
     * @param list<DayEvent> $events
     *
     * @return array{at: list<float>, value: list<float>}
     */
    private static function typed(Caster $caster, array $events, float $after): array
    {
        $at = $value = [];
        $parser = new QuantityParser($caster->units());
        foreach ($events as $event) {
            if ('temperature' !== $event->code || null === $event->word || $event->at <= $after) {
                continue;
            }
            try {
                $value[] = $parser->parse($event->word, Dimension::Temperature)->si();
                $at[] = $event->at;
            } catch (CoreError) {
                // A word that is no temperature stays beside its tap and makes no point.
                continue;
            }
        }

        return ['at' => $at, 'value' => $value];
    }
}
