<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\CoreError;

/** A record that cannot be taken as it is; every field at fault is named at once. */
final class RejectedRecord extends \DomainException implements CoreError
{
    /** @param non-empty-list<FieldProblem> $problems */
    private function __construct(public readonly array $problems)
    {
        parent::__construct($problems[0]->message);
    }

    /** @param non-empty-list<FieldProblem> $problems */
    public static function because(array $problems): self
    {
        return new self($problems);
    }

    public function errorCode(): string
    {
        return 'record.rejected';
    }

    public function facts(): array
    {
        return ['problems' => count($this->problems)];
    }
}
