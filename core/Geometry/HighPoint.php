<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** A place where rising metal shuts air in: nothing of the casting lies higher beside it. Metres and square metres. */
final readonly class HighPoint
{
    /**
     * @param list<float> $place x, y, z of the middle of its top
     * @param float $area of its top seen from above
     * @param list<string> $parts section ids it lies on
     */
    public function __construct(public array $place, public float $area, public array $parts)
    {
    }
}
