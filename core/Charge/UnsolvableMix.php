<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\CoreError;

/** A mix that has no least cost, or that took too many steps; bad prices, never a caster's fault in the ordinary way. */
final class UnsolvableMix extends \DomainException implements CoreError
{
    private function __construct(string $message, private readonly string $stableCode)
    {
        parent::__construct($message);
    }

    /** A stock that pays for being charged. */
    public static function unbounded(): self
    {
        return new self('The mix has no cheapest answer: a stock with a negative price would be charged without end.', 'charge.unbounded');
    }

    /** A programme that had not ended after so many steps. */
    public static function tooManySteps(int $most): self
    {
        return new self("The mix was not settled after {$most} steps.", 'charge.too_many_steps');
    }

    public function errorCode(): string
    {
        return $this->stableCode;
    }

    public function facts(): array
    {
        return [];
    }
}
