<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The journal: photographs, letters, pages of a portfolio, what was erased for good, when the year of the house begins. */
final class Version20261204090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql(<<<'SQL'
            CREATE TABLE photograph (
              id VARCHAR(36) NOT NULL, file VARCHAR(36) NOT NULL, day VARCHAR(10) NOT NULL, set_up_id VARCHAR(36) DEFAULT NULL, child_ids CLOB NOT NULL,
              words VARCHAR(200) NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, bytes INTEGER NOT NULL, at BIGINT NOT NULL,
              device_id VARCHAR(36) NOT NULL, PRIMARY KEY (id)
            )
            SQL);
        $this->addSql('CREATE INDEX photograph_of_day ON photograph (day)');
        $this->addSql(<<<'SQL'
            CREATE TABLE letter (
              child_id VARCHAR(36) NOT NULL, month VARCHAR(7) NOT NULL, text CLOB NOT NULL, photograph_id VARCHAR(36) DEFAULT NULL,
              version INTEGER DEFAULT 1 NOT NULL, PRIMARY KEY (child_id, month)
            )
            SQL);
        $this->addSql(<<<'SQL'
            CREATE TABLE portfolio_page (
              id VARCHAR(36) NOT NULL, day VARCHAR(10) NOT NULL, title VARCHAR(100) NOT NULL, text CLOB NOT NULL, version INTEGER DEFAULT 1 NOT NULL,
              PRIMARY KEY (id)
            )
            SQL);
        $this->addSql('CREATE TABLE erased (id VARCHAR(36) NOT NULL, PRIMARY KEY (id))');
        $this->addSql("ALTER TABLE house ADD COLUMN year_starts VARCHAR(5) DEFAULT '09-01' NOT NULL");
        $this->addSql("ALTER TABLE job ADD COLUMN kind VARCHAR(10) DEFAULT 'restore' NOT NULL");
        $this->addSql('ALTER TABLE job ADD COLUMN made_file VARCHAR(100) DEFAULT NULL');
        $this->addSql('CREATE INDEX attempt_taken_back ON attempt (child_id, at) WHERE removed_at IS NOT NULL');
        $this->addSql('CREATE INDEX attempt_of_fact ON attempt (child_id, question, at) WHERE removed_at IS NULL');
        $this->addSql('CREATE INDEX attempt_guessed ON attempt (child_id, at) WHERE guess IS NOT NULL');
        $this->addSql('CREATE INDEX attempt_by_method ON attempt (child_id, day) WHERE method IS NOT NULL');
        $this->addSql('CREATE INDEX note_of_day ON note (day)');
        $this->addSql('CREATE INDEX closing_of_child ON closing (child_id, at)');
    }
}
