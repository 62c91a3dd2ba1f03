<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

use MoltenNotes\Core\CoreError;

final class TooManySigns extends \DomainException implements CoreError
{
    private function __construct(string $message, public readonly int $asked, public readonly int $most)
    {
        parent::__construct($message);
    }

    /** So many positive signs against the most that are summed exactly. */
    public static function asked(int $asked, int $most): self
    {
        return new self("{$asked} positive signs are too many to weigh exactly; at most {$most}.", $asked, $most);
    }

    public function errorCode(): string
    {
        return 'diagnosis.too_many_signs';
    }

    public function facts(): array
    {
        return ['asked' => $this->asked, 'most' => $this->most];
    }
}
