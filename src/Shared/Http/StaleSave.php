<?php

declare(strict_types=1);

namespace MoltenNotes\App\Shared\Http;

/** The record was changed elsewhere since the caller read it. Carries what is stored now, so that both versions can be shown. */
final class StaleSave extends \DomainException
{
    /** @param array<string, mixed> $current */
    private function __construct(string $message, public readonly array $current)
    {
        parent::__construct($message);
    }

    /** @param array<string, mixed> $current */
    public static function of(array $current): self
    {
        return new self('This was changed elsewhere since you opened it. Nothing is lost: compare and choose.', $current);
    }
}
