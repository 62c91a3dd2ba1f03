<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Which pattern a mould was made of, or which mould was poured again. */
final class Version20261201090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Patterns and moulds that are used again';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE attempt ADD pattern_id BINARY(16) DEFAULT NULL, ADD INDEX IDX_attempt_pattern (pattern_id), '
                .'ADD CONSTRAINT FK_attempt_pattern FOREIGN KEY (pattern_id) REFERENCES workshop_row (id) ON DELETE SET NULL',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt DROP FOREIGN KEY FK_attempt_pattern');
        $this->addSql('ALTER TABLE attempt DROP INDEX IDX_attempt_pattern, DROP COLUMN pattern_id');
    }
}
