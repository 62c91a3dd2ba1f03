<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** When a pour is wanted, what of its week is done, and the address its calendar is fetched by. */
final class Version20261130090000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'The week';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt ADD wanted_at DOUBLE PRECISION DEFAULT NULL, ADD steps JSON DEFAULT NULL');
        $this->addSql('ALTER TABLE caster ADD feed_hash VARCHAR(64) DEFAULT NULL, ADD UNIQUE INDEX caster_feed (feed_hash)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE caster DROP INDEX caster_feed, DROP COLUMN feed_hash');
        $this->addSql('ALTER TABLE attempt DROP COLUMN wanted_at, DROP COLUMN steps');
    }
}
