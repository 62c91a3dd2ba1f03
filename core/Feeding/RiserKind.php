<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Feeding;

/**
 * How a riser is made: open to the air with a flat top, or blind with a domed one; on the casting, where the face it stands on does not
 * cool it, or beside it and joined by a neck, where its own foot cools it too. What a neck takes from its side is left out. Plain geometry.
 */
final readonly class RiserKind
{
    public function __construct(public bool $isBlind = false, public bool $isBeside = false)
    {
    }

    /** Metal in it, m³: diameter and height in metres. A dome is half a ball, where there is the height for it. */
    public function volume(float $diameter, float $height): float
    {
        $dome = $this->dome($diameter, $height);

        return ((\M_PI * $diameter ** 2) / 4) * ($height - $dome) + (\M_PI / 6) * $diameter ** 2 * $dome;
    }

    /** Face that cools it, m². */
    public function cooled(float $diameter, float $height): float
    {
        $dome = $this->dome($diameter, $height);
        $top = $dome > 0.0 ? (\M_PI * $diameter ** 2) / 2 : (\M_PI * $diameter ** 2) / 4;
        $foot = $this->isBeside ? (\M_PI * $diameter ** 2) / 4 : 0.0;

        return \M_PI * $diameter * ($height - $dome) + $top + $foot;
    }

    /** Height of the dome, m; a blind riser lower than half its width has none to speak of. */
    private function dome(float $diameter, float $height): float
    {
        return $this->isBlind && $height >= $diameter / 2 ? $diameter / 2 : 0.0;
    }
}
