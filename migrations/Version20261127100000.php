<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What the things of a household can do, and whether its table is out of the reach of a crawler. */
final class Version20261127100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE thing ADD can CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE day ADD high_table BOOLEAN DEFAULT 0 NOT NULL');
    }
}
