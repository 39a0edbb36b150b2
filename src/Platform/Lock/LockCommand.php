<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:lock', 'Says whether the house has a passphrase: 1 or 0. Fails where its lock cannot be read.')]
final readonly class LockCommand
{
    public function __construct(private Lock $lock)
    {
    }

    public function __invoke(SymfonyStyle $io): int
    {
        $state = $this->lock->state();
        if (LockState::Unreadable === $state) {
            $io->getErrorStyle()->writeln(LockState::SAID);

            return Command::FAILURE;
        }
        $io->writeln(LockState::Set === $state ? '1' : '0');

        return Command::SUCCESS;
    }
}
