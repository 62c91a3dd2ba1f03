<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Experience\SandWear;
use MoltenNotes\Core\Plan\Basis;
use MoltenNotes\Core\Plan\PlanCasting;
use MoltenNotes\Core\Quantity\Mass;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Sand\Heap;
use MoltenNotes\Core\Sand\HeapHistory;
use MoltenNotes\Core\Sand\ImpossibleTest;
use MoltenNotes\Core\Sand\SandAddition;
use MoltenNotes\Core\Sand\SandPour;
use MoltenNotes\Core\Sand\SandTest;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\Uid\Uuid;

/** The book of a caster's sand heaps: tests, additions and pours of each, read into what the core computes with. */
final readonly class HeapBook
{
    /** Pours of a heap that are looked back on; what burnt before them is in the tests made since. */
    private const MOST_POURS = 200;

    public function __construct(
        private EntityManagerInterface $storage,
        private WorkshopBook $book,
        private Remembered $remembered,
        private LoggerInterface $logger,
        private ClockInterface $clock,
    ) {
    }

    /** Null where its kind is blank, or is no longer known. */
    public function heap(WorkshopRow $row): ?Heap
    {
        return 'heaps' === $row->kind() ? Heap::from($row->columns()) : null;
    }

    /** Tests, additions and pours, whatever can be read of them. */
    public function history(WorkshopRow $row, Heap $heap): HeapHistory
    {
        $events = [];
        foreach ($this->book->entries($row) as $movement) {
            $event = self::read($movement, $heap->step);
            if (null !== $event) {
                $events[] = $event;
            }
        }
        foreach ($this->pours($row) as $pour) {
            $events[] = new SandPour($pour['at'], null === $pour['burnt'] ? null : Mass::fromSi($pour['burnt']));
        }

        return new HeapHistory($heap, $events);
    }

    /** What a mould took from its heap that day, or would take from it today; nothing where it names none. */
    public function valuesFor(Attempt $attempt): Values
    {
        $row = $attempt->heap();
        $heap = null === $row ? null : $this->heap($row);
        if (null === $row || null === $heap) {
            return Values::none();
        }
        $history = $this->history($row, $heap);

        return Values::of($history->at($this->dayOf($attempt, $history))->values());
    }

    /** When its mould was poured, seconds since 1970; now while it is only planned. */
    public function dayOf(Attempt $attempt, HeapHistory $history): float
    {
        return null === $attempt->pouredOn()
            ? $history->until((float) $this->clock->now()->getTimestamp())
            : self::pouredAt($attempt);
    }

    /** Seconds since 1970: when it was tapped, else at the end of its day. */
    public static function pouredAt(Attempt $attempt): float
    {
        foreach ($attempt->events() as $event) {
            if ('pour' === $event->code) {
                return $event->at;
            }
        }

        return null === $attempt->pouredOn() ? 0.0 : Seconds::endOf($attempt->pouredOn());
    }

    /** @return list<Attempt> whose mould was made of it and poured, the oldest first */
    public function poured(WorkshopRow $row): array
    {
        /** @var list<Attempt> $attempts */
        $attempts = $this->storage
            ->createQuery(
                'SELECT a, c FROM '.Attempt::class.' a JOIN a.casting c WHERE a.heap = :heap AND a.pouredOn IS NOT NULL '
                    .'AND a.binnedAt IS NULL ORDER BY a.happenedOn DESC, a.id DESC',
            )
            ->setParameter('heap', $row->id(), 'uuid')
            ->setMaxResults(self::MOST_POURS)
            ->getResult();

        return array_reverse($attempts);
    }

    /**
     * What was poured into moulds of it, and what that burnt. Only those that changed since are planned again.
     *
     * @return array<string, array{state: string, at: float, burnt: float|null}> attempt → version of its record, when, kg; the oldest first
     */
    public function pours(WorkshopRow $row): array
    {
        $caster = $row->caster();
        $what = 'pours of heap '.$row->id()->toRfc4122();

        return $this->remembered->get($caster, $what, fn (?array $before): array => $this->worn($row, $before ?? []));
    }

    /**
     * @param array<string, array{state: string, at: float, burnt: float|null}> $before
     *
     * @return array<string, array{state: string, at: float, burnt: float|null}>
     */
    private function worn(WorkshopRow $row, array $before): array
    {
        /** @var list<array{id: string, state: string}> $rows */
        $rows = $this->storage->getConnection()->fetchAllAssociative(
            "SELECT a.id, CONCAT(a.version, '/', COALESCE(h.version, 0), '/', ?) AS state FROM attempt a
             LEFT JOIN heat h ON h.id = a.heat_id WHERE a.heap_id = ? AND a.poured_on IS NOT NULL AND a.binned_at IS NULL
             ORDER BY a.happened_on DESC, a.id DESC LIMIT "
                .self::MOST_POURS,
            [json_encode($row->content()['kind'] ?? null), $row->id()->toBinary()],
        );
        $pours = [];
        foreach (array_reverse($rows) as $one) {
            $id = Uuid::fromBinary($one['id'])->toRfc4122();
            $known = $before[$id] ?? null;
            $same = null !== $known && $known['state'] === $one['state'];
            $attempt = $same ? null : $this->storage->find(Attempt::class, Uuid::fromString($id));
            $pours[$id] = null === $attempt
                ? $known ?? ['state' => $one['state'], 'at' => 0.0, 'burnt' => null]
                : ['state' => $one['state'], 'at' => self::pouredAt($attempt), 'burnt' => $this->burnt($attempt, $row)];
        }

        return $pours;
    }

    private function burnt(Attempt $attempt, WorkshopRow $row): ?float
    {
        $kind = $this->heap($row)?->kind;
        if (null === $kind) {
            return null;
        }
        $record = $attempt->toRecord(new History(), null);
        try {
            $poured = PlanCasting::of(Basis::of($record, new QuantityFormatter($attempt->caster()->units())))->figure('metal', 'poured')
                ?->value->si;
        } catch (\Throwable $error) {
            // One record that breaks the rules must not break the heap of all others; the log says which.
            $this->logger->error('What a pour burnt cannot be told.', ['attempt' => $attempt->id()->toRfc4122(), 'exception' => $error]);

            return null;
        }

        return SandWear::of($record->values(), null === $poured ? null : Mass::fromSi($poured), $kind)?->si();
    }

    /**
     * What cannot be right about an entry: column, code and words; null where nothing is. A blank one says nothing and is refused as well.
     *
     * @return array{string, string, string}|null
     */
    public static function fault(Movement $movement): ?array
    {
        if (null !== $movement->binnedAt()) {
            return null;
        }
        try {
            $event = self::event($movement, Heap::from($movement->row()->columns())?->step);
        } catch (ImpossibleTest $fault) {
            return [$fault->column, $fault->errorCode(), $fault->getMessage()];
        }
        $said = array_diff_key($movement->content(), ['note' => 0]);

        return match (true) {
            null === $event, [] === $said || $event->isBlank() => [
                'at',
                'record.blank',
                'Say at least one thing that was found or mixed in.',
            ],
            default => null,
        };
    }

    /** Null where what is stored can no longer belong together. */
    public static function read(Movement $movement, Mass $step): SandTest|SandAddition|null
    {
        try {
            return self::event($movement, $step);
        } catch (ImpossibleTest) {
            return null;
        }
    }

    /** @throws ImpossibleTest */
    private static function event(Movement $movement, ?Mass $step): SandTest|SandAddition|null
    {
        $columns = $movement->columns();

        return match ($movement->kind()) {
            'sand_test' => SandTest::from($movement->happenedAt(), $columns, $step ?? Mass::of(1, 'g')),
            'sand_addition' => SandAddition::from($movement->happenedAt(), $columns),
            default => null,
        };
    }
}
