<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Safety;

use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Record\Values;

/** The usual cautions that a set of values calls for. */
final class Cautions
{
    /** @return list<array{code: string, text: string}> */
    public static function for(Values $values): array
    {
        $attributes = AlloyTable::find($values->choice('metal.alloy') ?? '')->attributes ?? [];
        $cautions = [];
        foreach (self::rows() as [$code, $fact, $choices, $text]) {
            $applies = 'alloy_attribute' === $fact
                ? [] !== array_intersect($choices, $attributes)
                : in_array($values->choice($fact), $choices, true);
            if ($applies) {
                $cautions[] = ['code' => $code, 'text' => $text];
            }
        }

        return $cautions;
    }

    /** @return list<array{string, string, list<string>, string}> code, fact, choices, text */
    public static function rows(): array
    {
        /** @var list<array{string, string, list<string>, string}> $rows */
        $rows = require __DIR__.'/Data/cautions.php';

        return $rows;
    }
}
