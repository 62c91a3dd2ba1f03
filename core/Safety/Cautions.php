<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Safety;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Table;

/** The usual cautions that a set of values calls for. */
final class Cautions
{
    /** @return list<array{code: string, text: string}> */
    public static function for(Values $values): array
    {
        $attributes = AlloyTable::find($values->choice('metal.alloy') ?? '')->attributes ?? [];
        $cautions = [];
        foreach (self::rows() as ['code' => $code, 'fact' => $fact, 'choices' => $choices, 'text' => $text]) {
            $applies = 'alloy_attribute' === $fact
                ? [] !== array_intersect($choices, $attributes)
                : in_array($values->choice($fact), $choices, true);
            if ($applies) {
                $cautions[] = ['code' => $code, 'text' => $text];
            }
        }

        return $cautions;
    }

    /** @return list<array{code: string, fact: FieldKey|'alloy_attribute', choices: list<string>, text: string}> */
    public static function rows(): array
    {
        /** @var list<array{code: string, fact: FieldKey|'alloy_attribute', choices: list<string>, text: string}> $rows */
        $rows = Table::rows(__DIR__.'/Data/cautions.php', ['code', 'fact', 'choices', 'text']);

        return $rows;
    }
}
