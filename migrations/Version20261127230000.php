<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Photos of attempts; their files lie apart. */
final class Version20261127230000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Photos';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE photo (id BINARY(16) NOT NULL, caster_id BINARY(16) NOT NULL, attempt_id BINARY(16) NOT NULL, taken_at DATETIME '
                .'NOT NULL, width INT NOT NULL, height INT NOT NULL, caption LONGTEXT DEFAULT NULL, pins JSON DEFAULT NULL, binned_at '
                .'DATETIME DEFAULT NULL, updated_at DATETIME NOT NULL, version INT DEFAULT 1 NOT NULL, INDEX IDX_PHOTO_CASTER (caster_id), '
                .'INDEX IDX_PHOTO_ATTEMPT (attempt_id, taken_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql('ALTER TABLE photo ADD CONSTRAINT FK_PHOTO_CASTER FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE CASCADE');
        $this->addSql(
            'ALTER TABLE photo ADD CONSTRAINT FK_PHOTO_ATTEMPT FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE CASCADE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE photo');
    }
}
