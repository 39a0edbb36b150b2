<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** A day keeps more of what the parent asks of it, what it offers for any time, and how it was before each change; a house keeps the games it knows. */
final class Version20261130090000 extends AbstractMigration
{
    private const OF_A_DAY = [
        'blocks' => "CLOB DEFAULT '[]' NOT NULL",
        'absent' => "CLOB DEFAULT '{}' NOT NULL",
        'asleep' => "CLOB DEFAULT '{}' NOT NULL",
        'not_today' => "CLOB DEFAULT '{}' NOT NULL",
        'moments' => "CLOB DEFAULT '[]' NOT NULL",
        'little' => "CLOB DEFAULT '{}' NOT NULL",
        'gathered' => "CLOB DEFAULT '[]' NOT NULL",
        'otherwise' => "CLOB DEFAULT '[]' NOT NULL",
    ];

    public function up(Schema $schema): void
    {
        foreach (self::OF_A_DAY as $column => $type) {
            $this->addSql(\sprintf('ALTER TABLE day ADD %s %s', $column, $type));
        }
        $this->addSql('ALTER TABLE set_up ADD held BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE set_up ADD refused BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql("ALTER TABLE house ADD known_games CLOB DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE house ADD new_weekly INTEGER DEFAULT 2 NOT NULL');
        $this->addSql('ALTER TABLE house ADD low_until VARCHAR(10) DEFAULT NULL');
        $this->addSql(<<<'SQL'
            CREATE TABLE day_change (id INTEGER PRIMARY KEY AUTOINCREMENT NOT NULL, date VARCHAR(10) NOT NULL, verb VARCHAR(20) NOT NULL,
                said CLOB NOT NULL, before CLOB NOT NULL, from_version INTEGER NOT NULL, to_version INTEGER NOT NULL)
            SQL);
        $this->addSql('CREATE INDEX day_change_of_day ON day_change (date, id)');
        // Terms of the goal have other names now; what was kept of a planned day cannot be told in them.
        $this->addSql('UPDATE day SET goal = NULL');
    }
}
