<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:backup', 'Makes a safe copy of the household.')]
final readonly class BackupCommand
{
    public function __construct(private Copies $copies)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument(description: 'The file to write')] ?string $file = null): int
    {
        $made = $this->copies->make('asked', $file);
        $io->writeln(\sprintf('%s, %s', $made, Sizes::say((int) filesize($made))));

        return Command::SUCCESS;
    }
}
