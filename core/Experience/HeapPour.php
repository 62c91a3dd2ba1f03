<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Experience;

use MoltenNotes\Core\Sand\HeapState;

/** A judged pour of a heap: what the sand was like, and whether what it showed may be the sand's doing. */
final readonly class HeapPour
{
    /** Defects that moulding sand may have a part in, by the causes of sand in the network of diagnosis; common practice. */
    private const OF_SAND = [
        'blowhole', 'gas_porosity', 'pinholes', 'rough_skin', 'penetration', 'scab', 'erosion', 'vein', 'swell', 'crush_lump', 'drop_lump',
        'edge_tearout', 'sand_inclusion',
    ];

    public function __construct(public float $at, public HeapState $state, public bool $sandDefect)
    {
    }

    /**
     * @param list<string> $kinds of defects found
     *
     * @return list<string> those that sand may have a part in
     */
    public static function ofSand(array $kinds): array
    {
        return array_values(array_intersect($kinds, self::OF_SAND));
    }
}
