<?php

declare(strict_types=1);

namespace MoltenNotes\App\Repeats;

use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Notebook\Notebook;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Diagnosis\Catalogue;
use MoltenNotes\Core\NextAttempt\Remedies;

/** What this caster got wrong before: confirmed causes, the most frequent first. */
final readonly class RepeatList
{
    private const MOST = 8;
    /** Walls further apart than this factor are another shape. */
    private const ANOTHER_SHAPE = 2.5;

    public function __construct(private Notebook $notebook, private Catalogue $catalogue)
    {
    }

    /** @return list<RepeatEntryAnswer> of all pours of late */
    public function all(Caster $caster): array
    {
        return $this->counted($this->notebook->judged($caster));
    }

    /**
     * Only of pours like this one: the same process, a metal of the same family, walls not of another kind. What is not told of either does
     * not part them.
     *
     * @param float|null $wall thinnest wall in metres
     *
     * @return list<RepeatEntryAnswer>
     */
    public function like(Caster $caster, ?string $process, ?string $alloy, ?float $wall, ?string $but = null): array
    {
        $family = AlloyTable::find($alloy ?? '')?->family;
        $like = array_filter(
            $this->notebook->judged($caster),
            static fn (array $pour, string $id): bool => $id !== $but
                && self::same($pour['process'], $process)
                && self::same(AlloyTable::find($pour['alloy'] ?? '')?->family, $family)
                && (null === $wall || null === $pour['wall'] || $wall <= 0 || $pour['wall'] <= 0
                    || abs(log($pour['wall'] / $wall)) <= log(self::ANOTHER_SHAPE)),
            \ARRAY_FILTER_USE_BOTH,
        );

        return array_values(array_filter(
            $this->counted($like),
            fn (RepeatEntryAnswer $entry): bool => true === ($this->catalogue->causes[$entry->cause] ?? null)
                ?->isPossibleIn($process, $family),
        ));
    }

    private static function same(?string $there, ?string $here): bool
    {
        return null === $there || null === $here || $there === $here;
    }

    /**
     * @param array<string, array{on: string, confirmed: list<string>}> $pours
     *
     * @return list<RepeatEntryAnswer>
     */
    private function counted(array $pours): array
    {
        $times = $last = [];
        foreach ($pours as $pour) {
            foreach ($pour['confirmed'] as $cause) {
                $times[$cause] = ($times[$cause] ?? 0) + 1;
                $last[$cause] ??= $pour['on'];
            }
        }
        $causes = array_keys($times);
        usort($causes, static fn (string $a, string $b): int => [$times[$b], $last[$b]] <=> [$times[$a], $last[$a]]);

        return array_map(
            fn (string $cause): RepeatEntryAnswer => new RepeatEntryAnswer(
                cause: $cause,
                label: $this->catalogue->causes[$cause]->label ?? $cause,
                times: $times[$cause],
                lastOn: $last[$cause],
                processes: $this->catalogue->causes[$cause]->processes ?? null,
                look: Remedies::against($cause)[0]->label ?? '',
            ),
            array_slice($causes, 0, self::MOST),
        );
    }
}
