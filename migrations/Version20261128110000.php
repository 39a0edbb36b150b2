<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The first evening of a household, as far as it got. */
final class Version20261128110000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(
            'CREATE TABLE evening (id INTEGER NOT NULL, screen VARCHAR(10) NOT NULL, child_id VARCHAR(36) DEFAULT NULL, thing_ids CLOB NOT NULL,'
            .' answers CLOB NOT NULL, passed CLOB NOT NULL, activity_id VARCHAR(40) DEFAULT NULL, step_id VARCHAR(40) DEFAULT NULL,'
            .' for_day VARCHAR(10) DEFAULT NULL, mark VARCHAR(15) DEFAULT NULL, version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY(id))',
        );
    }
}
