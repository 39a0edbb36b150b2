<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Doctrine\ORM\EntityManagerInterface;

/** The tables that are taken away, as the app knows them. */
final class Tables
{
    /** @var array<string, Table>|null by name */
    private ?array $tables = null;

    public function __construct(private readonly EntityManagerInterface $entities)
    {
    }

    public function named(string $table): Table
    {
        if (null === $this->tables) {
            $this->tables = [];
            foreach ($this->entities->getMetadataFactory()->getAllMetadata() as $class) {
                $this->tables[$class->getTableName()] = new Table($class);
            }
        }

        return $this->tables[$table] ?? throw new \LogicException('There is no table '.$table.'.');
    }
}
