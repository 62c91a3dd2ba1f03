<?php

declare(strict_types=1);

namespace MoltenNotes\App\MeltCurve;

use MoltenNotes\App\Instruments\InstrumentAnswer;
use MoltenNotes\App\Shared\Http\Answer;

/** The curve of a melt: what its instruments read, what is drawn beside it and what it says. */
final readonly class CurveAnswer extends Answer
{
    /**
     * @param list<SeriesAnswer> $series
     * @param list<array{code: string, label: string, from: float, to: float}> $levels temperatures to draw beside it, in the unit of the
     *                                                                                 curve; from and to are one where it is a line
     * @param list<array{code: string, label: string, at: float}> $events what was tapped, in order
     * @param list<array<string, mixed>> $figures what it says, each with its working
     * @param list<array{for: string, fields: list<string>, words: string}> $missing
     * @param list<ListeningAnswer> $listens
     * @param list<InstrumentAnswer> $others instruments of the workshop that it does not listen to
     * @param list<array{id: string, casting_name: string, number: int}> $attempts what was poured from it
     * @param list<TakeAnswer> $take what was measured for a field, and what stands there
     */
    public function __construct(
        public string $id,
        public ?string $name,
        public ?string $meltedOn,
        public int $version,
        public ?string $metal,
        public string $unit,
        public array $series,
        public array $levels,
        public array $events,
        public array $figures,
        public array $missing,
        public ?ScrapCheckAnswer $scrap,
        public array $take,
        public array $listens,
        public array $others,
        public array $attempts,
        public float $now,
    ) {
    }
}
