<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Quantity;

use MoltenNotes\Core\CoreError;

/** A value nature does not allow. Unlikely values are another matter: they are questioned, not refused. */
final class ImpossibleQuantity extends \DomainException implements CoreError
{
    /** @param array<string, scalar|null> $facts */
    private function __construct(string $message, private readonly string $stableCode, private readonly array $facts)
    {
        parent::__construct($message);
    }

    /** Infinite, or no number at all. */
    public static function notFinite(Dimension $dimension): self
    {
        return new self("This {$dimension->words()} is not a finite number.", 'quantity.not_finite', ['dimension' => $dimension->value]);
    }

    /** Below what nature allows; $given and $least in the SI unit of the dimension. */
    public static function below(Dimension $dimension, float $given, float $least): self
    {
        $message =
            Dimension::Temperature === $dimension
                ? 'That is below absolute zero.'
                : ucfirst($dimension->withArticle()).' cannot be negative.';

        return new self($message, 'quantity.below_least', ['dimension' => $dimension->value, 'given' => $given, 'least' => $least]);
    }

    /** No code of a currency, or two of them in one sum. */
    public static function currency(string $given): self
    {
        return new self('A currency has three capital letters, and amounts of two currencies do not add up.', 'quantity.currency', [
            'given' => mb_substr($given, 0, 10),
        ]);
    }

    public function errorCode(): string
    {
        return $this->stableCode;
    }

    public function facts(): array
    {
        return $this->facts;
    }
}
