<?php

declare(strict_types=1);

namespace MoltenNotes\Core\Alloy;

use MoltenNotes\Core\Table;

/** A share of an element that makes a metal brittle, or that it must not hold. Source: Data/harms.php, row by row. */
final readonly class Harm
{
    /**
     * @param string $base sign of the element that most of the metal is
     * @param float $from share, 0…1
     * @param float $to share, above from; 1 where it only gets worse
     * @param 'brittle'|'forbidden'|'weak' $kind
     * @param array{string, float}|null $with another element of which there must be so much as well
     */
    private function __construct(
        public string $code,
        public string $base,
        public string $element,
        public float $from,
        public float $to,
        public string $kind,
        public string $words,
        public ?array $with,
    ) {
    }

    /**
     * Whether such shares lie in its band.
     *
     * @param array<string, float> $shares element → share
     */
    public function strikes(array $shares): bool
    {
        $share = $shares[$this->element] ?? 0.0;

        return $share >= $this->from
            && $share <= $this->to
            && (null === $this->with || ($shares[$this->with[0]] ?? 0.0) >= $this->with[1]);
    }

    /** @return list<self> of metals that are mostly this element */
    public static function of(string $base): array
    {
        return array_values(array_filter(self::all(), static fn (self $harm): bool => $harm->base === $base));
    }

    /** @return list<self> */
    public static function all(): array
    {
        /** @var list<self>|null $harms */
        static $harms = null;

        return $harms ??= self::load();
    }

    /** @return list<self> */
    private static function load(): array
    {
        /**
         * @var list<array{code: string, base: string, element: string, from: float, to: float, kind: 'brittle'|'forbidden'|'weak',
         *     words: string, with: array{string, float}|null, source: string}> $rows
         */
        $rows = Table::rows(
            __DIR__.'/Data/harms.php',
            ['code', 'base', 'element', 'from', 'kind', 'words'],
            ['to' => 100.0, 'with' => null, 'source' => ''],
        );

        return array_map(
            static fn (array $row): self => new self(
                $row['code'],
                $row['base'],
                $row['element'],
                $row['from'] / 100,
                $row['to'] / 100,
                $row['kind'],
                $row['words'],
                null === $row['with'] ? null : [$row['with'][0], $row['with'][1] / 100],
            ),
            $rows,
        );
    }
}
