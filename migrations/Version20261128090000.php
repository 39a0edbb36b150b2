<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a house does without. */
final class Version20261128090000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql("ALTER TABLE house ADD rules CLOB DEFAULT '[]' NOT NULL");
    }
}
