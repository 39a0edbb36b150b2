<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** Settings, first look, notes and hand-set marks, and the record kept beside the tries. */
final class Version20261124000002 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Settings, first look, notes, and the kept record.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE child ADD COLUMN settings CLOB NOT NULL DEFAULT '{}'");
        $this->addSql("ALTER TABLE child ADD COLUMN pins CLOB NOT NULL DEFAULT '[]'");
        $this->addSql("ALTER TABLE child ADD COLUMN focus CLOB NOT NULL DEFAULT '[]'");
        $this->addSql("UPDATE child SET settings = json_object('way-in', way_in, 'frame-filling', frame_filling)");
        $this->addSql('ALTER TABLE child DROP COLUMN way_in');
        $this->addSql('ALTER TABLE child DROP COLUMN frame_filling');

        $this->addSql('CREATE TABLE house (id INTEGER NOT NULL, settings CLOB NOT NULL, version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY (id))');

        $this->addSql('ALTER TABLE try ADD COLUMN error DOUBLE PRECISION DEFAULT NULL');
        $this->addSql('ALTER TABLE try ADD COLUMN is_look BOOLEAN NOT NULL DEFAULT 0');
        $this->addSql('ALTER TABLE try ADD COLUMN corrects VARCHAR(36) DEFAULT NULL');
        $this->addSql('CREATE INDEX try_of_step ON try (child_id, step_id, at)');

        $this->addSql(<<<'SQL'
            CREATE TABLE note (
              id VARCHAR(36) NOT NULL,
              child_id VARCHAR(36) NOT NULL,
              step_id VARCHAR(40) NOT NULL,
              sitting_id VARCHAR(36) DEFAULT NULL,
              outcome VARCHAR(15) DEFAULT NULL,
              mark VARCHAR(10) DEFAULT NULL,
              note VARCHAR(200) NOT NULL,
              at BIGINT NOT NULL,
              day VARCHAR(10) NOT NULL,
              device_id VARCHAR(36) NOT NULL,
              removed_at BIGINT DEFAULT NULL,
              PRIMARY KEY (id)
            )
        SQL);
        $this->addSql('CREATE INDEX note_of_step ON note (child_id, step_id, at)');

        $this->addSql(<<<'SQL'
            CREATE TABLE record (
              child_id VARCHAR(36) NOT NULL,
              basis VARCHAR(40) NOT NULL,
              newest CLOB DEFAULT NULL,
              last_sittings CLOB NOT NULL,
              PRIMARY KEY (child_id)
            )
        SQL);
        $this->addSql('CREATE TABLE step_state (child_id VARCHAR(36) NOT NULL, step_id VARCHAR(40) NOT NULL, state CLOB NOT NULL, PRIMARY KEY (child_id, step_id))');

        $this->addSql(<<<'SQL'
            CREATE TABLE first_look (
              ended_on VARCHAR(10) DEFAULT NULL,
              id VARCHAR(36) NOT NULL,
              child_id VARCHAR(36) NOT NULL,
              started_on VARCHAR(10) NOT NULL,
              can_already CLOB NOT NULL,
              PRIMARY KEY (id)
            )
        SQL);
        $this->addSql('CREATE INDEX look_of_child ON first_look (child_id)');

        $this->addSql("ALTER TABLE set_up ADD COLUMN props CLOB NOT NULL DEFAULT '[]'");
        $this->addSql('ALTER TABLE sitting ADD COLUMN worth CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE sitting ADD COLUMN remedy VARCHAR(25) DEFAULT NULL');
        $this->addSql("ALTER TABLE sitting ADD COLUMN turn_order CLOB NOT NULL DEFAULT '[]'");
        $this->addSql("ALTER TABLE sitting ADD COLUMN advice CLOB NOT NULL DEFAULT '[]'");
    }

    public function down(Schema $schema): void
    {
        $this->throwIrreversibleMigrationException('Take a copy of the database file before changing to a newer Pindle; it opens with the older one.');
    }
}
