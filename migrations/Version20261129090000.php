<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What went into a heat from the shelf, and what was found in its pot. */
final class Version20261129090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Lots';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE movement ADD heat_id BINARY(16) DEFAULT NULL, ADD INDEX movement_heat (heat_id), '
                .'ADD CONSTRAINT FK_movement_heat FOREIGN KEY (heat_id) REFERENCES heat (id) ON DELETE SET NULL',
        );
        $this->addSql('ALTER TABLE movement ADD INDEX movement_caster (caster_id, kind, happened_at)');
        $this->addSql('ALTER TABLE heat ADD found JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE heat DROP COLUMN found');
        $this->addSql('ALTER TABLE movement DROP FOREIGN KEY FK_movement_heat');
        $this->addSql('ALTER TABLE movement DROP INDEX movement_heat, DROP INDEX movement_caster, DROP COLUMN heat_id');
    }
}
