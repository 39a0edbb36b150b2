<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Questions made beforehand for what a parent may want more of in a sitting; where a thing is kept; a note beside a set-up. */
final class Version20261201090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE sitting ADD COLUMN spares CLOB DEFAULT '{}' NOT NULL");
        // What was told before had no name to be taken back by.
        $this->addSql(<<<'SQL'
            UPDATE day SET otherwise = (SELECT json_group_array(json_set(value, '$.id', lower(hex(randomblob(16))))) FROM json_each(otherwise))
            WHERE otherwise <> '[]'
            SQL);
        $this->addSql('ALTER TABLE set_up ADD COLUMN note VARCHAR(500) DEFAULT NULL');
        $this->addSql('ALTER TABLE thing ADD COLUMN kept_at VARCHAR(60) DEFAULT NULL');
    }
}
