<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;

#[AsCommand('pindle:schema', 'Writes the published schema of a household file anew, as it follows from what Pindle keeps.')]
final readonly class SchemaCommand
{
    public function __construct(private Schema $schema, private string $projectDir)
    {
    }

    public function __invoke(): int
    {
        file_put_contents($this->projectDir.'/'.Schema::FILE, $this->schema->json());

        return Command::SUCCESS;
    }
}
