<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What cannot be read is set aside. */
final class Version20261126140000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('CREATE TABLE set_aside (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, of_table VARCHAR(40) NOT NULL, as_it_was CLOB NOT NULL, reason VARCHAR(200) NOT NULL, at DATETIME NOT NULL)');
    }
}
