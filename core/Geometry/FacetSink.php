<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Takes the facets of a mesh one after the other, as they stand in its file. */
interface FacetSink
{
    /**
     * @param array<int, float> $f nine coordinates, three points one after the other, from 1
     */
    public function facet(array $f): void;
}
