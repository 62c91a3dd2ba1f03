<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\CoreError;
use MoltenNotes\Core\Quantity\Nearest;

final class UnknownField extends \DomainException implements CoreError
{
    private function __construct(string $message, public readonly string $given, public readonly ?string $suggestion)
    {
        parent::__construct($message);
    }

    /** @param list<string> $known */
    public static function key(string $given, array $known): self
    {
        $shown = mb_substr(mb_scrub($given), 0, 60);
        $suggestion = Nearest::to($given, $known);

        return new self(
            "“{$shown}” is not a value of the record.".(null === $suggestion ? '' : " Did you mean {$suggestion}?"),
            $shown,
            $suggestion,
        );
    }

    public function errorCode(): string
    {
        return 'record.unknown_field';
    }

    public function facts(): array
    {
        return ['given' => $this->given, 'suggestion' => $this->suggestion];
    }
}
