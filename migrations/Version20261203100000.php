<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was given to a calendar outside, so that giving it again changes what is there. */
final class Version20261203100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE filed (
                name VARCHAR(80) NOT NULL, uid VARCHAR(36) NOT NULL, date VARCHAR(10) NOT NULL, start INTEGER NOT NULL, until INTEGER NOT NULL,
                title VARCHAR(300) NOT NULL, notes CLOB NOT NULL, sequence INTEGER NOT NULL, cancelled VARCHAR(10) DEFAULT NULL, PRIMARY KEY(name)
            )
            SQL);
    }
}
