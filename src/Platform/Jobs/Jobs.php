<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

use Doctrine\DBAL\Connection;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Copies\BadCopy;
use Pindle\App\Platform\Copies\Restore;
use Psr\Log\LoggerInterface;
use Symfony\Component\Uid\Uuid;

/** The jobs: restoring a safe copy. Rows are read and written as rows, for the database is changed under their feet. */
final readonly class Jobs
{
    public const STEPS = 5;

    public function __construct(
        private Connection $connection,
        private Restore $restore,
        private Clock $clock,
        private LoggerInterface $logger,
        private string $dataDir,
    ) {
    }

    /** @return string its id */
    public function add(string $file): string
    {
        $id = Uuid::v7()->toRfc4122();
        $this->put($id, $file, JobState::Waiting, 0, 'Waits for its turn');

        return $id;
    }

    /** @return array{id: string, state: string, step: int, steps: int, said: string}|null */
    public function find(string $id): ?array
    {
        /** @var array{id: string, state: string, step: int, steps: int, said: string}|false $row */
        $row = $this->connection->fetchAssociative('SELECT id, state, step, steps, said FROM job WHERE id = ?', [$id]);

        return false === $row ? null : $row;
    }

    /** Carries out the next job; false when none waits. */
    public function next(): bool
    {
        /** @var array{id: string, file: string}|false $row */
        $row = $this->connection->fetchAssociative("SELECT id, file FROM job WHERE state = 'waiting' ORDER BY id LIMIT 1");
        if (false === $row) {
            return false;
        }
        ['id' => $id, 'file' => $file] = $row;
        $say = fn (int $step, string $said) => $this->put($id, $file, JobState::Running, $step, $said);
        try {
            $this->restore->from($file, $say);
            $this->put($id, $file, JobState::Done, self::STEPS, 'The safe copy is in place. What was there before is kept as a safe copy too.');
        } catch (BadCopy $e) {
            $this->put($id, $file, JobState::Failed, 0, $e->getMessage());
        } catch (\Throwable $e) {
            $this->logger->error('A job failed: '.$e::class.' at '.$e->getFile().':'.$e->getLine());
            $this->put($id, $file, JobState::Failed, 0, 'It could not be put in place. What was there before is still there.');
        } finally {
            // Copies of the folder stay; what was sent up for this goes.
            if (str_starts_with(basename($file), 'sent-') && str_starts_with($file, $this->dataDir.'/') && is_file($file)) {
                unlink($file);
            }
        }

        return true;
    }

    private function put(string $id, string $file, JobState $state, int $step, string $said): void
    {
        $this->connection->executeStatement(
            'INSERT INTO job (id, file, steps, made, state, step, said) VALUES (?, ?, ?, ?, ?, ?, ?)'
            .' ON CONFLICT (id) DO UPDATE SET state = excluded.state, step = excluded.step, said = excluded.said',
            [$id, $file, self::STEPS, $this->clock->now()->format('Y-m-d H:i:s'), $state->value, $step, $said],
        );
    }
}
