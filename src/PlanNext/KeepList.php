<?php

declare(strict_types=1);

namespace MoltenNotes\App\PlanNext;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Fields;
use MoltenNotes\Core\Record\ValueWords;

/** What worked in an attempt at a casting and must stay the same in those after it. */
final readonly class KeepList
{
    public function __construct(private Notebook $notebook)
    {
    }

    /**
     * Of this attempt and of those before it, the latest counting.
     *
     * @return array<string, string> field → what it is to stay at, in words
     */
    public function of(Attempt $attempt): array
    {
        return array_map(
            static fn (array $row): string => "{$row['words']}, as in no. {$row['number']}",
            $this->rows($attempt, true),
        );
    }

    /** @return list<KeptAnswer> how this attempt has what earlier ones are to keep */
    public function heldBy(Attempt $attempt): array
    {
        $format = new QuantityFormatter($attempt->caster()->units());
        $values = $attempt->toRecord(new History(), null)->values()->all();
        $held = [];
        foreach ($this->rows($attempt, false) as $field => $row) {
            $here = isset($values[$field]) ? ValueWords::of($field, $values[$field], $format) : null;
            $held[] = new KeptAnswer($field, Fields::get($field)->label, $row['number'], $row['words'], $here, $here === $row['words']);
        }

        return $held;
    }

    /** @return array<string, array{words: string, number: int}> by field */
    private function rows(Attempt $attempt, bool $own): array
    {
        $format = new QuantityFormatter($attempt->caster()->units());
        $rows = [];
        foreach ([...($own ? [$attempt] : []), ...$this->notebook->otherPours($attempt)] as $other) {
            if ($other->number() > $attempt->number()) {
                continue;
            }
            $values = [] === $other->kept() ? [] : $other->toRecord(new History(), null)->values()->all();
            foreach ($other->kept() as $field) {
                if (isset($values[$field]) && !isset($rows[$field])) {
                    $rows[$field] = ['words' => ValueWords::of($field, $values[$field], $format), 'number' => $other->number()];
                }
            }
        }

        return $rows;
    }
}
