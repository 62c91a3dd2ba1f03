<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Table;

/** One thing that is measured of a sand. The door to the table of measures. */
final class Measure
{
    /** @var array<string, self>|null */
    private static ?array $measures = null;

    /**
     * @param 'ratio'|'number' $unit
     * @param array{int|null, int|null} $due days and pours after which it is measured again
     * @param string|null $field value of an attempt that takes it from the heap
     */
    private function __construct(
        public readonly string $code,
        public readonly string $label,
        public readonly string $unit,
        public readonly array $due,
        public readonly ?string $field,
        public readonly string $how,
    ) {
    }

    /** @return array<string, self> by code, in the order a test is made */
    public static function all(): array
    {
        if (null === self::$measures) {
            /**
             * @var list<array{code: string, label: string, unit: 'ratio'|'number', due: array{int|null, int|null}, field: string|null,
             *     how: string}> $rows
             */
            $rows = Table::rows(__DIR__.'/Data/measures.php', ['code', 'label', 'unit', 'due', 'field', 'how']);
            self::$measures = [];
            foreach ($rows as $row) {
                self::$measures[$row['code']] = new self(...array_values($row));
            }
        }

        return self::$measures;
    }
}
