<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * Sessions and sign-ins in the database, meshes read in the background, what no longer fits kept aside, and indexes for reads that do not
 * grow.
 */
final class Version20261126120000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Sessions, sign-ins, mesh readings, kept-aside workshop rows, revision of a notebook, write probe';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE session (sess_id VARBINARY(128) NOT NULL, sess_data MEDIUMBLOB NOT NULL, sess_lifetime INT UNSIGNED NOT NULL, '
                .'sess_time INT UNSIGNED NOT NULL, INDEX session_lifetime (sess_lifetime), PRIMARY KEY (sess_id)) COLLATE utf8mb4_bin',
        );
        $this->addSql(
            'CREATE TABLE sign_in (id BINARY(16) NOT NULL, started_at DATETIME NOT NULL, last_seen_at DATETIME NOT NULL, device '
                .'VARCHAR(120) NOT NULL, caster_id BINARY(16) NOT NULL, INDEX IDX_SIGN_IN_CASTER (caster_id), PRIMARY KEY (id)) DEFAULT '
                    .'CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE sign_in ADD CONSTRAINT FK_SIGN_IN_CASTER FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE CASCADE',
        );
        $this->addSql(
            'CREATE TABLE mesh_reading (id BINARY(16) NOT NULL, unit VARCHAR(4) NOT NULL, state VARCHAR(8) NOT NULL, share DOUBLE '
                .'PRECISION NOT NULL, answer JSON DEFAULT NULL, created_at DATETIME NOT NULL, caster_id BINARY(16) NOT NULL, INDEX '
                    .'IDX_MESH_READING_CASTER (caster_id, created_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE mesh_reading ADD CONSTRAINT FK_MESH_READING_CASTER FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE '
                .'CASCADE',
        );
        $this->addSql(
            'CREATE TABLE messenger_messages (id BIGINT AUTO_INCREMENT NOT NULL, body LONGTEXT NOT NULL, headers LONGTEXT NOT NULL, '
                .'queue_name VARCHAR(190) NOT NULL, created_at DATETIME NOT NULL, available_at DATETIME NOT NULL, delivered_at DATETIME '
                    .'DEFAULT NULL, INDEX IDX_75EA56E0FB7336F0E3BD61CE16BA31DBBF396750 (queue_name, available_at, delivered_at, id), '
                        .'PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE write_probe (id INT NOT NULL, written_at DATETIME(6) NOT NULL, PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        // Addresses are told apart letter by letter: an accent makes another address.
        $this->addSql('ALTER TABLE caster MODIFY email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL');
        $this->addSql(
            "ALTER TABLE caster ADD revision VARCHAR(16) NOT NULL DEFAULT '', ADD idle_minutes INT NOT NULL DEFAULT 20160, ADD "
                .'single_keys TINYINT NOT NULL DEFAULT 1',
        );
        $this->addSql("ALTER TABLE workshop ADD aside JSON NOT NULL DEFAULT '[]'");
        $this->addSql('CREATE INDEX attempt_by_process ON attempt (caster_id, process, happened_on)');
        $this->addSql('CREATE INDEX attempt_by_verdict ON attempt (caster_id, verdict, happened_on, id)');
        $this->addSql('CREATE INDEX attempt_by_creation ON attempt (caster_id, created_at)');
        $this->addSql('CREATE INDEX finding_by_kind ON finding (attempt_id, kind)');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP INDEX finding_by_kind ON finding');
        $this->addSql('DROP INDEX attempt_by_creation ON attempt');
        $this->addSql('DROP INDEX attempt_by_verdict ON attempt');
        $this->addSql('DROP INDEX attempt_by_process ON attempt');
        $this->addSql('ALTER TABLE workshop DROP aside');
        $this->addSql('ALTER TABLE caster DROP revision, DROP idle_minutes, DROP single_keys');
        $this->addSql('ALTER TABLE caster MODIFY email VARCHAR(180) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL');
        $this->addSql('DROP TABLE write_probe');
        $this->addSql('DROP TABLE messenger_messages');
        $this->addSql('DROP TABLE mesh_reading');
        $this->addSql('DROP TABLE sign_in');
        $this->addSql('DROP TABLE session');
    }
}
