<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Pindle\App\Platform\Copies\Copies;
use Pindle\App\Platform\Copies\Copy;
use Pindle\App\Platform\Copies\CopyFolder;
use Pindle\App\Platform\Copies\Sizes;
use Pindle\App\Platform\NotWritten;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\DependencyInjection\Attribute\AutowireServiceClosure;
use Symfony\Component\Process\Process;

#[AsCommand('pindle:open', 'Looks at the household before it is opened, keeps a copy where it must be renewed, and renews it.')]
final readonly class OpenCommand
{
    public function __construct(
        private CopyFolder $folder,
        #[AutowireServiceClosure(Copies::class)]
        private \Closure $copies,
        #[AutowireServiceClosure(SetAside::class)]
        private \Closure $aside,
        private string $dataDir,
        private string $migrationsDir,
        private string $projectDir,
    ) {
    }

    public function __invoke(SymfonyStyle $io): int
    {
        $file = HouseholdFile::in($this->dataDir, $this->migrationsDir);
        $state = $file->state();
        if (!$state->opens()) {
            $io->writeln(self::sentence($state, $file->path));
            $copies = \array_slice($this->folder->all(), 0, 5);
            foreach ($copies as $copy) {
                $io->writeln(self::line($copy));
            }
            $io->writeln([] === $copies
                ? 'There are no safe copies in its folder.'
                : \sprintf('Put one in its place: ./pindle restore %s/copies/%s', $this->dataDir, $copies[0]->name));

            return Command::FAILURE;
        }
        if (FileState::ReadOnly === $state) {
            $io->writeln(self::sentence($state, $file->path));

            return Command::SUCCESS;
        }
        if (FileState::Fine === $state && $file->mustBeRenewed()) {
            // Made only now: whatever they stand on opens the file.
            $copies = ($this->copies)();
            \assert($copies instanceof Copies);
            $io->writeln('A safe copy from before the household is renewed: '.$copies->make('renewal'));
        }
        if (FileState::None === $state || $file->mustBeRenewed()) {
            (new Process(
                [\PHP_BINARY, 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'],
                $this->projectDir,
            ))->setTimeout(600)->mustRun();
        }
        try {
            $file->mark();
        } catch (NotWritten $e) {
            $io->writeln($e->getMessage().' You can look at everything.');
        }
        $aside = ($this->aside)();
        \assert($aside instanceof SetAside);
        $found = $aside->sweep();
        if ($found > 0) {
            $io->writeln(\sprintf('%d stored rows could not be read and were set aside; the House room names them.', $found));
        }
        $last = $this->folder->all()[0] ?? null;
        if (null !== $last) {
            $io->writeln('Last safe copy:'.self::line($last));
        }

        return Command::SUCCESS;
    }

    public static function sentence(FileState $state, string $path): string
    {
        return match ($state) {
            FileState::Missing => $path.' is missing, though a household lives in its folder.'
                .' Nothing was made anew. Put the file back, or a safe copy in its place.',
            FileState::Empty => $path.' is empty. Nothing was made anew. Put a safe copy in its place.',
            FileState::Damaged => $path.' is damaged and was not opened. Keep it as it is, and put a safe copy in its place.',
            FileState::Newer => $path.' was written by a newer Pindle. It was not opened; renew Pindle first.',
            FileState::ReadOnly => $path.' can only be read. You can look at everything; nothing can be written down until writing to it is allowed.',
            FileState::None, FileState::Fine => '',
        };
    }

    private static function line(Copy $copy): string
    {
        return \sprintf('  %s, %s, %s', $copy->made->format('j F Y, H:i').' UTC', Sizes::say($copy->bytes), $copy->name);
    }
}
