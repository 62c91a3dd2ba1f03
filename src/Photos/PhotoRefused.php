<?php

declare(strict_types=1);

namespace MoltenNotes\App\Photos;

/** A file that is no photo we can keep: its message says why, and what to do. */
final class PhotoRefused extends \DomainException
{
    public function __construct(public readonly string $problem, string $words, ?\Throwable $previous = null)
    {
        parent::__construct($words, 0, $previous);
    }
}
