<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * A finding says on which section, on which castings of the pour and at which gate or vent it sits; an attempt, which other it is compared
 * with, what must stay the same and what the caster changes of his own; an opinion, how sure it is.
 */
final class Version20261127150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Where a finding sits, what an attempt is compared with, what is kept, own changes, how sure an opinion is';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE finding ADD section VARCHAR(40) DEFAULT NULL, ADD pieces JSON DEFAULT NULL, ADD number INT DEFAULT NULL',
        );
        $this->addSql(
            'ALTER TABLE attempt ADD beside_id BINARY(16) DEFAULT NULL, ADD kept JSON DEFAULT NULL, ADD own_changes JSON DEFAULT NULL, '
                .'ADD CONSTRAINT FK_18EC0266B5F14B76 FOREIGN KEY (beside_id) REFERENCES attempt (id) ON DELETE SET NULL, '
                .'ADD INDEX IDX_18EC0266B5F14B76 (beside_id)',
        );
        $this->addSql('ALTER TABLE cause_opinion ADD sure VARCHAR(8) DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE cause_opinion DROP sure');
        $this->addSql('ALTER TABLE attempt DROP FOREIGN KEY FK_18EC0266B5F14B76');
        $this->addSql('ALTER TABLE attempt DROP beside_id, DROP kept, DROP own_changes');
        $this->addSql('ALTER TABLE finding DROP section, DROP pieces, DROP number');
    }
}
