<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\Alloy\MetalFamily;

/** Areas of sprue base, runner and gates to each other. The choke is the smallest of the three. */
final readonly class GatingRatio
{
    private function __construct(public float $sprue, public float $runner, public float $gates)
    {
    }

    /** Of a school for a family of metals; an unknown school is unpressurised. Source: the table of families. */
    public static function of(string $school, MetalFamily $metal): self
    {
        return new self(...($metal->ratios[$school] ?? $metal->ratios['unpressurised']));
    }

    /** Area of one member as a multiple of the choke: member ÷ smallest member. */
    public function timesChoke(float $member): float
    {
        return $member / min($this->sprue, $this->runner, $this->gates);
    }

    /** As it is written: 1 : 2 : 2. */
    public function words(): string
    {
        return implode(
            ' : ',
            array_map(static fn (float $x): string => rtrim(rtrim(number_format($x, 1, '.', ''), '0'), '.'), [
                $this->sprue,
                $this->runner,
                $this->gates,
            ]),
        );
    }
}
