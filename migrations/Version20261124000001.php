<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The first shape of the house: children, things, days, what was planned and what was tried. */
final class Version20261124000001 extends AbstractMigration
{
    public function getDescription(): string
    {
        return 'Children, things, days, plans and tries.';
    }

    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE child (
              id VARCHAR(36) NOT NULL,
              name VARCHAR(60) NOT NULL,
              born VARCHAR(10) DEFAULT NULL,
              allergies CLOB NOT NULL,
              liked_things CLOB NOT NULL,
              rests CLOB NOT NULL,
              minutes_a_day INTEGER DEFAULT NULL,
              longest_sitting INTEGER DEFAULT NULL,
              may_be_alone BOOLEAN DEFAULT NULL,
              way_in VARCHAR(20) NOT NULL,
              frame_filling VARCHAR(20) NOT NULL,
              priors CLOB NOT NULL,
              thread INTEGER NOT NULL,
              archived_at DATETIME DEFAULT NULL,
              version INTEGER DEFAULT 1 NOT NULL,
              PRIMARY KEY (id)
            )
        SQL);
        $this->addSql(<<<'SQL'
            CREATE TABLE day (
              date VARCHAR(10) NOT NULL,
              windows CLOB NOT NULL,
              wet BOOLEAN NOT NULL,
              quiet BOOLEAN NOT NULL,
              planned INTEGER NOT NULL,
              version INTEGER DEFAULT 1 NOT NULL,
              PRIMARY KEY (date)
            )
        SQL);
        $this->addSql(<<<'SQL'
            CREATE TABLE set_up (
              state VARCHAR(10) NOT NULL,
              version INTEGER DEFAULT 1 NOT NULL,
              id VARCHAR(36) NOT NULL,
              date VARCHAR(10) NOT NULL,
              family_id VARCHAR(40) NOT NULL,
              place VARCHAR(10) NOT NULL,
              part VARCHAR(10) NOT NULL,
              start INTEGER NOT NULL,
              minutes INTEGER NOT NULL,
              laid CLOB NOT NULL,
              PRIMARY KEY (id)
            )
        SQL);
        $this->addSql('CREATE INDEX set_up_of_day ON set_up (date)');
        $this->addSql(<<<'SQL'
            CREATE TABLE sitting (
              ending VARCHAR(20) DEFAULT NULL,
              decision VARCHAR(10) DEFAULT NULL,
              decision_reason VARCHAR(20) DEFAULT NULL,
              decision_values CLOB DEFAULT NULL,
              opens CLOB NOT NULL,
              mark_before VARCHAR(10) DEFAULT NULL,
              mark_after VARCHAR(10) DEFAULT NULL,
              rests_until VARCHAR(10) DEFAULT NULL,
              id VARCHAR(36) NOT NULL,
              child_id VARCHAR(36) NOT NULL,
              date VARCHAR(10) NOT NULL,
              step_id VARCHAR(40) NOT NULL,
              form VARCHAR(10) DEFAULT NULL,
              help VARCHAR(10) NOT NULL,
              questions CLOB NOT NULL,
              value DOUBLE PRECISION NOT NULL,
              brand_new BOOLEAN NOT NULL,
              reason VARCHAR(20) NOT NULL,
              reason_values CLOB NOT NULL,
              set_up_id VARCHAR(36) NOT NULL,
              PRIMARY KEY (id),
              CONSTRAINT FK_E8B678E391DED87A FOREIGN KEY (set_up_id) REFERENCES set_up (id) ON DELETE CASCADE NOT DEFERRABLE INITIALLY IMMEDIATE
            )
        SQL);
        $this->addSql('CREATE INDEX IDX_E8B678E391DED87A ON sitting (set_up_id)');
        $this->addSql('CREATE INDEX sitting_of_child ON sitting (child_id, date)');
        $this->addSql(<<<'SQL'
            CREATE TABLE thing (
              id VARCHAR(36) NOT NULL,
              name VARCHAR(60) NOT NULL,
              single VARCHAR(60) NOT NULL,
              amount INTEGER NOT NULL,
              size CLOB DEFAULT NULL,
              shape VARCHAR(10) NOT NULL,
              traits CLOB NOT NULL,
              allergens CLOB NOT NULL,
              glyph VARCHAR(20) NOT NULL,
              shipped VARCHAR(60) DEFAULT NULL,
              put_away BOOLEAN NOT NULL,
              version INTEGER DEFAULT 1 NOT NULL,
              PRIMARY KEY (id)
            )
        SQL);
        $this->addSql(<<<'SQL'
            CREATE TABLE try (
              id VARCHAR(36) NOT NULL,
              child_id VARCHAR(36) NOT NULL,
              step_id VARCHAR(40) NOT NULL,
              sitting_id VARCHAR(36) NOT NULL,
              place INTEGER NOT NULL,
              family_id VARCHAR(40) NOT NULL,
              form VARCHAR(10) DEFAULT NULL,
              help VARCHAR(10) NOT NULL,
              thing_ids CLOB NOT NULL,
              question VARCHAR(60) NOT NULL,
              guess DOUBLE PRECISION NOT NULL,
              outcome VARCHAR(15) NOT NULL,
              method VARCHAR(15) DEFAULT NULL,
              slip VARCHAR(25) DEFAULT NULL,
              at BIGINT NOT NULL,
              day VARCHAR(10) NOT NULL,
              device_id VARCHAR(36) NOT NULL,
              removed_at BIGINT DEFAULT NULL,
              PRIMARY KEY (id)
            )
        SQL);
        $this->addSql('CREATE INDEX try_of_child ON try (child_id, at)');
        $this->addSql('CREATE INDEX try_of_sitting ON try (sitting_id)');
        // One answer to one question of a sitting, whichever device was first; those taken back do not count. The ORM cannot describe such an index.
        $this->addSql('CREATE UNIQUE INDEX try_of_question ON try (sitting_id, place) WHERE removed_at IS NULL');
    }

    public function down(Schema $schema): void
    {
        $this->addSql('DROP TABLE child');
        $this->addSql('DROP TABLE day');
        $this->addSql('DROP TABLE set_up');
        $this->addSql('DROP TABLE sitting');
        $this->addSql('DROP TABLE thing');
        $this->addSql('DROP TABLE try');
    }
}
