<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

/**
 * What the stages of a plan made of the mould: levels, sizes and seats, each with its origin. The drawing shows this and works nothing
 * out itself.
 */
final readonly class Assembly
{
    /**
     * @param array<string, Size> $gating sprue_base, sprue_top, runner_width, runner_height, gate_width, gate_thickness: those that are
     *                                    known
     * @param list<RiserSeat> $risers that stand ready; none where the mould has none
     * @param array<string, float> $moduli section id → volume over cooled area, metres, as the feeding counts it
     */
    public function __construct(public Levels $levels, public array $gating, public array $risers, public array $moduli)
    {
    }

    /** The section that freezes last, by its modulus; null without sections. */
    public function heaviest(): ?string
    {
        $moduli = $this->moduli;
        arsort($moduli);

        return array_key_first($moduli);
    }
}
