<?php

declare(strict_types=1);

namespace Pindle\App\Demo;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:demo', 'Fills an empty database with the sample household and twelve weeks of its days.')]
final class DemoCommand
{
    public function __construct(private readonly DemoHistory $history)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option] int $seed = 3): int
    {
        $io->writeln(\sprintf('  %d tries written down.', $this->history->write($seed)));

        return Command::SUCCESS;
    }
}
