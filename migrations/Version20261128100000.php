<?php

declare(strict_types=1);

namespace MoltenNotes\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The mix an attempt was made by. */
final class Version20261128100000 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Recipes';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(
            'ALTER TABLE attempt ADD recipe VARCHAR(40) DEFAULT NULL, ADD recipe_version INT DEFAULT NULL, ADD INDEX attempt_recipe '
                .'(caster_id, recipe)',
        );
    }

    public function down(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt DROP INDEX attempt_recipe, DROP COLUMN recipe, DROP COLUMN recipe_version');
    }
}
