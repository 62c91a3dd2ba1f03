<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

use MoltenNotes\Core\Table;

/** What an alloy is made of: the window of each element. Source: Data/grades.php, row by row. */
final readonly class Grade
{
    /** Share up to which an element that the grade does not name is a trace. Usual for "others, each" in the standards of the grades. */
    private const TRACE = 0.0005;

    /**
     * @param string $base sign of the element that is the rest
     * @param array<string, array{float, float}> $windows element → least and most share, 0…1
     * @param bool $known false where only the family is known: no window to be met then
     */
    private function __construct(public string $alloy, public string $base, public array $windows, public bool $known)
    {
    }

    /** Null where nobody wrote down what it is made of. */
    public static function find(?string $alloy): ?self
    {
        return self::all()[$alloy ?? ''] ?? null;
    }

    /**
     * Its windows, and for every other element that it may be a trace and no more.
     *
     * @param list<string> $elements that may be there
     *
     * @return array<string, array{float, float}> element → least and most share
     */
    public function windowsFor(array $elements): array
    {
        $others = array_diff($elements, [$this->base, '?', ...array_map(strval(...), array_keys($this->windows))]);

        return $this->windows + array_fill_keys($others, [0.0, self::TRACE]);
    }

    /** @return array<string, self> by alloy */
    public static function all(): array
    {
        /** @var array<string, self>|null $grades */
        static $grades = null;

        return $grades ??= self::load();
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /** @var list<array{code: string, base: string, elements: array<string, array{int|float, int|float}>, known: bool}> $rows */
        $rows = Table::rows(__DIR__.'/Data/grades.php', ['code', 'base', 'elements'], ['known' => true]);
        $grades = [];
        foreach ($rows as $row) {
            $grades[$row['code']] = new self(
                $row['code'],
                $row['base'],
                array_map(static fn (array $ends): array => [$ends[0] / 100, $ends[1] / 100], $row['elements']),
                $row['known'],
            );
        }

        return $grades;
    }
}
