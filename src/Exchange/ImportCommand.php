<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:import', 'Brings a household file into an empty house, or joins it to the children who are here.')]
final readonly class ImportCommand
{
    public function __construct(private Import $import)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument(description: 'The file')] string $file): int
    {
        try {
            $say = static fn (int $done, int $all, string $said) => $io->writeln(\sprintf('%d of %d: %s', $done, $all, $said));
            $io->writeln($this->import->carryOut($file, $say)->said);
        } catch (NotImportable $e) {
            $io->writeln($e->getMessage());

            return Command::FAILURE;
        }

        return Command::SUCCESS;
    }
}
