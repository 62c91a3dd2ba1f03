<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Charge;

use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Table;

/** How well the composition of metal is known. Source: Data/knowledge.php, row by row. */
final readonly class Knowledge
{
    /** Where nobody said how it is known. */
    private const UNSAID = 'by_part';

    /**
     * @param float $within share that a figure may lie off
     * @param float $least share of mass that it may lie off at the least
     * @param bool $isOfGrade whether metal of which only the alloy is known lies inside that grade
     */
    private function __construct(
        public string $code,
        public string $label,
        public float $within,
        public float $least,
        public bool $isOfGrade,
    ) {
    }

    /** A share of an element, 0…1, with what this leaves open on both sides. */
    public function spread(float $share): Estimate
    {
        $off = max($this->within * $share, $this->least);

        return Estimate::ratio($share, max(0.0, $share - $off), min(1.0, $share + $off));
    }

    /** As usual where it is blank or gone. */
    public static function of(?string $code): self
    {
        return self::all()[$code ?? ''] ?? self::all()[self::UNSAID];
    }

    /** @return array<string, self> by code, the surest first */
    public static function all(): array
    {
        /** @var array<string, self>|null $all */
        static $all = null;

        return $all ??= self::load();
    }

    /** @return array<string, self> */
    private static function load(): array
    {
        /** @var list<array{code: string, label: string, within: float, least: float, grade: bool}> $rows */
        $rows = Table::rows(__DIR__.'/Data/knowledge.php', ['code', 'label', 'within', 'least', 'grade']);
        $all = [];
        foreach ($rows as $row) {
            $all[$row['code']] = new self($row['code'], $row['label'], $row['within'], $row['least'] / 100, $row['grade']);
        }

        return $all;
    }
}
