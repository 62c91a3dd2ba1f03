<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Where in a mesh something was found: grows while its cells are counted, and says the box round them in the mesh's own numbers. */
final class MeshPlace
{
    public int $count = 0;
    /** Cells, each as often as it was counted, parts of them too. */
    public float $weight = 0.0;

    /** @var array{int, int, int} */
    private array $low = [\PHP_INT_MAX, \PHP_INT_MAX, \PHP_INT_MAX];

    /** @var array{int, int, int} */
    private array $high = [\PHP_INT_MIN, \PHP_INT_MIN, \PHP_INT_MIN];

    /** Takes a cell in, counted so many times. */
    public function add(int $i, int $j, int $k, float $times): void
    {
        ++$this->count;
        $this->weight += $times;
        $this->low = [min($this->low[0], $i), min($this->low[1], $j), min($this->low[2], $k)];
        $this->high = [max($this->high[0], $i), max($this->high[1], $j), max($this->high[2], $k)];
    }

    /**
     * @param array{float, float, float} $corner
     * @param array{float, float, float} $edge
     */
    public function words(array $corner, array $edge): string
    {
        $said = [];
        foreach (['x', 'y', 'z'] as $axis => $name) {
            $from = $corner[$axis] + $this->low[$axis] * $edge[$axis];
            $to = $corner[$axis] + ($this->high[$axis] + 1) * $edge[$axis];
            $digits = max(0, 2 - (int) floor(log10(max(1e-6, $edge[$axis] * 10))));
            $said[] = $name.' '.round($from, $digits).' to '.round($to, $digits);
        }

        return implode(', ', $said).' of the drawing';
    }
}
