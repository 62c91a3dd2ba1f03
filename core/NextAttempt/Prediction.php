<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

/** What the change sheet expects of one defect, written down before the pour. */
final readonly class Prediction
{
    /**
     * @param float $before chance to see it again with nothing changed, 0…1
     * @param float $after chance to see it with the changes, 0…1
     */
    public function __construct(public string $defect, public float $before, public float $after, public Outcome $expected)
    {
    }

    /** Source of the bounds: founders' choice; "gone" asks for at most one in four and half of before. */
    public static function of(string $defect, float $before, float $after): self
    {
        $expected = match (true) {
            $after > $before + 0.1 => Outcome::Worse,
            $after <= 0.3 && $after <= 0.5 * $before => Outcome::Gone,
            $after <= 0.8 * $before => Outcome::Better,
            default => Outcome::Same,
        };

        return new self($defect, $before, $after, $expected);
    }
}
