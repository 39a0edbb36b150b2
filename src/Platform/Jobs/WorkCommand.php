<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

use Pindle\App\Platform\Copies\Copies;
use Psr\Log\LoggerInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Attribute\Option;
use Symfony\Component\Console\Command\Command;

#[AsCommand('pindle:work', 'Carries out what takes long, and makes the safe copy of each day. Runs beside the server.')]
final readonly class WorkCommand
{
    /** Seconds between two looks for work. */
    private const PAUSE = 2;

    public function __construct(private Jobs $jobs, private Copies $copies, private LoggerInterface $logger)
    {
    }

    public function __invoke(
        #[Option(description: 'Look once and end')] bool $once = false,
        #[Option(description: 'End when this process is gone')] int $with = 0,
        #[Option(description: 'End the whole group when this process is gone')] int $under = 0,
    ): int {
        $refused = '';
        do {
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
            while ($this->jobs->next()) {
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
