<?php

declare(strict_types=1);

namespace MoltenNotes\Core\NextAttempt;

use MoltenNotes\Core\CoreError;

final class UnknownRemedy extends \DomainException implements CoreError
{
    private function __construct(string $message, public readonly string $given, public readonly ?string $suggestion)
    {
        parent::__construct($message);
    }

    /** A remedy that the table does not have; $suggestion the nearest that it has. */
    public static function code(string $given, ?string $suggestion): self
    {
        $shown = mb_substr(mb_scrub($given), 0, 40);

        return new self(
            "“{$shown}” is not a remedy we know.".(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
            $shown,
            $suggestion,
        );
    }

    public function errorCode(): string
    {
        return 'planning.unknown_remedy';
    }

    public function facts(): array
    {
        return ['given' => $this->given, 'suggestion' => $this->suggestion];
    }
}
