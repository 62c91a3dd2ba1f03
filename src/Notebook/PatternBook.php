<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Alloy\Alloy;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Attempt\History;
use MoltenNotes\Core\Pattern\PatternForm;
use MoltenNotes\Core\Pattern\PatternLife;
use MoltenNotes\Core\Pattern\PatternStages;
use MoltenNotes\Core\Pattern\PatternUse;
use MoltenNotes\Core\Quantity\Length;
use MoltenNotes\Core\Quantity\Measurement;
use MoltenNotes\Core\Quantity\QuantityFormatter;
use MoltenNotes\Core\Record\Values;
use Symfony\Component\Uid\Uuid;

/** The book of patterns and of moulds that are used again: what each has been through, and what it was taken from. */
final readonly class PatternBook
{
    private const MOST_MOULDS = 2000;

    public function __construct(private EntityManagerInterface $storage, private WorkshopBook $book, private Remembered $remembered)
    {
    }

    /** Null where it is blank, or no longer known. */
    public function form(WorkshopRow $row): ?PatternForm
    {
        $form = $row->columns()['form'] ?? null;

        return 'patterns' === $row->kind() ? PatternForm::find(is_string($form) ? $form : null) : null;
    }

    /** @param float $until seconds since 1970: as it stood then */
    public function life(WorkshopRow $row, PatternForm $form, QuantityFormatter $format, float $until = \INF): PatternLife
    {
        $book = array_values(array_filter($this->bookOf($row), static fn (PatternUse $line): bool => $line->at <= $until));

        return PatternLife::of($form, $row->columns(), $book, $format);
    }

    public function stages(WorkshopRow $row, Alloy $alloy, ?Length $wanted, QuantityFormatter $format): PatternStages
    {
        $rows = $this->rows($row->caster());
        $chain = [];
        foreach (PatternStages::chain($row->id()->toRfc4122(), self::after($rows)) as $id) {
            $one = $rows[$id];
            $chain[] = [
                'id' => $id,
                'name' => $one->name() ?? 'Pattern without a name',
                'columns' => $one->columns(),
                'length' => $this->length($one),
            ];
        }

        return PatternStages::of($chain, $alloy, $this->casting($row, $alloy), $wanted, $format);
    }

    /**
     * How many uses it bears: pieces that there were of what is used up, else what is usual, and no fewer than it has borne already.
     *
     * @return array{int, int}|null the fewest and the most; null where that is not counted
     */
    public function bears(WorkshopRow $row, PatternForm $form): ?array
    {
        if ($form->once) {
            $pieces = $row->columns()['pieces'] ?? 0;
            $pieces = is_int($pieces) ? $pieces : 0;
            foreach ($this->book->entries($row) as $movement) {
                $count = $movement->columns()['count'] ?? 0;
                $pieces += 'pattern_made' === $movement->kind() && is_int($count) ? $count : 0;
            }

            return $pieces > 0 ? [$pieces, $pieces] : null;
        }
        $had = $this->life($row, $form, new QuantityFormatter($row->caster()->units()))->uses;

        return null === $form->uses ? null : [max($form->uses[0], $had), max($form->uses[1], $had)];
    }

    /** Why it cannot have been taken from what it says; null where it can. */
    public function takenFromFault(WorkshopRow $row): ?string
    {
        $rows = $this->rows($row->caster());
        $after = self::after($rows);
        $from = self::takenFromId($row);
        $after[$row->id()->toRfc4122()] = $from;

        return match (true) {
            null === $from => null,
            !isset($rows[$from]) && $from !== $row->id()->toRfc4122() => 'There is no such pattern or mould in your workshop.',
            PatternStages::isCircle($row->id()->toRfc4122(), $after) => 'Then it would have been taken from itself.',
            default => null,
        };
    }

    /** What its pattern says of a mould: what kind it is, how its face was left, and the steps between it and what it was taken from. */
    public function valuesFor(Attempt $attempt): Values
    {
        $row = $attempt->pattern();
        $form = null === $row ? null : $this->form($row);
        if (null === $row || null === $form) {
            return Values::none();
        }
        $values = [];
        if (null !== $form->patternKind) {
            $values['pattern.kind'] = $form->patternKind;
        }
        $alloy = AlloyTable::orUsual($attempt->alloy());
        $format = new QuantityFormatter($attempt->caster()->units());
        $day = null === $attempt->pouredOn() ? \INF : HeapBook::pouredAt($attempt);
        $surface = $this->life($row, $form, $format, $day)->surface;
        if (null !== $surface) {
            $values['pattern.surface'] = $surface;
        }
        $steps = $this->stages($row, $alloy, null, $format)->beforeTheMetal();
        if (null !== $steps && $steps->si > 0.0) {
            $values['pattern.contraction_2'] = $steps->highSi - $steps->lowSi > 1e-6
                ? Measurement::of(round(100 * $steps->lowSi, 3), 'percent', round(100 * $steps->highSi, 3))
                : Measurement::of(round(100 * $steps->si, 3), 'percent');
        }

        return Values::of($values);
    }

    /** What it was taken from; null where that is not said, or is in the bin. */
    public function takenFrom(WorkshopRow $row): ?WorkshopRow
    {
        return $this->rows($row->caster())[self::takenFromId($row) ?? ''] ?? null;
    }

    /** @return list<WorkshopRow> what was taken from it */
    public function takenOf(WorkshopRow $row): array
    {
        $id = $row->id()->toRfc4122();

        return array_values(array_filter(
            $this->rows($row->caster()),
            static fn (WorkshopRow $one): bool => self::takenFromId($one) === $id,
        ));
    }

    /** @return list<Attempt> whose moulds were made of it, or that were poured into it, the latest first */
    public function moulded(WorkshopRow $row, int $most): array
    {
        return $this->storage
            ->getRepository(Attempt::class)
            ->findBy(['pattern' => $row, 'binnedAt' => null], ['happenedOn' => 'DESC', 'id' => 'DESC'], $most);
    }

    /**
     * Whether what each planned mould is made of will be there when its turn comes: what is poured first takes first.
     *
     * @param list<Attempt> $planned in the order of their wanted hours
     *
     * @return array<string, bool> attempt → whether it is at hand; without those that name no pattern
     */
    public function atHand(array $planned, QuantityFormatter $format): array
    {
        $left = $hand = [];
        foreach ($planned as $attempt) {
            $row = $attempt->pattern();
            $form = null === $row ? null : $this->form($row);
            if (null === $row || null === $form) {
                continue;
            }
            $id = $row->id()->toRfc4122();
            $life = $this->life($row, $form, $format);
            $left[$id] ??= $life->left;
            $takes = max(1, $attempt->toRecord(new History(), null)->values()->count('casting.count') ?? 1);
            $hand[$attempt->id()->toRfc4122()] = !$life->isOut && (null === $left[$id] || $left[$id] >= $takes);
            $left[$id] = null === $left[$id] ? null : $left[$id] - $takes;
        }

        return $hand;
    }

    /** @return list<PatternUse> lines, moulds, and what was taken out of it, in the order of time */
    private function bookOf(WorkshopRow $row): array
    {
        $book = [];
        foreach ($this->book->entries($row) as $movement) {
            $book[] = PatternUse::from($movement->happenedAt(), $movement->kind(), $movement->columns());
        }
        foreach ($this->takenOf($row) as $taken) {
            foreach ($this->book->entries($taken) as $movement) {
                if ('pattern_made' === $movement->kind()) {
                    $book[] = PatternUse::from($movement->happenedAt(), 'pattern_used', $movement->columns());
                }
            }
        }
        foreach ($this->moulds($row->caster())[$row->id()->toRfc4122()] ?? [] as $mould) {
            $book[] = new PatternUse($mould['at'], 'mould', $mould['castings']);
        }
        usort($book, static fn (PatternUse $a, PatternUse $b): int => $a->at <=> $b->at);

        return $book;
    }

    /**
     * Moulds that were poured, by what they were made of.
     *
     * @return array<string, list<array{at: float, castings: int}>>
     */
    private function moulds(Caster $caster): array
    {
        return $this->remembered->get($caster, 'moulds of patterns', function () use ($caster): array {
            /** @var list<array{pattern_id: string, poured_on: string, castings: int|string|null}> $rows */
            $rows = $this->storage->getConnection()->fetchAllAssociative(
                "SELECT a.pattern_id, a.poured_on,
                    (SELECT v.number FROM attempt_value v WHERE v.attempt_id = a.id
                     AND v.slot IN ('made casting.count', 'planned casting.count') ORDER BY v.slot LIMIT 1) AS castings
                 FROM attempt a WHERE a.caster_id = ? AND a.pattern_id IS NOT NULL AND a.poured_on IS NOT NULL AND a.binned_at IS NULL
                 ORDER BY a.happened_on DESC, a.id DESC LIMIT "
                    .self::MOST_MOULDS,
                [$caster->id()->toBinary()],
            );
            $moulds = [];
            foreach ($rows as $row) {
                $moulds[Uuid::fromBinary($row['pattern_id'])->toRfc4122()][] = [
                    'at' => Seconds::endOf(new \DateTimeImmutable($row['poured_on'], new \DateTimeZone('UTC'))),
                    'castings' => max(1, (int) $row['castings']),
                ];
            }

            return $moulds;
        });
    }

    /** The latest that was measured of its edge; what was typed with it where nobody measured since. */
    private function length(WorkshopRow $row): ?Measurement
    {
        $length = $row->columns()['length'] ?? null;
        foreach ($this->book->entries($row) as $movement) {
            $length = $movement->columns()['length'] ?? $length;
        }

        return $length instanceof Measurement ? $length : null;
    }

    /** The latest that was measured of the same edge on a casting of this metal. */
    private function casting(WorkshopRow $row, Alloy $alloy): ?Measurement
    {
        $found = null;
        foreach ($this->book->entries($row) as $movement) {
            $columns = $movement->columns();
            if ('pattern_casting' === $movement->kind() && ($columns['alloy'] ?? null) === $alloy->code) {
                $found = $columns['casting'] ?? $found;
            }
        }

        return $found instanceof Measurement ? $found : null;
    }

    /** @return array<string, WorkshopRow> by id */
    private function rows(Caster $caster): array
    {
        $rows = [];
        foreach ($this->book->things($caster, 'patterns') as $row) {
            $rows[$row->id()->toRfc4122()] = $row;
        }

        return $rows;
    }

    /**
     * @param array<string, WorkshopRow> $rows
     *
     * @return array<string, string|null>
     */
    private static function after(array $rows): array
    {
        return array_map(self::takenFromId(...), $rows);
    }

    private static function takenFromId(WorkshopRow $row): ?string
    {
        $after = $row->columns()['after'] ?? null;

        return is_string($after) ? $after : null;
    }
}
