<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Gating;

use MoltenNotes\Core\CoreError;

/** The casting stands higher than the metal in the basin. */
final class CannotFill extends \DomainException implements CoreError
{
    private function __construct(string $message, public readonly float $head, public readonly float $height)
    {
        parent::__construct($message);
    }

    /** Metal that stands $head m above the gate against a casting of $height m; both above zero. */
    public static function tooLow(float $head, float $height): self
    {
        return new self(
            'The casting rises '.
                round($height * 1000).
                ' mm above the gate, the metal in the basin only '.
                round($head * 1000).
                ' mm: the top cannot fill.',
            $head,
            $height,
        );
    }

    public function errorCode(): string
    {
        return 'gating.cannot_fill';
    }

    public function facts(): array
    {
        return ['head_m' => $this->head, 'height_m' => $this->height];
    }
}
