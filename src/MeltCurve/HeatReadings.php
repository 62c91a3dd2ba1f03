<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Instruments\Instruments;
use MoltenNotes\App\Instruments\Readings;
use MoltenNotes\App\Notebook\Heat;
use MoltenNotes\App\Notebook\Instrument;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Instrument\InstrumentKind;
use MoltenNotes\Core\PourDay\DayEvent;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\QuantityParser;

/**
 * All that was read of a melt: by the instruments it listens to, and typed on the day of its pours. In SI.
 *
 * @phpstan-type Series array{instrument: string, name: string, kind: InstrumentKind, quantity: Dimension, simulated: bool, at: list<float>,
 *     value: list<float>}
 */
final readonly class HeatReadings
{
    /** A melt that nobody told to stop listening does not go on for ever. */
    private const LONGEST_S = 86_400.0;
    private const TYPED = 'typed';

    public function __construct(private Instruments $instruments, private Readings $readings, private Notebook $notebook)
    {
    }

    /** @return array<string, array{instrument: Instrument, from: float, to: float|null}> instruments that are there, by their id */
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

    /** @return list<DayEvent> taps of all its pours, in order */
    public function events(Heat $heat): array
    {
        $events = [];
        foreach ($this->notebook->pouredFrom($heat) as $attempt) {
            array_push($events, ...array_values($attempt->events()));
        }
        usort($events, static fn (DayEvent $a, DayEvent $b): int => $a->at <=> $b->at);

        return $events;
    }

    /**
     * @param float $after only what came after this second
     * @param int|null $most readings of a series, each the mean of its neighbours; null: every single one
     *
     * @return list<Series>
     */
    public function series(Heat $heat, float $after = 0.0, ?int $most = null): array
    {
        $series = [];
        foreach ($this->listened($heat) as $id => ['instrument' => $instrument, 'from' => $from, 'to' => $to]) {
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
        $typed = $this->typed($heat, $after);

        return [] === $typed['at'] ? $series : [...$series, [
            'instrument' => self::TYPED,
            'name' => 'Typed on the day',
            'kind' => InstrumentKind::Thermocouple,
            'quantity' => Dimension::Temperature,
            'simulated' => false,
        ] + $typed];
    }

    /** @return array{at: list<float>, value: list<float>} */
    private function typed(Heat $heat, float $after): array
    {
        $at = $value = [];
        $parser = new QuantityParser($heat->caster()->units());
        foreach ($this->events($heat) as $event) {
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
