<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The first notebook: casters, castings, attempts, heats, findings, answers, opinions, changes, predictions. */
final class Version20261124045927 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Casters, castings, attempts, heats, findings, answers, opinions, changes, predictions';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE accepted_change (remedy VARCHAR(40) NOT NULL, old_si DOUBLE PRECISION DEFAULT NULL, old_si_upper DOUBLE '
                .'PRECISION DEFAULT NULL, old_unit VARCHAR(16) DEFAULT NULL, old_words LONGTEXT DEFAULT NULL, old_number INT DEFAULT '
                    .'NULL, old_flag TINYINT DEFAULT NULL, new_si DOUBLE PRECISION DEFAULT NULL, new_si_upper DOUBLE PRECISION DEFAULT '
                        .'NULL, new_unit VARCHAR(16) DEFAULT NULL, new_words LONGTEXT DEFAULT NULL, new_number INT DEFAULT NULL, '
                            .'new_flag TINYINT DEFAULT NULL, attempt_id BINARY(16) NOT NULL, INDEX IDX_B8BF41F0B191BE6B (attempt_id), '
                                .'PRIMARY KEY (attempt_id, remedy)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE attempt (id BINARY(16) NOT NULL, number INT NOT NULL, poured_on DATE DEFAULT NULL, happened_on DATE NOT NULL, '
                .'verdict VARCHAR(8) DEFAULT NULL, note LONGTEXT DEFAULT NULL, observations JSON NOT NULL, process VARCHAR(40) DEFAULT '
                    .'NULL, alloy VARCHAR(40) DEFAULT NULL, pour_temperature_k DOUBLE PRECISION DEFAULT NULL, created_at DATETIME NOT '
                        .'NULL, updated_at DATETIME NOT NULL, version INT DEFAULT 1 NOT NULL, casting_id BINARY(16) NOT NULL, caster_id '
                            .'BINARY(16) NOT NULL, heat_id BINARY(16) DEFAULT NULL, previous_id BINARY(16) DEFAULT NULL, INDEX '
                                .'IDX_18EC02669EB2648F (casting_id), INDEX IDX_18EC0266DB710083 (caster_id), INDEX IDX_18EC0266A4033601 '
                                    .'(heat_id), INDEX IDX_18EC02662DE62210 (previous_id), INDEX attempt_ledger (caster_id, '
                                        .'happened_on, id), UNIQUE INDEX attempt_number (casting_id, number), PRIMARY KEY (id)) DEFAULT '
                                            .'CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE attempt_value (slot VARCHAR(60) NOT NULL, si DOUBLE PRECISION DEFAULT NULL, si_upper DOUBLE PRECISION DEFAULT '
                .'NULL, unit VARCHAR(16) DEFAULT NULL, words LONGTEXT DEFAULT NULL, number INT DEFAULT NULL, flag TINYINT DEFAULT NULL, '
                    .'attempt_id BINARY(16) NOT NULL, INDEX IDX_BDBE07C7B191BE6B (attempt_id), PRIMARY KEY (attempt_id, slot)) DEFAULT '
                        .'CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE caster (id BINARY(16) NOT NULL, email VARCHAR(180) NOT NULL, name VARCHAR(120) NOT NULL, password_hash '
                .'VARCHAR(255) NOT NULL, units JSON NOT NULL, theme VARCHAR(8) NOT NULL, dismissed_cautions JSON NOT NULL, joined_at '
                    .'DATETIME NOT NULL, UNIQUE INDEX UNIQ_1703C2A6E7927C74 (email), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE casting (id BINARY(16) NOT NULL, name VARCHAR(120) NOT NULL, purpose VARCHAR(16) DEFAULT NULL, wanted INT NOT '
                .'NULL, note LONGTEXT DEFAULT NULL, created_at DATETIME NOT NULL, updated_at DATETIME NOT NULL, version INT DEFAULT 1 '
                    .'NOT NULL, caster_id BINARY(16) NOT NULL, INDEX IDX_D11BBA50DB710083 (caster_id), INDEX '
                        .'IDX_D11BBA50DB71008343625D9F (caster_id, updated_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE cause_opinion (cause VARCHAR(40) NOT NULL, opinion VARCHAR(12) NOT NULL, note LONGTEXT DEFAULT NULL, '
                .'attempt_id BINARY(16) NOT NULL, INDEX IDX_312D5A87B191BE6B (attempt_id), PRIMARY KEY (attempt_id, cause)) DEFAULT '
                    .'CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE check_answer (check_code VARCHAR(40) NOT NULL, answer VARCHAR(8) NOT NULL, attempt_id BINARY(16) NOT NULL, '
                .'INDEX IDX_AF2DB38AB191BE6B (attempt_id), PRIMARY KEY (attempt_id, check_code)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE finding (id BINARY(16) NOT NULL, kind VARCHAR(40) NOT NULL, places JSON NOT NULL, looks JSON NOT NULL, '
                .'shown_at VARCHAR(16) DEFAULT NULL, severity VARCHAR(8) DEFAULT NULL, note LONGTEXT DEFAULT NULL, attempt_id '
                    .'BINARY(16) NOT NULL, INDEX IDX_A7191336B191BE6B (attempt_id), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE heat (id BINARY(16) NOT NULL, melted_on DATE DEFAULT NULL, version INT DEFAULT 1 NOT NULL, updated_at '
                .'DATETIME NOT NULL, caster_id BINARY(16) NOT NULL, INDEX IDX_BA44E6F8DB710083 (caster_id), INDEX '
                    .'IDX_BA44E6F8DB710083C5927F17 (caster_id, melted_on), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE heat_value (field VARCHAR(40) NOT NULL, si DOUBLE PRECISION DEFAULT NULL, si_upper DOUBLE PRECISION DEFAULT '
                .'NULL, unit VARCHAR(16) DEFAULT NULL, words LONGTEXT DEFAULT NULL, number INT DEFAULT NULL, flag TINYINT DEFAULT NULL, '
                    .'heat_id BINARY(16) NOT NULL, INDEX IDX_15A5A90FA4033601 (heat_id), PRIMARY KEY (heat_id, field)) DEFAULT '
                        .'CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'CREATE TABLE prediction (defect VARCHAR(40) NOT NULL, chance_before DOUBLE PRECISION NOT NULL, chance_after DOUBLE '
                .'PRECISION NOT NULL, expected VARCHAR(8) NOT NULL, attempt_id BINARY(16) NOT NULL, INDEX IDX_36396FC8B191BE6B '
                    .'(attempt_id), PRIMARY KEY (attempt_id, defect)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE accepted_change ADD CONSTRAINT FK_B8BF41F0B191BE6B FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE '
                .'CASCADE',
        );
        $this->addSql('ALTER TABLE attempt ADD CONSTRAINT FK_18EC02669EB2648F FOREIGN KEY (casting_id) REFERENCES casting (id)');
        $this->addSql('ALTER TABLE attempt ADD CONSTRAINT FK_18EC0266DB710083 FOREIGN KEY (caster_id) REFERENCES caster (id)');
        $this->addSql('ALTER TABLE attempt ADD CONSTRAINT FK_18EC0266A4033601 FOREIGN KEY (heat_id) REFERENCES heat (id)');
        $this->addSql('ALTER TABLE attempt ADD CONSTRAINT FK_18EC02662DE62210 FOREIGN KEY (previous_id) REFERENCES attempt (id)');
        $this->addSql(
            'ALTER TABLE attempt_value ADD CONSTRAINT FK_BDBE07C7B191BE6B FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE '
                .'CASCADE',
        );
        $this->addSql('ALTER TABLE casting ADD CONSTRAINT FK_D11BBA50DB710083 FOREIGN KEY (caster_id) REFERENCES caster (id)');
        $this->addSql(
            'ALTER TABLE cause_opinion ADD CONSTRAINT FK_312D5A87B191BE6B FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE '
                .'CASCADE',
        );
        $this->addSql(
            'ALTER TABLE check_answer ADD CONSTRAINT FK_AF2DB38AB191BE6B FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE '
                .'CASCADE',
        );
        $this->addSql(
            'ALTER TABLE finding ADD CONSTRAINT FK_A7191336B191BE6B FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE CASCADE',
        );
        $this->addSql('ALTER TABLE heat ADD CONSTRAINT FK_BA44E6F8DB710083 FOREIGN KEY (caster_id) REFERENCES caster (id)');
        $this->addSql(
            'ALTER TABLE heat_value ADD CONSTRAINT FK_15A5A90FA4033601 FOREIGN KEY (heat_id) REFERENCES heat (id) ON DELETE CASCADE',
        );
        $this->addSql(
            'ALTER TABLE prediction ADD CONSTRAINT FK_36396FC8B191BE6B FOREIGN KEY (attempt_id) REFERENCES attempt (id) ON DELETE CASCADE',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE accepted_change DROP FOREIGN KEY FK_B8BF41F0B191BE6B');
        $this->addSql('ALTER TABLE attempt DROP FOREIGN KEY FK_18EC02669EB2648F');
        $this->addSql('ALTER TABLE attempt DROP FOREIGN KEY FK_18EC0266DB710083');
        $this->addSql('ALTER TABLE attempt DROP FOREIGN KEY FK_18EC0266A4033601');
        $this->addSql('ALTER TABLE attempt DROP FOREIGN KEY FK_18EC02662DE62210');
        $this->addSql('ALTER TABLE attempt_value DROP FOREIGN KEY FK_BDBE07C7B191BE6B');
        $this->addSql('ALTER TABLE casting DROP FOREIGN KEY FK_D11BBA50DB710083');
        $this->addSql('ALTER TABLE cause_opinion DROP FOREIGN KEY FK_312D5A87B191BE6B');
        $this->addSql('ALTER TABLE check_answer DROP FOREIGN KEY FK_AF2DB38AB191BE6B');
        $this->addSql('ALTER TABLE finding DROP FOREIGN KEY FK_A7191336B191BE6B');
        $this->addSql('ALTER TABLE heat DROP FOREIGN KEY FK_BA44E6F8DB710083');
        $this->addSql('ALTER TABLE heat_value DROP FOREIGN KEY FK_15A5A90FA4033601');
        $this->addSql('ALTER TABLE prediction DROP FOREIGN KEY FK_36396FC8B191BE6B');
        $this->addSql('DROP TABLE accepted_change');
        $this->addSql('DROP TABLE attempt');
        $this->addSql('DROP TABLE attempt_value');
        $this->addSql('DROP TABLE caster');
        $this->addSql('DROP TABLE casting');
        $this->addSql('DROP TABLE cause_opinion');
        $this->addSql('DROP TABLE check_answer');
        $this->addSql('DROP TABLE finding');
        $this->addSql('DROP TABLE heat');
        $this->addSql('DROP TABLE heat_value');
        $this->addSql('DROP TABLE prediction');
    }
}
