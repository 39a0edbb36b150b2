<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Mass and colours of things, activities of the family's own, and activities wanted on a day. */
final class Version20261125000001 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Mass and colours of things, own activities, activities wanted on a day.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE thing ADD COLUMN mass DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE thing ADD COLUMN mass_spread DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE thing ADD COLUMN colours INTEGER NOT NULL DEFAULT 1');
        $this->addSql("ALTER TABLE day ADD COLUMN wanted CLOB NOT NULL DEFAULT '[]'");
        $this->addSql('CREATE TABLE own_activity (id VARCHAR(40) NOT NULL, data CLOB NOT NULL, version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY (id))');
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Take a copy of the database file before changing to a newer Pindle; it opens with the older one.');
    }
}
