<?php

declare(strict_types=1);

namespace MoltenNotes\App\Mixes;

use MoltenNotes\App\Shared\Http\Answer;

/** One recipe, of the trade or of the caster's own. */
final readonly class RecipeAnswer extends Answer
{
    /**
     * @param list<string> $serves mould processes
     * @param list<array{name: string, parts: float}> $parts by mass, in the order of mixing
     * @param string|null $keeps how long what is open keeps, in words; null where that is not known
     * @param object $columns column → ToldAnswer, of the caster's own
     * @param list<array{version: int|null, good: int, usable: int, scrap: int}> $outcomes of moulds by it, the newest version first
     */
    public function __construct(
        public string $code,
        public bool $own,
        public ?int $version,
        public string $label,
        public array $serves,
        public string $by,
        public string $of,
        public array $parts,
        public string $reserve,
        public ?string $works,
        public ?string $keeps,
        public object $columns,
        public array $outcomes,
    ) {
    }
}
