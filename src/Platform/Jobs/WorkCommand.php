<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

use Pindle\App\Platform\Copies\Copies;
use Pindle\App\Platform\Database\CannotWrite;
use Pindle\App\Platform\Lock\Lock;
use Pindle\App\Platform\Lock\LockState;
use Psr\Log\LoggerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Style\SymfonyStyle;

#[AsCommand('pindle:work', 'Carries out what takes long, and makes the safe copy of each day. Runs beside the server.')]
final readonly class WorkCommand
{
    /** Seconds between two looks for work. */
    private const PAUSE = 2;

    public function __construct(private Jobs $jobs, private Copies $copies, private Lock $lock, private LoggerInterface $logger)
    {
    }

    public function __invoke(
        SymfonyStyle $io,
        #[Option(description: 'Look once and end')] bool $once = false,
        #[Option(description: 'End when this process is gone')] int $with = 0,
        #[Option(description: 'End the whole group when this process is gone')] int $under = 0,
    ): int {
        $refused = '';
        $lock = null;
        do {
            $was = $lock;
            $lock = $this->lock->state();
            if ($lock !== $was && (LockState::Unreadable === $lock || LockState::Unreadable === $was)) {
                $io->writeln(LockState::Unreadable === $lock ? LockState::SAID : 'The lock can be read again.');
            }
            try {
                if ($this->copies->isDue()) {
                    $this->copies->make('daily');
                }
            } catch (\Throwable $e) {
                // Said once, tried again: a disk may have room later.
                $now = $e::class.' at '.$e->getFile().':'.$e->getLine();
                $refused === $now || $this->logger->error('The safe copy of the day could not be made: '.$now);
                $refused = $now;
            }
            try {
                while ($this->jobs->next()) {
                }
            } catch (\Throwable $e) {
                // On a full disk it cannot even be said how far a job is. It waits, and so do those after it.
                if (null === CannotWrite::because($e)) {
                    throw $e;
                }
                if ($once) {
                    return Command::FAILURE;
                }
                $this->jobs->letGo();
            }
            if (!$once) {
                sleep(self::PAUSE);
            }
            if (0 !== $under && !posix_kill($under, 0)) {
                // The command was killed outright: nothing of it is left running.
                posix_kill(0, \SIGTERM);
            }
        } while (!$once && (0 === $with || posix_kill($with, 0)));

        return Command::SUCCESS;
    }
}
