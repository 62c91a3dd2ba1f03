<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What of the route of finishing is done, and what is mended on it. */
final class Version20261203090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Finishing';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt ADD finish JSON DEFAULT NULL, ADD mends JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt DROP COLUMN finish, DROP COLUMN mends');
    }
}
