<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Sand;

use MoltenNotes\Core\Table;

/** A kind of moulding sand that is kept in a heap and used again. Units, ranges and sources stand at the head of Data/kinds.php. */
final class SandKind
{
    /** @var array<string, self>|null */
    private static ?array $kinds = null;

    /**
     * @param list<string> $serves mould processes
     * @param string|null $binder what binds it; null where nothing in the heap does
     * @param float|null $burnsAt °C at which the binder is spent
     * @param array<string, array{float, float}> $bands measure → what a hand moulder wants, in SI
     * @param float|null $tempers points of compactability to a point of water
     * @param array{float, float}|null $worn burnt share from which the heap is watched, and tired
     * @param array{float, float, float} $wants clay, oil, catalyst as shares of dry sand in a fresh mix
     * @param float $clayWater water in the clay as it is bought, as a share
     * @param bool $newBinds new sand brings the clay of a fresh mix with it
     */
    private function __construct(
        public readonly string $code,
        public readonly string $label,
        public readonly string $hint,
        public readonly array $serves,
        public readonly ?string $binder,
        public readonly ?float $burnsAt,
        public readonly array $bands,
        public readonly ?float $tempers,
        public readonly ?array $worn,
        public readonly array $wants,
        public readonly float $clayWater,
        public readonly bool $newBinds,
    ) {
    }

    /** @return array<string, self> by code */
    public static function all(): array
    {
        if (null === self::$kinds) {
            /**
             * @var list<array{code: string, label: string, hint: string, serves: list<string>, binder: string|null, burns_at: float|null,
             *     bands: array<string, array{float, float}>, tempers: float|null, worn: array{float, float}|null,
             *     wants: array{float, float, float}, clay_water: float, new_binds: bool}> $rows
             */
            $rows = Table::rows(
                __DIR__.'/Data/kinds.php',
                ['code', 'label', 'hint', 'serves', 'binder', 'burns_at', 'bands', 'tempers', 'worn', 'wants', 'clay_water', 'new_binds'],
            );
            self::$kinds = [];
            foreach ($rows as $row) {
                self::$kinds[$row['code']] = new self(
                    $row['code'],
                    $row['label'],
                    $row['hint'],
                    $row['serves'],
                    $row['binder'],
                    $row['burns_at'],
                    $row['bands'],
                    $row['tempers'],
                    $row['worn'],
                    $row['wants'],
                    $row['clay_water'],
                    $row['new_binds'],
                );
            }
        }

        return self::$kinds;
    }

    /** Null where there is no such kind. */
    public static function find(?string $code): ?self
    {
        return self::all()[$code ?? ''] ?? null;
    }

    /** Whether it is green sand, tempered with water. */
    public function isTempered(): bool
    {
        return null !== $this->tempers;
    }

    /** Whether something in the heap binds it, that a pour can burn. */
    public function binds(): bool
    {
        return null !== $this->burnsAt;
    }

    /** What a measure is called of this sand: where nothing binds it, clay is dust. */
    public function nameOf(Measure $measure): string
    {
        return 'clay' === $measure->code && !$this->binds() ? 'Clay and dust' : $measure->label;
    }
}
