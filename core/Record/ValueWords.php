<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Record;

use MoltenNotes\Core\Geometry\Sections;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;

/** A value of the record in words and the caster's units. */
final class ValueWords
{
    /** A value of a field in the caster's own words and units; blank is “not noted”. */
    public static function of(string $field, Measurement|Sections|string|int|bool|null $value, QuantityFormatter $format): string
    {
        $known = Fields::find($field);

        return match (true) {
            null === $value => 'not noted',
            $value instanceof Measurement => $format->measurement($value),
            $value instanceof Sections => $value->words(),
            is_bool($value) => $value ? 'yes' : 'no',
            is_int($value) => (string) $value,
            default => Choices::label($known->choices ?? '', $value),
        };
    }
}
