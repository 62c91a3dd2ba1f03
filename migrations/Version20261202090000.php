<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was used for one mould alone. */
final class Version20261202090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'What a pour cost';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE movement ADD attempt_id BINARY(16) DEFAULT NULL, ADD INDEX IDX_movement_attempt (attempt_id), '
                .'ADD CONSTRAINT FK_movement_attempt FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE SET NULL',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE movement DROP FOREIGN KEY FK_movement_attempt');
        $this->addSql('ALTER TABLE movement DROP INDEX IDX_movement_attempt, DROP COLUMN attempt_id');
    }
}
