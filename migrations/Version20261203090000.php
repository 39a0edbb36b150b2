<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** When the house does maths; whether the hours of a day were said for that day alone, as those of all days before were; and what it was planned after. */
final class Version20261203090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE week (id INTEGER NOT NULL, week CLOB NOT NULL, before CLOB NOT NULL, version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY(id))');
        $this->addSql('ALTER TABLE day ADD COLUMN own_windows BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('UPDATE day SET own_windows = 1');
        $this->addSql('ALTER TABLE day ADD COLUMN awaits BOOLEAN DEFAULT 0 NOT NULL');
    }
}
