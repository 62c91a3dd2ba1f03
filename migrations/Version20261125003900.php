<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A caster's workshop, one document each. */
final class Version20261125003900 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Workshop';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE workshop (content JSON NOT NULL, updated_at DATETIME NOT NULL, version INT DEFAULT 1 NOT NULL, caster_id '
                .'BINARY(16) NOT NULL, PRIMARY KEY (caster_id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE workshop ADD CONSTRAINT FK_9B6F02AEDB710083 FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE CASCADE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE workshop');
    }
}
