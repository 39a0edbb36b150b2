<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:restore', 'Puts a safe copy in the place of what is there.')]
final readonly class RestoreCommand
{
    public function __construct(private Restore $restore)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument(description: 'The safe copy')] string $file): int
    {
        try {
            $this->restore->from($file, static fn (int $step, string $said) => $io->writeln($said));
        } catch (BadCopy $e) {
            $io->writeln($e->getMessage());

            return Command::FAILURE;
        }
        $io->writeln('Done. What was there before is kept as a safe copy too.');

        return Command::SUCCESS;
    }
}
