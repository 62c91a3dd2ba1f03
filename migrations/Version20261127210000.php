<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Instruments that send readings, the readings, and which of them a melt listens to. */
final class Version20261127210000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Instruments and their readings';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE instrument (id BINARY(16) NOT NULL, name VARCHAR(80) NOT NULL, kind VARCHAR(16) NOT NULL, token_hash VARCHAR(64) '
                .'DEFAULT NULL, created_at DATETIME NOT NULL, revoked_at DATETIME DEFAULT NULL, seen_at DATETIME DEFAULT NULL, '
                .'running_since DOUBLE PRECISION DEFAULT NULL, simulated '
                .'TINYINT(1) NOT NULL, caster_id BINARY(16) NOT NULL, INDEX IDX_INSTRUMENT_CASTER (caster_id), UNIQUE INDEX '
                .'instrument_token (token_hash), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE instrument ADD CONSTRAINT FK_INSTRUMENT_CASTER FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE CASCADE',
        );
        // Rows lie in the order they are read in: an instrument, what it reads, when. The key makes a repeated reading one.
        $this->addSql(
            'CREATE TABLE reading (instrument_id BINARY(16) NOT NULL, quantity VARCHAR(12) CHARACTER SET ascii COLLATE ascii_bin NOT NULL, '
                .'at BIGINT NOT NULL, value DOUBLE PRECISION NOT NULL, simulated TINYINT(1) NOT NULL, PRIMARY KEY (instrument_id, '
                .'quantity, at)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE reading ADD CONSTRAINT FK_READING_INSTRUMENT FOREIGN KEY (instrument_id) REFERENCES instrument (id) ON DELETE '
                .'CASCADE',
        );
        $this->addSql('ALTER TABLE heat ADD listens JSON DEFAULT NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE heat DROP listens');
        $this->addSql('DROP TABLE reading');
        $this->addSql('DROP TABLE instrument');
    }
}
