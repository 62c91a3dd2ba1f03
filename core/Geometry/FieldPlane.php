<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/**
 * What a casting's body says at each place of one plane through it, or of all of it seen from above. Metres.
 *
 * Kept as packed text, for a body has two dozen such planes; a value is known to one part in 65 000 of the largest.
 */
final readonly class FieldPlane
{
    private const FULL = 65535;

    /**
     * @param list<float> $x middles of its columns
     * @param list<float> $y middles of its rows
     * @param string $parts number of the part at each place, a byte each; 0 for mould
     * @param string $depth packed, to the nearest mould
     * @param string $thickness packed, largest ball that fits over the place
     * @param string $way packed, of the metal from the nearest gate
     * @param float $largest what the highest packed value stands for, m
     */
    private function __construct(
        public array $x,
        public array $y,
        private string $parts,
        private string $depth,
        private string $thickness,
        private string $way,
        private float $largest,
    ) {
    }

    /**
     * @param list<float> $x
     * @param list<float> $y
     * @param array<int, int> $parts place → number of the part, 1 and up; the rest is mould
     * @param array<int, float> $depth
     * @param array<int, float> $thickness
     * @param array<int, float> $way places that no gate reaches are missing
     */
    public static function of(array $x, array $y, array $parts, array $depth, array $thickness, array $way): self
    {
        $largest = max([1e-9, ...array_values($depth), ...array_values($thickness), ...array_values($way)]);
        $numbers = str_repeat("\0", count($x) * count($y));
        foreach ($parts as $at => $part) {
            $numbers[$at] = chr(min(255, $part));
        }
        $packed = static function (array $values) use ($x, $y, $largest): string {
            /** @var array<int, float> $values */
            $whole = array_fill(0, count($x) * count($y), 0);
            foreach ($values as $at => $value) {
                $whole[$at] = (int) (self::FULL * ($value / $largest) + 0.5);
            }

            return pack('v*', ...$whole);
        };

        return new self($x, $y, $numbers, $packed($depth), $packed($thickness), $packed($way), $largest);
    }

    /** @return array<int, int> place i + n · j → number of the part, where there is metal */
    public function parts(): array
    {
        $parts = [];
        for ($at = 0, $n = strlen($this->parts); $at < $n; ++$at) {
            if ("\0" !== $this->parts[$at]) {
                $parts[$at] = ord($this->parts[$at]);
            }
        }

        return $parts;
    }

    /** @return array<int, float> place → to the nearest mould, m */
    public function depth(): array
    {
        return $this->read($this->depth);
    }

    /** @return array<int, float> place → diameter of the largest ball that fits over it, m */
    public function thickness(): array
    {
        return $this->read($this->thickness);
    }

    /** @return array<int, float> place → way of the metal from the nearest gate, m */
    public function way(): array
    {
        return $this->read($this->way);
    }

    /** @return array<int, float> */
    private function read(string $packed): array
    {
        $values = [];
        $all = unpack('v*', $packed);
        foreach (false === $all ? [] : array_values($all) as $at => $value) {
            if ("\0" !== ($this->parts[$at] ?? "\0") && is_int($value)) {
                $values[$at] = $this->largest * ($value / self::FULL);
            }
        }

        return $values;
    }
}
