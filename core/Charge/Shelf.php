<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;

/**
 * The metal of a workshop, by the book of all its lots: what was charged leaves its lot as it was that day, and what a heat gives back
 * brings the metal of its pot into the lot that takes it, one melt older. Derived, a mass balance.
 */
final class Shelf
{
    /** @var array<string, LotState> by lot */
    private array $states = [];

    /** @var array<string, list<PotLine>> by heat */
    private array $pots = [];

    /** @var array<string, Estimate> by heat, kg given back */
    private array $returned = [];

    /** @var array<string, list<array{float, float}>> by lot: seconds since 1970, kg there from then on */
    private array $trends = [];

    /**
     * @param array<string, Lot> $lots by id
     * @param list<LotEvent> $events in any order; of a lot that is gone they say nothing but what they gave to a heat
     * @param array<string, HeatMetal> $heats what else is known of the metal of a heat
     * @param list<string> $gone lots that are not on the shelf any more, but were when they were charged
     */
    public static function replay(array $lots, array $events, array $heats = [], array $gone = []): self
    {
        $shelf = new self();
        $shelf->states = array_map(LotState::first(...), $lots);
        usort($events, static fn (LotEvent $a, LotEvent $b): int => $a->before($b));
        foreach ($events as $event) {
            $shelf->happen($event, $heats);
        }
        $shelf->states = array_diff_key($shelf->states, array_fill_keys($gone, true));

        return $shelf;
    }

    /** @return array<string, LotState> as the lots stand at the end of their book */
    public function states(): array
    {
        return $this->states;
    }

    /** What went into a heat; empty where nobody wrote it down. */
    public function pot(string $heat): PotMetal
    {
        return PotMetal::of($this->pots[$heat] ?? []);
    }

    /** kg that a heat gave back to the shelf. */
    public function returned(string $heat): Estimate
    {
        return $this->returned[$heat] ?? Estimate::exact(Dimension::Mass, 0.0);
    }

    /**
     * How much there was of a lot after each line of its book.
     *
     * @return list<array{float, float}> seconds since 1970, kg
     */
    public function trend(string $lot): array
    {
        return $this->trends[$lot] ?? [];
    }

    /** @param array<string, HeatMetal> $heats */
    private function happen(LotEvent $event, array $heats): void
    {
        $state = $this->states[$event->lot] ?? null;
        if (null === $state) {
            return;
        }
        $mass = $event->mass ?? Estimate::exact(Dimension::Mass, 0.0);
        $this->states[$event->lot] = match ($event->kind) {
            'lot_weighed' => null === $event->mass ? $state : $state->weighed($mass),
            'lot_added' => $state->added($mass),
            'lot_checked' => $state->checked($event->found, $event->known),
            'lot_charged' => $this->charge($state, $mass, $event),
            'lot_returned' => $this->giveBack($state, $mass, $event->heat, $heats),
            default => $state,
        };
        $this->trends[$event->lot][] = [$event->at, $this->states[$event->lot]->mass->si];
    }

    private function charge(LotState $state, Estimate $mass, LotEvent $event): LotState
    {
        if (null !== $event->heat) {
            $this->pots[$event->heat][] = new PotLine(
                $state->lot->name,
                $mass,
                $state->lot->loss,
                $state->composition,
                $state->remelts,
                $event->as,
                $state->lot->form,
            );
        }

        return $state->taken($mass);
    }

    /** @param array<string, HeatMetal> $heats */
    private function giveBack(LotState $state, Estimate $mass, ?string $heat, array $heats): LotState
    {
        $known = null === $heat ? null : $heats[$heat] ?? null;
        $pot = null === $heat ? null : $this->pot($heat);
        if (null !== $heat) {
            $this->returned[$heat] = $this->returned($heat)->plus($mass);
        }
        $composition = $known?->composition($pot?->composition) ?? $pot->composition ?? $state->composition;

        return $state->given($mass, $composition, $pot->remelts ?? 1.0);
    }
}
