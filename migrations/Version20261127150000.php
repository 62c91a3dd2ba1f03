<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A finding says on which section, on which castings of the pour and at which gate or vent it sits. */
final class Version20261127150000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Where a finding sits';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE finding ADD section VARCHAR(40) DEFAULT NULL, ADD pieces JSON DEFAULT NULL, ADD number INT DEFAULT NULL',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE finding DROP section, DROP pieces, DROP number');
    }
}
