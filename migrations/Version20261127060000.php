<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A mould in one piece has a depth, not a cope and a drag: where both were told for one, their sum is its depth. Both are kept. */
final class Version20261127060000 extends AbstractMigration
{
    private const ONE_PIECE = ['lost_foam', 'plaster', 'ceramic_shell', 'silicone', 'metal_mould'];

    public function getDescription(): string
    {
        return 'Depth of moulds in one piece';
    }

    public function up(Schema $schema): void
    {
        $processes = "'".implode("', '", self::ONE_PIECE)."'";
        foreach (['planned', 'made'] as $layer) {
            $this->addSql(
                'INSERT IGNORE INTO attempt_value (attempt_id, slot, si, si_upper, unit) '
                    ."SELECT cope.attempt_id, '{$layer} flask.depth', cope.si + drag.si, cope.si_upper + drag.si_upper, cope.unit "
                    .'FROM attempt_value cope JOIN attempt_value drag ON drag.attempt_id = cope.attempt_id '
                    .'JOIN attempt ON attempt.id = cope.attempt_id '
                    ."WHERE cope.slot = '{$layer} flask.cope' AND drag.slot = '{$layer} flask.drag' "
                    ."AND attempt.process IN ({$processes}) AND cope.si IS NOT NULL AND drag.si IS NOT NULL",
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->addSql("DELETE FROM attempt_value WHERE slot IN ('planned flask.depth', 'made flask.depth')");
    }
}
