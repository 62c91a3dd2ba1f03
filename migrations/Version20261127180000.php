<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was tapped on the day of a pour, and which holds were seen to or overridden. */
final class Version20261127180000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The day of a pour';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt ADD events JSON DEFAULT NULL, ADD holds JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt DROP events, DROP holds');
    }
}
