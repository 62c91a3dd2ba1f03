<?php

declare(strict_types=1);

namespace MoltenNotes\App\PourDay;

use MoltenNotes\App\Heaps\MadeOfAnswer;
use MoltenNotes\App\Patterns\MouldedOfAnswer;
use MoltenNotes\App\Repeats\RepeatEntryAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** The day of a pour: what to lay ready, holds, steps, taps, what the metal does meanwhile, and what was tapped. */
final readonly class RunSheetAnswer extends Answer
{
    /**
     * @param list<array{label: string, words: string}> $lay
     * @param list<HoldAnswer> $holds
     * @param list<array{code: string, phase: string, label: string, words: string}> $steps code: the tap that ends it
     * @param list<TapAnswer> $taps
     * @param list<array{code: string, label: string, do: string, not: string}> $trouble
     * @param list<array{seconds: int, shown: string, standing: string}> $metal temperature at the mould by seconds out of the furnace
     * @param list<array{code: string, label: string, seconds: float, shown: string, note: string}> $opening
     * @param list<DayEventAnswer> $events in order
     * @param list<TogetherAnswer> $together planned moulds of the same metal in pouring order, this one among them; none where it is alone
     * @param list<array{id: string, casting_name: string, number: int, metal: string, here: bool, loses: string|null}> $metals out first
     * @param list<array{field: string, label: string, cause: string, moves: string}> $blank still blank, and would matter; none before
     *                                                                                       the pour
     * @param list<RepeatEntryAnswer> $repeats what this caster got wrong before in pours like this one
     */
    public function __construct(
        public string $attemptId,
        public string $castingName,
        public int $number,
        public ?string $heatId,
        public ?string $alloy,
        public array $lay,
        public array $holds,
        public array $steps,
        public array $taps,
        public array $trouble,
        public array $metal,
        public ?string $fills,
        public ?string $bears,
        public ?float $pourSeconds,
        public array $opening,
        public array $events,
        public array $repeats,
        public array $together,
        public array $metals,
        public array $blank,
        public ?MadeOfAnswer $sand,
        public ?MouldedOfAnswer $pattern,
        public float $now,
    ) {
    }
}
