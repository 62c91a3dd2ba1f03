<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\ParameterType;
use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;
use Symfony\Component\Uid\Uuid;

/** Commands and what they changed, names and the bin, and the things of a workshop as rows of their own. */
final class Version20261126230000 extends AbstractMigration
{
    private const KINDS = ['furnaces', 'crucibles', 'flasks', 'cutters', 'stock'];

    public function getDescription(): string
    {
        return 'Commands, history, bin, workshop rows';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE command (id BINARY(16) NOT NULL, caster_id BINARY(16) NOT NULL, fingerprint BINARY(16) NOT NULL, answer JSON '
                .'NOT NULL, undoes BINARY(16) DEFAULT NULL, device VARCHAR(120) NOT NULL, made_at DATETIME NOT NULL, kept_at DATETIME '
                    .'NOT NULL, INDEX command_of_caster (caster_id, kept_at), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE command ADD CONSTRAINT FK_COMMAND_CASTER FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE CASCADE',
        );
        $this->addSql(
            'CREATE TABLE record_change (id BIGINT AUTO_INCREMENT NOT NULL, command_id BINARY(16) NOT NULL, caster_id BINARY(16) NOT '
                .'NULL, part VARCHAR(16) NOT NULL, record_id BINARY(16) NOT NULL, about_id BINARY(16) DEFAULT NULL, field VARCHAR(60) '
                    .'NOT NULL, was JSON DEFAULT NULL, became JSON DEFAULT NULL, INDEX change_by_command (command_id), INDEX '
                        .'change_by_record (record_id, id), INDEX change_by_subject (about_id, id), PRIMARY KEY (id)) DEFAULT CHARACTER '
                            .'SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE record_change ADD CONSTRAINT FK_CHANGE_COMMAND FOREIGN KEY (command_id) REFERENCES command (id) ON DELETE CASCADE',
        );
        $this->addSql(
            'ALTER TABLE attempt ADD name VARCHAR(120) DEFAULT NULL, ADD binned_at DATETIME DEFAULT NULL, ADD binned_with_casting '
                .'TINYINT DEFAULT 0 NOT NULL',
        );
        $this->addSql('ALTER TABLE heat ADD name VARCHAR(120) DEFAULT NULL, ADD binned_at DATETIME DEFAULT NULL');
        $this->addSql('ALTER TABLE casting ADD binned_at DATETIME DEFAULT NULL');
        $this->addSql(
            'ALTER TABLE finding ADD binned_at DATETIME DEFAULT NULL, ADD updated_at DATETIME DEFAULT NULL, ADD version INT DEFAULT 1 '
                .'NOT NULL',
        );
        // Lists leave out what is in the bin: an index that did not know of it would read row after row to find out.
        foreach (
            [
                ['attempt', 'attempt_ledger', 'attempt_ledger', 'caster_id, binned_at, happened_on, id'],
                ['attempt', 'attempt_by_verdict', 'attempt_by_verdict', 'caster_id, verdict, binned_at, happened_on, id'],
                ['casting', 'IDX_D11BBA50DB71008343625D9F', 'casting_list', 'caster_id, binned_at, updated_at, id'],
                ['heat', 'IDX_BA44E6F8DB710083C5927F17', 'heat_list', 'caster_id, binned_at, melted_on'],
            ] as [$table, $old, $index, $columns]
        ) {
            $this->addSql("DROP INDEX {$old} ON {$table}");
            $this->addSql("CREATE INDEX {$index} ON {$table} ({$columns})");
        }
        $this->addSql(
            'CREATE TABLE workshop_row (id BINARY(16) NOT NULL, caster_id BINARY(16) NOT NULL, kind VARCHAR(12) NOT NULL, place INT NOT '
                .'NULL, content JSON NOT NULL, binned_at DATETIME DEFAULT NULL, updated_at DATETIME NOT NULL, version INT DEFAULT 1 NOT '
                    .'NULL, INDEX IDX_WORKSHOP_ROW_CASTER (caster_id, kind, place), PRIMARY KEY (id)) DEFAULT CHARACTER SET utf8mb4',
        );
        $this->addSql(
            'ALTER TABLE workshop_row ADD CONSTRAINT FK_WORKSHOP_ROW_CASTER FOREIGN KEY (caster_id) REFERENCES caster (id) ON DELETE '
                .'CASCADE',
        );
        $this->partWorkshops();
    }

    /** What was one document becomes its settings and a row for each thing; what cannot be told apart stays where it is. */
    private function partWorkshops(): void
    {
        /** @var list<array{caster_id: string, content: string, updated_at: string}> $workshops */
        $workshops = $this->connection->fetchAllAssociative('SELECT caster_id, content, updated_at FROM workshop');
        foreach ($workshops as $workshop) {
            $content = json_decode($workshop['content'], true);
            if (!is_array($content)) {
                continue;
            }
            foreach (self::KINDS as $kind) {
                $rows = $content[$kind] ?? null;
                if (!is_array($rows) || !array_is_list($rows)) {
                    continue;
                }
                foreach ($rows as $place => $row) {
                    $this->addSql(
                        'INSERT INTO workshop_row (id, caster_id, kind, place, content, updated_at) VALUES (?, ?, ?, ?, ?, ?)',
                        [
                            Uuid::v7()->toBinary(),
                            $workshop['caster_id'],
                            $kind,
                            $place,
                            json_encode($row, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
                            $workshop['updated_at'],
                        ],
                        [
                            ParameterType::BINARY,
                            ParameterType::BINARY,
                            ParameterType::STRING,
                            ParameterType::INTEGER,
                            ParameterType::STRING,
                            ParameterType::STRING,
                        ],
                    );
                }
                unset($content[$kind]);
            }
            $this->addSql(
                'UPDATE workshop SET content = ? WHERE caster_id = ?',
                [json_encode((object) $content, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), $workshop['caster_id']],
                [ParameterType::STRING, ParameterType::BINARY],
            );
        }
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('The history of changes and the bin have no place in the older storage.');
    }
}
