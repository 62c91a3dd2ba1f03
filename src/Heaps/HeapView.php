<?php

declare(strict_types=1);

namespace MoltenNotes\App\Heaps;

use MoltenNotes\App\Notebook\HeapBook;
use MoltenNotes\App\Notebook\Movement;
use MoltenNotes\App\Notebook\WorkshopBook;
use MoltenNotes\App\Notebook\WorkshopRow;
use MoltenNotes\App\Shared\Http\ToldAnswer;
use MoltenNotes\App\Workshop\ToldColumns;
use MoltenNotes\Core\Attempt\Vocabulary;
use MoltenNotes\Core\Experience\HeapLookback;
use MoltenNotes\Core\Experience\HeapPour;
use MoltenNotes\Core\Quantity\Dimension;
use MoltenNotes\Core\Quantity\Estimate;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Sand\BurntSand;
use MoltenNotes\Core\Sand\DueTest;
use MoltenNotes\Core\Sand\Heap;
use MoltenNotes\Core\Sand\HeapHistory;
use MoltenNotes\Core\Sand\HeapReading;
use MoltenNotes\Core\Sand\HeapReport;
use MoltenNotes\Core\Sand\HeapState;
use MoltenNotes\Core\Sand\Measure;
use MoltenNotes\Core\Sand\Mending;
use MoltenNotes\Core\Sand\MendLine;
use MoltenNotes\Core\Sand\MendTargets;
use MoltenNotes\Core\Sand\SandTest;
use MoltenNotes\Core\Sand\Sieve;
use MoltenNotes\Core\Working\Figure;
use MoltenNotes\Core\Workshop\MovementKind;
use MoltenNotes\Core\Workshop\ThingKind;
use Psr\Clock\ClockInterface;

/** A sand heap as the API shows it. */
final readonly class HeapView
{
    private const MOST_POURS = 60;
    /** Older pours than these say little of the hand of today. */
    private const LOOKED_BACK = 100;

    public function __construct(private HeapBook $book, private WorkshopBook $workshop, private ClockInterface $clock)
    {
    }

    public function line(WorkshopRow $row): HeapLineAnswer
    {
        $heap = $this->book->heap($row);
        $format = new QuantityFormatter($row->caster()->units());

        return null === $heap ? $this->unknown($row) : $this->glance($row, $heap, $this->report($row, $heap, $format), $format);
    }

    public function whole(WorkshopRow $row): HeapAnswer
    {
        $heap = $this->book->heap($row);
        $format = new QuantityFormatter($row->caster()->units());
        $columns = ToldColumns::of(ThingKind::find('heaps')->columns ?? [], $row->content(), $format);
        $name = $row->name() ?? 'Heap without a name';
        $columns = ['name' => new ToldAnswer($name, $name)] + $columns;
        $now = (float) $this->clock->now()->getTimestamp();
        if (null === $heap) {
            return new HeapAnswer(
                $this->unknown($row),
                $row->version(),
                (object) $columns,
                $now,
                null,
                [],
                null,
                null,
                null,
                [],
                [],
                [],
                null,
            );
        }
        $history = $this->book->history($row, $heap);
        $now = $history->until($now);
        $report = HeapReport::of($heap, $history, $now, $format);
        $pours = $this->pours($row, $history, $format);

        return new HeapAnswer(
            line: $this->glance($row, $heap, $report, $format),
            version: $row->version(),
            columns: (object) $columns,
            now: $now,
            squeeze: $report->state->squeeze,
            measures: self::measures($heap, $history, $report, $now, $format),
            burnt: $report->burnt?->toArray($format),
            poursLeft: $report->poursLeft?->toArray($format),
            mending: self::mended($heap, $report->state, $format, new MendTargets()),
            entries: array_map(
                fn (Movement $one): HeapEntryAnswer => $this->entry($one, $heap, $format),
                array_reverse($this->workshop->entries($row)),
            ),
            pours: array_slice(array_reverse(array_column($pours, 0)), 0, self::MOST_POURS),
            lookedBack: HeapLookback::of(
                $heap,
                array_values(array_filter(array_column($pours, 1))),
                $history->mendedAt(),
            ),
            sieve: self::sieve($history),
        );
    }

    public function mending(WorkshopRow $row, MendTargets $wanted): MendingAnswer
    {
        $heap = $this->book->heap($row);
        $format = new QuantityFormatter($row->caster()->units());
        if (null === $heap) {
            return new MendingAnswer('Say what kind of sand it is.', '', []);
        }
        $history = $this->book->history($row, $heap);

        $state = $history->at($history->until((float) $this->clock->now()->getTimestamp()));

        return self::mended($heap, $state, $format, $wanted);
    }

    private function report(WorkshopRow $row, Heap $heap, QuantityFormatter $format): HeapReport
    {
        $history = $this->book->history($row, $heap);

        return HeapReport::of($heap, $history, $history->until((float) $this->clock->now()->getTimestamp()), $format);
    }

    private function glance(WorkshopRow $row, Heap $heap, HeapReport $report, QuantityFormatter $format): HeapLineAnswer
    {
        $moisture = $report->state->fresh('moisture');
        $band = $heap->kind->bands['moisture'];
        $due = array_values(array_filter($report->due, static fn (DueTest $one): bool => $one->now));

        return new HeapLineAnswer(
            id: $row->id()->toRfc4122(),
            name: $row->name() ?? 'Heap without a name',
            kind: $heap->kind->code,
            kindLabel: $heap->kind->label,
            serves: $heap->kind->serves,
            sentence: $report->sentence,
            standing: $report->standing,
            mass: null === $report->state->dry
                ? null
                : $format->si($report->state->dry->si / (1 - $heap->wantedMoisture()), Dimension::Mass),
            burnt: null === $heap->kind->worn || null === $report->state->burnt ? null : round($report->state->burnt->si, 4),
            moisture: null === $moisture ? null : round(($moisture->si - $band[0]) / ($band[1] - $band[0]), 3),
            pours: $report->state->pours,
            due: [] === $due
                ? null
                : $due[0]->measure->label.': '.$due[0]->words.(count($due) > 1 ? ', and '.(count($due) - 1).' more' : ''),
        );
    }

    private function unknown(WorkshopRow $row): HeapLineAnswer
    {
        return new HeapLineAnswer(
            id: $row->id()->toRfc4122(),
            name: $row->name() ?? 'Heap without a name',
            kind: null,
            kindLabel: 'kind not said',
            serves: [],
            sentence: 'Say in the workshop what kind of sand this is.',
            standing: 'plain',
            mass: null,
            burnt: null,
            moisture: null,
            pours: 0,
            due: null,
        );
    }

    /** @return list<HeapMeasureAnswer> */
    private static function measures(
        Heap $heap,
        HeapHistory $history,
        HeapReport $report,
        float $now,
        QuantityFormatter $format,
    ): array {
        $due = [];
        foreach ($report->due as $one) {
            $due[$one->measure->code] = ['now' => $one->now, 'words' => $one->words];
        }
        $measures = [];
        foreach (Measure::all() as $code => $measure) {
            $band = $heap->kind->bands[$code] ?? null;
            $reading = $report->state->readings[$code] ?? null;
            if (null === $band && null === $reading) {
                continue;
            }
            $scale = 'ratio' === $measure->unit ? 100.0 : 1.0;
            $unit = 'ratio' === $measure->unit ? ' %' : '';
            $number = static fn (float $si): float => round($scale * $si, 2);
            $measures[] = new HeapMeasureAnswer(
                code: $code,
                label: $heap->kind->nameOf($measure),
                how: $format->words($measure->how),
                shown: null === $reading ? null : self::shown($reading, $scale, $format).$unit,
                standing: $report->standings[$code] ?? 'plain',
                origin: $reading?->origin,
                at: $reading?->at,
                old: $reading->old ?? false,
                band: null === $band ? null : [
                    'low' => $number($band[0]),
                    'high' => $number($band[1]),
                    'shown' => (0.0 === $band[0] ? 'no more than ' : $number($band[0]).' to ').$number($band[1]).$unit,
                ],
                due: $due[$code] ?? null,
                trend: array_map(
                    static fn (array $point): array => [
                        'at' => $point[0],
                        'value' => $number($point[1]->value->si),
                        'low' => $number($point[1]->value->lowSi),
                        'high' => $number($point[1]->value->highSi),
                        'tested' => $point[2],
                    ],
                    $history->trend($code, $now),
                ),
            );
        }

        return $measures;
    }

    private static function shown(HeapReading $reading, float $scale, QuantityFormatter $format): string
    {
        return ('tested' === $reading->origin ? '' : 'about ').Figure::shown($reading->value->times($scale), $format);
    }

    private static function mended(Heap $heap, HeapState $state, QuantityFormatter $format, MendTargets $wanted): MendingAnswer
    {
        $mending = Mending::of($heap, $state, $format, $wanted);

        return null === $mending
            ? new MendingAnswer('Say what the heap weighs: then what to add can be weighed out.', '', [])
            : new MendingAnswer(
                $mending->words(),
                [] === $mending->lines() ? '' : $mending->doubt(),
                array_map(
                    static fn (MendLine $line): array => [
                        'code' => $line->code,
                        'how' => $line->how,
                        'figure' => $line->figure->toArray($format),
                    ],
                    $mending->lines(),
                ),
            );
    }

    private function entry(Movement $movement, Heap $heap, QuantityFormatter $format): HeapEntryAnswer
    {
        $kind = MovementKind::find($movement->kind());
        $event = HeapBook::read($movement, $heap->step);
        $found = [];
        foreach ($event instanceof SandTest ? $event->readings : [] as $code => $value) {
            $ratio = 'ratio' === Measure::all()[$code]->unit;
            $found[] = Measure::all()[$code]->label.' '.Figure::shown($value->times($ratio ? 100.0 : 1.0), $format).($ratio ? ' %' : '');
        }
        $better = $event instanceof SandTest ? $event->betterSample() : null;
        if (null !== $better) {
            $found[] = "On your scale, weigh {$format->quantity($better)} or more: then it is good to half a point";
        }
        $sieve = $event instanceof SandTest ? $event->sieve : null;

        return new HeapEntryAnswer(
            id: $movement->id()->toRfc4122(),
            version: $movement->version(),
            kind: $movement->kind(),
            title: $kind->title ?? $movement->kind(),
            at: $movement->happenedAt(),
            columns: (object) ToldColumns::of($kind->columns ?? [], $movement->content(), $format),
            found: null === $sieve ? $found : [...$found, $sieve->words()],
            unreadable: $movement->unreadable(),
        );
    }

    /** @return list<array{HeapPourAnswer, HeapPour|null}> the oldest first; without the second where it is not judged yet */
    private function pours(WorkshopRow $row, HeapHistory $history, QuantityFormatter $format): array
    {
        $pours = [];
        $burnt = $this->book->pours($row);
        foreach (array_slice($this->book->poured($row), -self::LOOKED_BACK) as $attempt) {
            $id = $attempt->id()->toRfc4122();
            $at = $burnt[$id]['at'] ?? HeapBook::pouredAt($attempt);
            $kg = $burnt[$id]['burnt'] ?? null;
            $state = $history->at($at);
            $kinds = array_map(static fn ($finding): string => $finding->toFinding()->kind, $attempt->findings());
            $ofSand = HeapPour::ofSand(array_values(array_unique($kinds)));
            $words = [];
            foreach (['moisture', 'clay', 'oil'] as $code) {
                $reading = $state->readings[$code] ?? null;
                if (null !== $reading && !$reading->old && 'recipe' !== $reading->origin) {
                    $words[] = lcfirst(Measure::all()[$code]->label).' '.round(100 * $reading->value->si, 1).' %';
                }
            }
            if (null !== $state->burnt && $state->pours > 0) {
                $words[] = round(100 * $state->burnt->si).' % burnt';
            }
            $pours[] = [
                new HeapPourAnswer(
                    attemptId: $id,
                    name: $attempt->casting()->name(),
                    number: $attempt->number(),
                    at: $at,
                    verdict: $attempt->verdict(),
                    burnt: null === $kg ? null : $format->estimate(Estimate::exact(Dimension::Mass, $kg)->widenedBy(BurntSand::WITHIN)),
                    sandDefects: array_map(
                        static fn (string $kind): string => Vocabulary::standard()->defects[$kind]->label ?? $kind,
                        $ofSand,
                    ),
                    state: implode(', ', $words),
                ),
                null === $attempt->verdict() ? null : new HeapPour($at, $state, [] !== $ofSand),
            ];
        }

        return $pours;
    }

    private static function sieve(HeapHistory $history): ?HeapSieveAnswer
    {
        $last = null;
        foreach ($history->tests() as $test) {
            $last = null === $test->sieve ? $last : $test;
        }
        $sieve = $last?->sieve;
        if (null === $last || null === $sieve) {
            return null;
        }
        $rows = [];
        foreach (Sieve::all() as $mesh => $row) {
            $rows[] = ['mesh' => (string) $mesh, 'opening' => $row->openingMm, 'share' => round(100 * $sieve->shares[(string) $mesh], 1)];
        }

        return new HeapSieveAnswer($last->at, (string) round($sieve->fineness), $sieve->words(), $rows);
    }
}
