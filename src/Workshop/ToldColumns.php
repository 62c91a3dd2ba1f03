<?php

declare(strict_types=1);

namespace MoltenNotes\App\Workshop;

use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\Choices;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Workshop\Column;
use MoltenNotes\Core\Workshop\ColumnReader;

/** What is kept of a thing or of an entry, as it is stored and as this caster reads it; what can no longer be read is left out. */
final class ToldColumns
{
    /**
     * @param array<string, Column> $columns
     * @param array<string, mixed> $content
     *
     * @return array<string, ToldAnswer>
     */
    public static function of(array $columns, array $content, QuantityFormatter $format): array
    {
        $reader = new ValueReader(UnitPreferences::metric());
        $told = [];
        foreach (ColumnReader::all($columns, $content, '', $reader) as $key => $value) {
            if (null !== $value && [] !== $value) {
                $told[$key] = new ToldAnswer($content[$key] ?? null, self::words($columns[$key], $value, $format));
            }
        }

        return $told;
    }

    /** @param Measurement|array<string, float>|array<string, Measurement>|string|int|float $value */
    private static function words(Column $column, Measurement|array|string|int|float $value, QuantityFormatter $format): string
    {
        return match (true) {
            $value instanceof Measurement => $format->measurement($value),
            is_array($value) => implode(
                ', ',
                array_map(
                    static fn (string|int $part, Measurement|float $of): string => $part.
                        ' '.
                        ($of instanceof Measurement
                            ? $format->measurement($of)
                            : (string) round('parts' === $column->type ? $of : 100 * $of, 4)),
                    array_keys($value),
                    $value,
                ),
            ),
            is_string($value) && null !== $column->choices => Choices::label($column->choices, $value),
            'day' === $column->type => (new \DateTimeImmutable((string) $value))->format('j M Y'),
            default => (string) $value,
        };
    }
}
