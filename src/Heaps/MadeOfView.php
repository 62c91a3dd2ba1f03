<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Notebook\Attempt;
use MoltenNotes\App\Notebook\HeapBook;
use MoltenNotes\App\Shared\Http\ShownValueAnswer;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Sand\HeapReport;

/** The heap that a mould is made of, read on its day. */
final readonly class MadeOfView
{
    public function __construct(private HeapBook $heaps)
    {
    }

    /** Null where the attempt names none. */
    public function of(Attempt $attempt, QuantityFormatter $format): ?MadeOfAnswer
    {
        $row = $attempt->heap();
        $heap = null === $row ? null : $this->heaps->heap($row);
        if (null === $row || null === $heap) {
            return null;
        }
        $history = $this->heaps->history($row, $heap);
        $report = HeapReport::of($heap, $history, $this->heaps->dayOf($attempt, $history), $format);

        return new MadeOfAnswer(
            $row->id()->toRfc4122(),
            $row->name() ?? 'Heap without a name',
            $report->standing,
            $report->sentence,
            ShownValueAnswer::each(Values::of($report->state->values()), $format),
        );
    }
}
