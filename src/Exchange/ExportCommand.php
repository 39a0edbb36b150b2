<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Pindle\App\Platform\Copies\Sizes;
use Symfony\Component\Console\Attribute\Argument;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:export', 'Writes the whole household as one zip of open formats.')]
final readonly class ExportCommand
{
    public function __construct(private Export $export)
    {
    }

    public function __invoke(SymfonyStyle $io, #[Argument(description: 'The file to write')] string $file): int
    {
        $this->export->write($file, static fn (int $done, int $all, string $said) => $io->writeln(\sprintf('%d of %d: %s', $done, $all, $said)));
        $io->writeln(\sprintf('%s, %s', $file, Sizes::say((int) filesize($file))));

        return Command::SUCCESS;
    }
}
