<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Recipe;

use MoltenNotes\Core\Quantity\Density;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\Time;
use MoltenNotes\Core\Table;

/** A mix of the trade, or a caster's own after one of them. Units and source of every column stand at the head of Data/recipes.php. */
final class Recipe
{
    /** @var array<string, self>|null */
    private static ?array $standard = null;

    /**
     * @param list<string> $serves mould processes
     * @param 'volume'|'area' $by
     * @param Density|null $bulk as it lies rammed; null where its volume is that of its parts
     * @param Length|null $thickness of a coat, wet; null where it fills a volume
     * @param list<Ingredient> $parts in the order of mixing
     * @param float $reserve on top, share, 0…2
     * @param Time|null $works at 20 °C until it must be in place
     * @param Time|null $sets at 20 °C until it holds its shape
     * @param Time|null $ready at 20 °C until it goes on to the next step
     * @param float $tenfold how much faster 10 K warmer, 1 or more
     * @param string $of what has to be at that temperature
     * @param bool $oneBatch a second batch on the first is a weak joint
     * @param Time $mixes that a batch takes to mix
     * @param int|null $keeps days
     * @param list<string> $cautions
     */
    private function __construct(
        public readonly string $code,
        public readonly string $label,
        public readonly array $serves,
        public readonly string $by,
        public readonly ?Density $bulk,
        public readonly ?Length $thickness,
        public readonly array $parts,
        public readonly float $reserve,
        public readonly ?Time $works,
        public readonly ?Time $sets,
        public readonly ?Time $ready,
        public readonly float $tenfold,
        public readonly string $of,
        public readonly bool $oneBatch,
        public readonly Time $mixes,
        public readonly ?int $keeps,
        public readonly array $cautions,
    ) {
    }

    /** @return array<string, self> by code */
    public static function standard(): array
    {
        if (null === self::$standard) {
            /**
             * @var list<array{code: string, label: string, serves: list<string>, by: 'volume'|'area', bulk: float|null,
             *     thickness: float|null, parts: array<string, array{int|float, int, string}>, reserve: float, works: int|null,
             *     sets: int|null, ready: int|null, tenfold: float, of: string, one: bool, mixes: int, keeps: int|null,
             *     cautions: list<string>}> $rows
             */
            $rows = Table::rows(
                __DIR__.'/Data/recipes.php',
                [
                    'code', 'label', 'serves', 'by', 'bulk', 'thickness', 'parts', 'reserve', 'works', 'sets', 'ready', 'tenfold', 'of',
                    'one', 'mixes', 'keeps', 'cautions',
                ],
            );
            $minutes = static fn (?int $minutes): ?Time => null === $minutes ? null : Time::fromSi(60.0 * $minutes);
            self::$standard = [];
            foreach ($rows as $row) {
                $parts = [];
                foreach ($row['parts'] as $name => [$share, $density, $how]) {
                    $parts[] = new Ingredient($name, (float) $share, Density::fromSi((float) $density), $how);
                }
                self::$standard[$row['code']] = new self(
                    $row['code'],
                    $row['label'],
                    $row['serves'],
                    $row['by'],
                    null === $row['bulk'] ? null : Density::fromSi($row['bulk']),
                    null === $row['thickness'] ? null : Length::fromSi($row['thickness'] / 1000),
                    $parts,
                    $row['reserve'],
                    $minutes($row['works']),
                    $minutes($row['sets']),
                    $minutes($row['ready']),
                    $row['tenfold'],
                    $row['of'],
                    $row['one'],
                    Time::fromSi(60.0 * $row['mixes']),
                    $row['keeps'],
                    $row['cautions'],
                );
            }
        }

        return self::$standard;
    }

    /**
     * A caster's own, after one of the trade; null where what it is made after is blank or gone.
     *
     * @param array<string, mixed> $columns as the table of things has them
     */
    public static function own(string $id, ?string $name, array $columns): ?self
    {
        $like = $columns['like'] ?? null;
        $base = is_string($like) ? self::standard()[$like] ?? null : null;
        if (null === $base) {
            return null;
        }
        $parts = $columns['parts'] ?? null;
        $time = static function (string $column, ?Time $usual) use ($columns): ?Time {
            $told = $columns[$column] ?? null;

            return $told instanceof Measurement ? Time::fromSi($told->si()) : $usual;
        };
        $reserve = $columns['reserve'] ?? null;
        $thickness = $columns['thickness'] ?? null;

        return new self(
            $id,
            $name ?? $base->label,
            $base->serves,
            $base->by,
            $base->bulk,
            $thickness instanceof Measurement && null !== $base->thickness ? Length::fromSi($thickness->si()) : $base->thickness,
            self::withParts($base->parts, is_array($parts) ? $parts : []),
            $reserve instanceof Measurement ? $reserve->si() : $base->reserve,
            $time('works', $base->works),
            $time('sets', $base->sets),
            $time('ready', $base->ready),
            $base->tenfold,
            $base->of,
            $base->oneBatch,
            $base->mixes,
            $base->keeps,
            $base->cautions,
        );
    }

    /** kg/m³ of the mix as it lies: rammed, or the volumes of its parts added up. Source: derived. */
    public function density(): Density
    {
        if (null !== $this->bulk) {
            return $this->bulk;
        }
        $mass = $volume = 0.0;
        foreach ($this->parts as $part) {
            $mass += $part->parts;
            $volume += $part->parts / $part->density->si();
        }

        return Density::fromSi($mass / $volume);
    }

    /** All parts together, by mass. */
    public function sum(): float
    {
        return array_sum(array_map(static fn (Ingredient $part): float => $part->parts, $this->parts));
    }

    /**
     * The parts of the trade with other amounts; what the trade does not have comes last and counts with the density of water.
     *
     * @param list<Ingredient> $parts
     * @param array<mixed> $told name → parts
     *
     * @return list<Ingredient>
     */
    private static function withParts(array $parts, array $told): array
    {
        $own = [];
        foreach ($parts as $part) {
            $share = $told[$part->name] ?? null;
            unset($told[$part->name]);
            if (null === $share || (is_float($share) && $share > 0.0)) {
                $own[] = new Ingredient($part->name, is_float($share) ? $share : $part->parts, $part->density, $part->how);
            }
        }
        foreach ($told as $name => $share) {
            if (is_float($share) && $share > 0.0) {
                $own[] = new Ingredient((string) $name, $share, Density::fromSi(1000.0), '');
            }
        }

        return [] === $own ? $parts : $own;
    }
}
