<?php

declare(strict_types=1);

namespace MoltenNotes\App\Bin;

use Doctrine\DBAL\Connection;
use MoltenNotes\App\Account\Caster;
use MoltenNotes\App\Photos\PhotoStore;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** What lay in the bin for its thirty days is gone for good. */
final readonly class EmptyBin
{
    public const DAYS = 30;

    public function __construct(private Connection $storage, private PhotoStore $photos, private ClockInterface $clock)
    {
    }

    public function __invoke(Caster $caster): void
    {
        $until = $this->clock
            ->now()
            ->modify('-'.self::DAYS.' days')
            ->format('Y-m-d H:i:s');
        $own = [$caster->id()->toBinary(), $until];
        $castings = 'SELECT id FROM casting WHERE caster_id = ? AND binned_at < ?';
        $attempts = 'SELECT id FROM (SELECT id FROM attempt WHERE caster_id = ? AND binned_at < ?) old';
        $this->storage->executeStatement(
            'DELETE f FROM finding f JOIN attempt a ON a.id = f.attempt_id WHERE a.caster_id = ? AND f.binned_at < ?',
            $own,
        );
        // The file goes before its row: a row whose file is gone says so, a file whose row is gone would lie there for ever.
        foreach (
            $this->storage->fetchFirstColumn(
                'SELECT p.id FROM photo p JOIN attempt a ON a.id = p.attempt_id WHERE p.caster_id = ? AND (p.binned_at < ? OR '
                    .'a.binned_at < ?)',
                [...$own, $until],
            ) as $id
        ) {
            $this->photos->drop($caster->id(), Uuid::fromBinary(is_string($id) ? $id : ''));
        }
        $this->storage->executeStatement('DELETE FROM photo WHERE caster_id = ? AND binned_at < ?', $own);
        $this->storage->executeStatement("UPDATE attempt SET previous_id = NULL WHERE previous_id IN ({$attempts})", $own);
        $this->storage->executeStatement('DELETE FROM attempt WHERE caster_id = ? AND binned_at < ?', $own);
        $this->storage->executeStatement(
            'UPDATE attempt a JOIN heat h ON h.id = a.heat_id SET a.heat_id = NULL WHERE h.caster_id = ? AND h.binned_at < ?',
            $own,
        );
        $this->storage->executeStatement('DELETE FROM heat WHERE caster_id = ? AND binned_at < ?', $own);
        // A casting goes when the last of its attempts has gone: one that was put back keeps it.
        $this->storage->executeStatement(
            "DELETE FROM casting WHERE id IN (SELECT id FROM ({$castings}) old) AND NOT EXISTS (SELECT 1 FROM attempt a WHERE "
                .'a.casting_id = casting.id)',
            $own,
        );
        $this->storage->executeStatement('DELETE FROM movement WHERE caster_id = ? AND binned_at < ?', $own);
        // A lot of which a melt was charged stays: what was in that pot would change with it.
        $this->storage->executeStatement(
            'DELETE FROM workshop_row WHERE caster_id = ? AND binned_at < ? AND NOT EXISTS '
                .'(SELECT 1 FROM movement m WHERE m.row_id = workshop_row.id AND m.heat_id IS NOT NULL)',
            $own,
        );
    }
}
