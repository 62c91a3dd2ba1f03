<?php

declare(strict_types=1);

namespace MoltenNotes\App\Change;

use MoltenNotes\App\Shared\Http\Clashing;

/**
 * Somebody, most likely the caster on another device, changed the same field since. Nothing of the command was kept; both sides are told.
 */
final class Clash extends \DomainException implements Clashing
{
    /** @param non-empty-list<ClashAnswer> $fields each with what was, what is asked for and what is stored */
    public function __construct(private readonly array $fields)
    {
        parent::__construct('This was changed elsewhere since you opened it. Nothing is lost: compare and choose.');
    }

    public function fields(): array
    {
        return $this->fields;
    }
}
