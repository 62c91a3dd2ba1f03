<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Diagnosis;

/** Something the record says, ready to be weighed: a number in the rule's unit or a choice, and its words in the caster's units. */
final readonly class Fact
{
    /**
     * @param float|null $number in the unit of the rules that read it
     * @param array<string, string> $words what {value}, {pour}, {need} … stand for
     * @param list<string> $fields the record's fields it comes from
     * @param array<string, float> $shares choice → share of it, 0…1, where there are several
     */
    public function __construct(
        public string $code,
        public ?float $number,
        public ?string $choice,
        public array $words,
        public array $fields,
        public array $shares = [],
    ) {
    }
}
