<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * A mesh as cells, as it was drawn: each is metal or mould, the outermost layer is mould. Metres. It can be laid on any of its sides, and
 * kept as a short string.
 *
 * A cell is numbered x + nx · (y + ny · z).
 */
final readonly class MeshBody
{
    private const MARK = 'MNB1';

    /**
     * @param array{int, int, int} $count of cells along the axes of the drawing
     * @param array{float, float, float} $edge of a cell, m
     * @param string $metal one letter for each cell: 1 metal, 0 mould
     */
    public function __construct(public array $count, public array $edge, private string $metal)
    {
    }

    /** As it lies in the mould: x to the right, y to the back, z up from its lowest point, its middle over 0. */
    public function laid(WayUp $up): Cells
    {
        $axes = $up->axes();
        [$nx, $ny, $nz] = [$this->count[$axes[0][0]], $this->count[$axes[1][0]], $this->count[$axes[2][0]]];
        $strides = [1, $this->count[0], $this->count[0] * $this->count[1]];
        // Of each axis of the mould: where it starts in the drawing's numbers, and the step to the next.
        $start = 0;
        $step = [];
        foreach ($axes as [$axis, $sense]) {
            $step[] = $sense * $strides[$axis];
            $start += $sense > 0 ? 0 : $strides[$axis] * ($this->count[$axis] - 1);
        }
        $part = [];
        for ($k = 0; $k < $nz; ++$k) {
            for ($j = 0; $j < $ny; ++$j) {
                $from = $start + $j * $step[1] + $k * $step[2];
                for ($i = 0; $i < $nx; ++$i, $from += $step[0]) {
                    $part[] = '1' === $this->metal[$from] ? 1 : 0;
                }
            }
        }
        $edges = array_map(fn (array $axis): float => $this->edge[$axis[0]], $axes);

        return Cells::even($part, [$nx, $ny, $nz], $edges, [-($nx * $edges[0]) / 2, -($ny * $edges[1]) / 2, -$edges[2]]);
    }

    /** Along x, y and z of the drawing, m: its box without the layer of mould. */
    public function side(int $axis): float
    {
        return ($this->count[$axis] - 2) * $this->edge[$axis];
    }

    /** The longest edge of its cells, m. */
    public function coarsest(): float
    {
        return max($this->edge);
    }

    /** To be kept: what from() reads. */
    public function keep(): string
    {
        return self::MARK.gzencode((string) json_encode([$this->count, $this->edge]).\PHP_EOL.$this->metal, 6);
    }

    /** What keep() gave; null for anything else. */
    public static function from(string $kept): ?self
    {
        if (!str_starts_with($kept, self::MARK)) {
            return null;
        }
        $plain = gzdecode(substr($kept, strlen(self::MARK)));
        [$head, $metal] = explode(\PHP_EOL, false === $plain ? '' : $plain, 2) + [1 => ''];
        $said = json_decode($head, true);
        if (!is_array($said) || !is_array($said[0] ?? null) || !is_array($said[1] ?? null)) {
            return null;
        }
        $count = $edge = [];
        foreach ($said[0] as $one) {
            $count[] = is_int($one) ? $one : 0;
        }
        foreach ($said[1] as $one) {
            $edge[] = is_int($one) || is_float($one) ? (float) $one : 0.0;
        }
        if (3 !== count($count) || 3 !== count($edge) || array_product($count) !== strlen($metal)) {
            return null;
        }

        return new self([$count[0], $count[1], $count[2]], [$edge[0], $edge[1], $edge[2]], $metal);
    }
}
