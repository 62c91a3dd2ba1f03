<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Geometry;

/** Reads the facets of an STL file, binary or text, from pieces of any size in bounded memory. Written for speed over packed numbers. */
final class StlFile
{
    private const FACET_ENDS = 'endfacet';
    /** No facet of text takes so many bytes, whoever wrote it. */
    private const LONGEST_FACET = 65536;
    private const FACET_BYTES = 50;
    private const HEAD_BYTES = 84;

    private int $facets = 0;

    private function __construct(private readonly FacetSink $sink)
    {
    }

    /**
     * Gives every facet to the sink and tells how many there were.
     *
     * @param iterable<string> $pieces the file in order
     *
     * @throws UnreadableMesh when it is no STL file, or broken off
     */
    public static function feed(iterable $pieces, FacetSink $sink): int
    {
        $file = new self($sink);
        $file->read($pieces);

        return $file->facets;
    }

    /** @param iterable<string> $pieces */
    private function read(iterable $pieces): void
    {
        $buffer = '';
        $binary = null;
        $left = 0;
        foreach ($pieces as $piece) {
            $buffer .= $piece;
            if (null === $binary) {
                if (strlen($buffer) < self::HEAD_BYTES) {
                    continue;
                }
                $binary = !self::looksLikeText($buffer);
                if ($binary) {
                    $left = self::count($buffer);
                    $buffer = substr($buffer, self::HEAD_BYTES);
                }
            }
            $buffer = $binary ? $this->binary($buffer, $left) : $this->text($buffer);
        }
        if (null === $binary) {
            if (!self::looksLikeText($buffer)) {
                throw UnreadableMesh::tooShort(strlen($buffer));
            }
            $buffer = $this->text($buffer);
            $binary = false;
        }
        if (!$binary) {
            $this->text($buffer."\n", true);
        }
        if ($binary && $left > 0) {
            throw UnreadableMesh::brokenOff($this->facets, $this->facets + $left);
        }
        if (0 === $this->facets) {
            throw UnreadableMesh::empty();
        }
    }

    /** Takes whole facets of 50 bytes off the buffer and gives back the rest. */
    private function binary(string $buffer, int &$left): string
    {
        $count = min($left, intdiv(strlen($buffer), self::FACET_BYTES));
        $sink = $this->sink;
        for ($i = 0; $i < $count; ++$i) {
            /** @var array<int, float> $f */
            $f = unpack('g9', $buffer, $i * self::FACET_BYTES + 12);
            $sink->facet($f);
        }
        $this->facets += $count;
        $left -= $count;

        return $left > 0 ? substr($buffer, $count * self::FACET_BYTES) : '';
    }

    /**
     * Takes whole facets of text off the buffer and gives back the rest, which is always short: the work grows with the file, not with
     * its square.
     *
     * @throws UnreadableMesh when the text goes on and on without the end of a facet
     */
    private function text(string $buffer, bool $last = false): string
    {
        $end = $last ? strlen($buffer) : strrpos($buffer, self::FACET_ENDS);
        if (false === $end) {
            if (strlen($buffer) > self::LONGEST_FACET) {
                throw UnreadableMesh::endless($this->facets);
            }

            return $buffer;
        }
        // Possessive: what was read once is not tried again in pieces.
        preg_match_all('/vertex\s++(\S++)\s++(\S++)\s++(\S++)/', substr($buffer, 0, $end), $found);
        for ($i = 0, $count = intdiv(count($found[0]), 3) * 3; $i < $count; $i += 3) {
            $packed = '';
            for ($k = $i; $k < $i + 3; ++$k) {
                $packed .= pack(
                    'g3',
                    is_numeric($found[1][$k]) ? (float) $found[1][$k] : \NAN,
                    is_numeric($found[2][$k]) ? (float) $found[2][$k] : \NAN,
                    is_numeric($found[3][$k]) ? (float) $found[3][$k] : \NAN,
                );
            }
            /** @var array<int, float> $f */
            $f = unpack('g9', $packed);
            $this->sink->facet($f);
            ++$this->facets;
        }

        $rest = $last ? '' : substr($buffer, $end + strlen(self::FACET_ENDS));
        if (strlen($rest) > self::LONGEST_FACET) {
            throw UnreadableMesh::endless($this->facets);
        }

        return $rest;
    }

    private static function looksLikeText(string $start): bool
    {
        // Some binary files begin with "solid" too; only a text file goes on with a facet.
        return 1 === preg_match('/^\s*solid\b/', $start) && 1 === preg_match('/facet\s+normal/', substr($start, 0, 4096));
    }

    private static function count(string $start): int
    {
        $count = unpack('V', substr($start, 80, 4));

        return is_array($count) && is_int($count[1]) ? $count[1] : 0;
    }
}
