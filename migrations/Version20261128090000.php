<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Entries of things of the workshop, and the heap a mould was made of. */
final class Version20261128090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Sand heaps';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE movement (id BINARY(16) NOT NULL, caster_id BINARY(16) NOT NULL, row_id BINARY(16) NOT NULL, kind VARCHAR(24) '
                .'NOT NULL, happened_at DOUBLE PRECISION NOT NULL, content JSON NOT NULL, binned_at DATETIME DEFAULT NULL, updated_at '
                .'DATETIME NOT NULL, version INT DEFAULT 1 NOT NULL, INDEX IDX_MOVEMENT_CASTER (caster_id), INDEX movement_of (row_id, '
                .'happened_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE movement ADD CONSTRAINT FK_MOVEMENT_CASTER FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE CASCADE',
        );
        $this->addSql(
            'ALTER TABLE movement ADD CONSTRAINT FK_MOVEMENT_ROW FOREIGN KEY (row_id) REFERENCES workshop_row (id) ON DELETE CASCADE',
        );
        $this->addSql('ALTER TABLE attempt ADD heap_id BINARY(16) DEFAULT NULL, ADD INDEX IDX_ATTEMPT_HEAP (heap_id, happened_on)');
        $this->addSql(
            'ALTER TABLE attempt ADD CONSTRAINT FK_ATTEMPT_HEAP FOREIGN KEY (heap_id) REFERENCES workshop_row (id) ON DELETE SET NULL',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE movement');
        $this->addSql('ALTER TABLE attempt DROP FOREIGN KEY FK_ATTEMPT_HEAP');
        $this->addSql('ALTER TABLE attempt DROP COLUMN heap_id');
    }
}
