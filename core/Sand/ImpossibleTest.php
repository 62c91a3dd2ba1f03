<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\CoreError;

/** Weights or heights of a sand test that cannot belong together. */
final class ImpossibleTest extends \InvalidArgumentException implements CoreError
{
    /** @param string $column what of the test says so */
    private function __construct(public readonly string $column, private readonly string $errorCode, string $message)
    {
        parent::__construct($message);
    }

    /** The second weight is more than the first. */
    public static function gained(string $column): self
    {
        return new self($column, 'sand.gained', 'It cannot weigh more afterwards than before: look at the two weights again.');
    }

    /** Ramming made it higher. */
    public static function grew(string $column): self
    {
        return new self($column, 'sand.grew', 'Rammed sand cannot stand higher than loose sand: look at the two heights again.');
    }

    /** Nothing stayed on any sieve. */
    public static function nothingSieved(string $column): self
    {
        return new self($column, 'sand.nothing_sieved', 'Say what stayed on at least one sieve.');
    }

    /** Half of a pair is missing. */
    public static function halfAPair(string $column, string $words): self
    {
        return new self($column, 'sand.half_a_pair', $words);
    }

    public function errorCode(): string
    {
        return $this->errorCode;
    }

    public function facts(): array
    {
        return ['column' => $this->column];
    }
}
