<?php

declare(strict_types=1);

namespace MoltenNotes\App\Notebook;

use Doctrine\ORM\EntityManagerInterface;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Shared\Seconds;
use MoltenNotes\Core\Alloy\AlloyTable;
use MoltenNotes\Core\Experience\PastHeat;
use MoltenNotes\Core\Workshop\CrucibleLife;
use MoltenNotes\Core\Workshop\FurnaceCare;
use MoltenNotes\Core\Workshop\Supply;
use Symfony\Component\Clock\ClockInterface;

/** The books of crucibles, furnaces and consumables, with the heats that each has seen. */
final readonly class CareBook
{
    private const MOST_HEATS = 2000;

    public function __construct(
        private EntityManagerInterface $storage,
        private WorkshopBook $book,
        private Remembered $remembered,
        private ClockInterface $clock,
    ) {
    }

    public function crucible(WorkshopRow $row): CrucibleLife
    {
        return CrucibleLife::of(
            $row->columns(),
            $this->looks($row),
            array_map(static fn (array $heat): array => [$heat['at'], $heat['family']], $this->seen($row, 'crucible')),
        );
    }

    public function furnace(WorkshopRow $row): FurnaceCare
    {
        return FurnaceCare::of(
            $this->looks($row),
            array_column($this->seen($row, 'furnace'), 'at'),
            (float) $this->clock->now()->getTimestamp(),
        );
    }

    /** How many heats a furnace has seen. */
    public function heatsOf(WorkshopRow $row): int
    {
        return count($this->seen($row, 'furnace'));
    }

    public function supply(WorkshopRow $row): Supply
    {
        $entries = [];
        foreach ($this->book->entries($row) as $movement) {
            $entries[] = [$movement->kind(), $movement->columns()];
        }

        return Supply::of($row->columns(), $entries);
    }

    /**
     * Heats that name it.
     *
     * @param 'crucible'|'furnace' $as
     *
     * @return list<array{at: float, crucible: string|null, furnace: string|null, family: string|null}>
     */
    private function seen(WorkshopRow $row, string $as): array
    {
        $name = PastHeat::name($row->name());

        return null === $name ? [] : array_values(
            array_filter($this->heats($row->caster()), static fn (array $heat): bool => $heat[$as] === $name),
        );
    }

    /** @return list<array{float, string|null}> */
    private function looks(WorkshopRow $row): array
    {
        return array_map(static function (Movement $movement): array {
            $found = $movement->content()['found'] ?? null;

            return [$movement->happenedAt(), is_string($found) ? $found : null];
        }, $this->book->entries($row));
    }

    /**
     * Melts of a caster that have happened.
     *
     * @return list<array{at: float, crucible: string|null, furnace: string|null, family: string|null}> the oldest first
     */
    private function heats(Caster $caster): array
    {
        return $this->remembered->get($caster, 'heats of crucibles and furnaces', function () use ($caster): array {
            /** @var list<array{id: string, day: string, crucible: string|null, furnace: string|null, alloy: string|null}> $rows */
            $rows = $this->storage->getConnection()->fetchAllAssociative(
                "SELECT h.id, COALESCE(h.melted_on, MIN(a.poured_on)) AS day, c.words AS crucible, f.words AS furnace, m.words AS alloy
                 FROM heat h
                 LEFT JOIN attempt a ON a.heat_id = h.id AND a.binned_at IS NULL
                 LEFT JOIN heat_value c ON c.heat_id = h.id AND c.field = 'crucible.name'
                 LEFT JOIN heat_value f ON f.heat_id = h.id AND f.field = 'melt.furnace'
                 LEFT JOIN heat_value m ON m.heat_id = h.id AND m.field = 'metal.alloy'
                 WHERE h.caster_id = ? AND h.binned_at IS NULL
                 GROUP BY h.id, h.melted_on, c.words, f.words, m.words HAVING day IS NOT NULL
                 ORDER BY day DESC, h.id DESC LIMIT ".self::MOST_HEATS,
                [$caster->id()->toBinary()],
            );

            return array_map(static fn (array $row): array => [
                'at' => Seconds::endOf(new \DateTimeImmutable($row['day'], new \DateTimeZone('UTC'))),
                'crucible' => PastHeat::name($row['crucible']),
                'furnace' => PastHeat::name($row['furnace']),
                'family' => AlloyTable::find($row['alloy'] ?? '')?->family,
            ], array_reverse($rows));
        });
    }
}
