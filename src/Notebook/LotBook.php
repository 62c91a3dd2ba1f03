<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\Core\Charge\HeatMetal;
use MoltenNotes\Core\Charge\Knowledge;
use MoltenNotes\Core\Charge\Lot;
use MoltenNotes\Core\Charge\LotEvent;
use MoltenNotes\Core\Charge\Shelf;
use MoltenNotes\Core\Quantity\UnitPreferences;
use MoltenNotes\Core\Record\ValueReader;
use MoltenNotes\Core\Record\Values;
use MoltenNotes\Core\Workshop\ColumnReader;
use MoltenNotes\Core\Workshop\MovementKind;
use Symfony\Component\Uid\Uuid;

/** The book of a caster's metal: lots, what heats took from them and gave back, read into what the core computes with. */
final readonly class LotBook
{
    /** Lines that are read; older ones have become what the lots hold. */
    private const MOST_LINES = 4000;
    private const KINDS = ['lot_weighed', 'lot_added', 'lot_charged', 'lot_returned', 'lot_checked'];

    public function __construct(private EntityManagerInterface $storage, private Remembered $remembered)
    {
    }

    /** The lots as they stand today, and what went into each heat. */
    public function shelf(Caster $caster): Shelf
    {
        return $this->remembered->get($caster, 'shelf of metal', fn (): Shelf => $this->replayed($caster));
    }

    /** What the book says of the melt of an attempt; nothing where it names none, or nothing was charged. */
    public function valuesFor(Attempt $attempt): Values
    {
        $heat = $attempt->heat();

        return null === $heat ? Values::none() : Values::of($this->shelf($attempt->caster())->pot($heat->id()->toRfc4122())->values());
    }

    /** What was found in the pot of a heat. */
    public static function foundIn(Heat $heat): HeatMetal
    {
        return self::heatMetal($heat->values()->choice('metal.alloy'), $heat->found());
    }

    private function replayed(Caster $caster): Shelf
    {
        $lots = $gone = [];
        // What lies in the bin was charged all the same: a pot does not change because somebody cleared the shelf.
        $all = $this->storage
            ->getRepository(WorkshopRow::class)
            ->findBy(['caster' => $caster, 'kind' => 'stock'], ['place' => 'ASC', 'id' => 'ASC']);
        foreach ($all as $row) {
            $id = $row->id()->toRfc4122();
            $lots[$id] = Lot::from($id, $row->name() ?? 'Metal without a name', $row->columns());
            if (null !== $row->binnedAt()) {
                $gone[] = $id;
            }
        }
        // Plain columns: a season's book has hundreds of lines, and this is read for every plan.
        /** @var list<array{row_id: string, heat_id: string|null, kind: string, happened_at: float|string, content: string}> $rows */
        $rows = $this->storage->getConnection()->fetchAllAssociative(
            'SELECT row_id, heat_id, kind, happened_at, content FROM movement WHERE caster_id = ? AND kind IN ('
                .implode(', ', array_map(static fn (string $kind): string => "'{$kind}'", self::KINDS))
                .') AND binned_at IS NULL ORDER BY happened_at DESC, id DESC LIMIT '.self::MOST_LINES,
            [$caster->id()->toBinary()],
        );
        $events = [];
        $heats = [];
        foreach ($rows as $row) {
            $heat = null === $row['heat_id'] ? null : Uuid::fromBinary($row['heat_id'])->toRfc4122();
            if (null !== $heat) {
                $heats[$heat] = $row['heat_id'];
            }
            $events[] = LotEvent::from(
                (float) $row['happened_at'],
                $row['kind'],
                Uuid::fromBinary($row['row_id'])->toRfc4122(),
                $heat,
                self::columns($row['kind'], $row['content']),
            );
        }

        return Shelf::replay($lots, array_reverse($events), $this->heats(array_values($heats)), $gone);
    }

    /**
     * @param list<string|null> $ids
     *
     * @return array<string, HeatMetal>
     */
    private function heats(array $ids): array
    {
        if ([] === $ids) {
            return [];
        }
        /** @var list<array{id: string, found: string|null, alloy: string|null}> $rows */
        $rows = $this->storage->getConnection()->fetchAllAssociative(
            "SELECT h.id, h.found, v.words AS alloy FROM heat h
             LEFT JOIN heat_value v ON v.heat_id = h.id AND v.field = 'metal.alloy' WHERE h.id IN (?) AND h.binned_at IS NULL",
            [$ids],
            [\Doctrine\DBAL\ArrayParameterType::BINARY],
        );
        $heats = [];
        foreach ($rows as $row) {
            $found = json_decode($row['found'] ?? '[]', true);
            $heats[Uuid::fromBinary($row['id'])->toRfc4122()] = self::heatMetal($row['alloy'], is_array($found) ? $found : []);
        }

        return $heats;
    }

    /** @param array<mixed> $found as it is stored */
    private static function heatMetal(?string $alloy, array $found): HeatMetal
    {
        $by = $found['by'] ?? null;
        $shares = ColumnReader::composition(array_diff_key($found, ['by' => 0]), '', new ValueReader(UnitPreferences::metric()));

        return new HeatMetal(
            $alloy,
            $shares,
            Knowledge::of(is_string($by) ? $by : 'assayed'),
        );
    }

    /** @return array<string, mixed> */
    private static function columns(string $kind, string $content): array
    {
        $told = json_decode($content, true);
        $columns = [];
        foreach (is_array($told) ? $told : [] as $key => $value) {
            $columns[(string) $key] = $value;
        }

        return ColumnReader::all(MovementKind::find($kind)->columns ?? [], $columns, '', new ValueReader(UnitPreferences::metric()));
    }
}
