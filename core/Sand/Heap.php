<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Ratio;

/** A heap of moulding sand: its kind, what it weighs and the recipe it was mixed to. What is blank is as usual for its kind. */
final readonly class Heap
{
    /** A heap is seldom weighed as a whole; common practice. */
    private const MASS_WITHIN = 0.1;
    private const USUAL_STEP_KG = 0.001;

    /**
     * @param Estimate|null $mass kg, moist; null where nobody said what it weighs
     * @param Ratio|null $clay of dry sand, as it was mixed
     * @param Ratio|null $oil of dry sand, as it was mixed
     * @param Ratio|null $catalyst of dry sand, as it was mixed
     * @param Mass $step of the caster's scale
     */
    private function __construct(
        public SandKind $kind,
        public ?Estimate $mass,
        public ?Ratio $clay,
        public ?Ratio $oil,
        public ?Ratio $catalyst,
        public Mass $step,
    ) {
    }

    /**
     * @param array<string, mixed> $columns as the table of things has them; null where its kind is blank or gone
     */
    public static function from(array $columns): ?self
    {
        $kind = $columns['kind'] ?? null;
        $kind = SandKind::find(is_string($kind) ? $kind : null);
        if (null === $kind) {
            return null;
        }
        $share = static fn (mixed $told): ?Ratio => $told instanceof Measurement ? Ratio::fromSi($told->si()) : null;
        $mass = $columns['mass'] ?? null;
        $step = $columns['step'] ?? null;
        $told = $mass instanceof Measurement ? Estimate::of($mass) : null;

        return new self(
            $kind,
            null !== $told && $told->isExact() ? $told->widenedBy(self::MASS_WITHIN) : $told,
            $share($columns['clay'] ?? null),
            $share($columns['oil'] ?? null),
            $share($columns['catalyst'] ?? null),
            Mass::fromSi($step instanceof Measurement ? $step->si() : self::USUAL_STEP_KG),
        );
    }

    /** Share of dry sand that is clay when it is fresh, 0…0.5. */
    public function freshClay(): float
    {
        return $this->clay?->si() ?? $this->kind->wants[0];
    }

    /** Share of clay in new sand as it comes: none in washed sand, as in a fresh mix where it is dug with its clay. */
    public function clayOfNewSand(): float
    {
        return $this->kind->newBinds ? $this->freshClay() : 0.0;
    }

    /** Share of dry sand that is oil when it is fresh, 0…0.15. */
    public function freshOil(): float
    {
        return $this->oil?->si() ?? $this->kind->wants[1];
    }

    /** Share of dry sand that is catalyst when it is fresh, 0…0.05. */
    public function freshCatalyst(): float
    {
        return $this->catalyst?->si() ?? $this->kind->wants[2];
    }

    /** Moisture that is aimed at, share of the moist sand: the middle of the band; 0 for what is used dry. */
    public function wantedMoisture(): float
    {
        $band = $this->kind->bands['moisture'];

        return $this->kind->isTempered() ? ($band[0] + $band[1]) / 2 : 0.0;
    }

    /** kg of dry sand in it, by what it weighs moist; null where nobody said. */
    public function dryMass(): ?Estimate
    {
        return null === $this->mass
            ? null
            : Estimate::through(Dimension::Mass, fn (float $kg): float => $kg * (1 - $this->wantedMoisture()), $this->mass);
    }
}
