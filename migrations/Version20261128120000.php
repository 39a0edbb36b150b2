<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/** The coins a house pays with; null for play coins. */
final class Version20261128120000 extends AbstractMigration
{
    public function up(Schema $schema): void
    {
        $this->addSql('ALTER TABLE house ADD coins VARCHAR(200) DEFAULT NULL');
    }
}
