<?php

declare(strict_types=1);

namespace MoltenNotes\Tests\Support;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Castings as hobby casters make them, drawn at random: a few parts of 3 to 300 mm that hang together. One seed, the same castings. */
final class WildCastings
{
    private Randomizer $chance;

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param int $most parts besides the first
     *
     * @return non-empty-list<array<string, mixed>>
     */
    public function next(int $most = 4): array
    {
        $size = 10 ** (1.3 + 1.1 * $this->float());
        // A wall is never so thick that a ring closes, whatever the rounding.
        $wall = min($size / 8, max(2.0, $size * (0.03 + 0.15 * $this->float())));
        $sections = [$this->first($size, $wall)];
        for ($i = 1, $n = $this->chance->getInt(0, $most); $i <= $n; ++$i) {
            $sections[] = $this->further($i, $size, $wall);
        }

        return $sections;
    }

    /** @return array<string, mixed> */
    private function first(float $size, float $wall): array
    {
        $more = ['gates' => $this->chance->getInt(1, 3), 'riser' => $this->float() < 0.3];

        return match ($this->chance->getInt(0, 4)) {
            0 => Solids::plate('s0', $this->mm($size), $this->mm($size * 0.6), $this->mm($wall), $more),
            1 => Solids::rod('s0', $this->mm($size), $this->mm($wall * 2), $more),
            2 => Solids::ring('s0', $this->mm($size), $this->mm($wall), $this->mm($wall), $more),
            3 => [
                'id' => 's0', 'shape' => 'tube', 'diameter' => $this->mm($size).' mm', 'wall' => $this->mm($wall).' mm',
                'height' => $this->mm($size * 0.5).' mm',
            ] + $more,
            default => Solids::plate('s0', $this->mm($size), $this->mm($wall * 2), $this->mm($wall), $more),
        };
    }

    /** @return array<string, mixed> */
    private function further(int $i, float $size, float $wall): array
    {
        $more = [
            'joins' => 's'.$this->chance->getInt(0, $i - 1),
            'sits' => ['end', 'top', 'under', 'beside'][$this->chance->getInt(0, 3)],
            'count' => [1, 1, 1, 2, 4][$this->chance->getInt(0, 4)],
            'riser' => $this->float() < 0.2,
            'vent' => $this->float() < 0.3,
        ];

        return match ($this->chance->getInt(0, 3)) {
            0 => Solids::plate("s{$i}", $this->mm($size * 0.5), $this->mm($wall * 1.5), $this->mm($wall), $more),
            1 => Solids::rod("s{$i}", $this->mm($size * 0.3), $this->mm($wall * 2.5), $more),
            2 => Solids::ring("s{$i}", $this->mm($size * 0.5), $this->mm($wall), $this->mm($wall * 1.5), $more),
            default => ['id' => "s{$i}", 'shape' => 'sphere', 'diameter' => $this->mm($size * 0.2 + $wall).' mm'] + $more,
        };
    }

    private function mm(float $about): float
    {
        return round($about * (0.7 + 0.6 * $this->float()), 1);
    }

    private function float(): float
    {
        return $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }
}
