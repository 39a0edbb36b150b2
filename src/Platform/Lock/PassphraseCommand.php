<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Lock;

use Pindle\App\Platform\NotWritten;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:passphrase', 'Sets the household\'s passphrase; every device is signed out.')]
final readonly class PassphraseCommand
{
    public function __construct(private Lock $lock)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Option(description: 'Only where there is none yet')] bool $first = false): int
    {
        if ($first && LockState::None !== $this->lock->state()) {
            return Command::SUCCESS;
        }
        if (stream_isatty(\STDIN)) {
            $io->writeln(\sprintf('A passphrase for the household, %d letters or more; three words you all know are good.', Lock::SHORTEST));
            $passphrase = (string) $io->askHidden('Passphrase');
            if ($passphrase !== (string) $io->askHidden('Once more')) {
                $io->writeln('They are not the same. Nothing was changed.');

                return Command::FAILURE;
            }
        } else {
            // From a script: one line.
            $passphrase = rtrim((string) fgets(\STDIN), "\r\n");
        }
        try {
            $this->lock->setPassphrase($passphrase);
        } catch (\InvalidArgumentException|NotWritten $e) {
            $io->writeln($e->getMessage().' Nothing was changed.');

            return Command::FAILURE;
        }
        $io->writeln('The passphrase is set. Every device signs in anew.');

        return Command::SUCCESS;
    }
}
