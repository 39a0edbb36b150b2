<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What was guessed and what was counted, beside how far off it was. */
final class Version20261128100000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE attempt ADD guess INTEGER DEFAULT NULL');
        $this->addSql('ALTER TABLE attempt ADD counted INTEGER DEFAULT NULL');
    }
}
