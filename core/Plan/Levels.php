<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Plan;

/** How high things stand, metres: what the gating counts with, the flask is deep for and the drawing shows. */
final readonly class Levels
{
    /** Head where none is told. Common practice: a hand's breadth of metal. */
    public const USUAL_HEAD_M = 0.1;

    /**
     * @param float $height of the casting, 0 where it is not known
     * @param float $above how far the casting rises above where metal enters
     * @param bool $aboveKnown told, or from the gated section; otherwise taken for granted by the kind of fill
     * @param float $head from the gate up to the metal in cup or basin
     * @param bool $headKnown told
     */
    private function __construct(
        public float $height,
        public float $above,
        public bool $aboveKnown,
        public float $head,
        public bool $headKnown,
    ) {
    }

    /** Heights as told, else from the sections, else by the kind of fill. */
    public static function of(Basis $basis): self
    {
        $height = $basis->castingHeight() ?? 0.0;
        $above = $basis->aboveGates();
        $usual = match ($basis->fill()) {
            'top' => 0.0,
            'bottom' => $height,
            // Neither told nor to be seen from the sections: half of it.
            default => $height / 2,
        };
        $head = $basis->si('gating.sprue_height');

        return new self($height, $above ?? $usual, null !== $above, $head ?? self::USUAL_HEAD_M, null !== $head);
    }
}
