<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/** One entry of the evidence ledger of a cause: how far something moved it, in log-odds, and why. */
final readonly class Contribution
{
    /**
     * @param 'prior'|'history'|'compared'|'record'|'finding'|'detail'|'rivals' $kind
     * @param list<string> $fields the record's fields it rests on
     */
    public function __construct(
        public string $kind,
        public float $logOdds,
        public string $words,
        public array $fields = [],
        public ?string $sign = null,
        public ?string $fact = null,
    ) {
    }

    /**
     * Log-odds of the lines of these kinds together; of all where no kind is named.
     *
     * @param array<self> $ledger
     */
    public static function sum(array $ledger, string ...$kinds): float
    {
        return array_sum(array_map(
            static fn (self $line): float => [] === $kinds || in_array($line->kind, $kinds, true) ? $line->logOdds : 0.0,
            $ledger,
        ));
    }

    /** @return array{kind: string, log_odds: float, words: string, fields: list<string>, sign: string|null, fact: string|null} */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'log_odds' => round($this->logOdds, 4),
            'words' => $this->words,
            'fields' => $this->fields,
            'sign' => $this->sign,
            'fact' => $this->fact,
        ];
    }
}
