<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was made once, what it was drawn for, how it stands with it and where it is kept. */
final class Version20261202090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE made (
                id VARCHAR(36) NOT NULL, prop_id VARCHAR(40) DEFAULT NULL, kind VARCHAR(30) DEFAULT NULL, variant VARCHAR(30) DEFAULT NULL,
                reach INTEGER DEFAULT NULL, side DOUBLE PRECISION DEFAULT NULL, way VARCHAR(300) NOT NULL, things VARCHAR(60) DEFAULT NULL,
                wish CLOB NOT NULL, state VARCHAR(10) NOT NULL, kept_at VARCHAR(60) DEFAULT NULL, pages_done INTEGER NOT NULL,
                version INTEGER DEFAULT 1 NOT NULL, made_on VARCHAR(10) NOT NULL, PRIMARY KEY(id)
            )
            SQL);
    }
}
