<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** What a look round asks about; a first look finds its tasks as it goes. */
final class Version20261203110000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE first_look ADD COLUMN steps CLOB DEFAULT NULL');
    }
}
