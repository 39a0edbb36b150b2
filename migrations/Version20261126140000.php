<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What cannot be read is set aside, and records are kept as they were some evidence ago. */
final class Version20261126140000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE record ADD since INTEGER DEFAULT 0 NOT NULL');
        $this->addSql('CREATE TABLE checkpoint (child_id VARCHAR(36) NOT NULL, slot INTEGER NOT NULL, newest CLOB NOT NULL, last_sittings CLOB NOT NULL, states CLOB NOT NULL, PRIMARY KEY (child_id, slot))');
        $this->addSql('CREATE TABLE job (id VARCHAR(36) NOT NULL, file VARCHAR(300) NOT NULL, steps INTEGER NOT NULL, made DATETIME NOT NULL, state VARCHAR(10) NOT NULL, step INTEGER NOT NULL, said VARCHAR(300) NOT NULL, PRIMARY KEY (id))');
        $this->addSql('ALTER TABLE house ADD zone VARCHAR(60) DEFAULT NULL');
        $this->addSql('CREATE TABLE set_aside (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, of_table VARCHAR(40) NOT NULL, as_it_was CLOB NOT NULL, reason VARCHAR(200) NOT NULL, at DATETIME NOT NULL)');
    }
}
