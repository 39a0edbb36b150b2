<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

use Doctrine\DBAL\Connection;
use Pindle\App\Platform\Clock;
use Psr\Log\LoggerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Symfony\Component\Uid\Uuid;

/** The jobs. Rows are read and written as rows, for the database may be changed under their feet. */
final readonly class Jobs
{
    /** What is sent up for a job lies under such a name, and goes with it. */
    private const SENT = 'sent-';

    /** @param iterable<Work> $works */
    public function __construct(
        #[AutowireIterator(Work::class)]
        private iterable $works,
        private Connection $connection,
        private Clock $clock,
        private LoggerInterface $logger,
        private string $dataDir,
    ) {
    }

    /** Where a file that is sent up for a job may lie until it is done. */
    public function placeToSend(): string
    {
        return $this->dataDir.'/'.self::SENT.bin2hex(random_bytes(6)).'.zip';
    }

    /** @return string its id */
    public function add(string $kind, string $file = ''): string
    {
        $id = Uuid::v7()->toRfc4122();
        $this->put($id, $kind, $file, JobState::Waiting, 0, 1, 'Waits for its turn');

        return $id;
    }

    /** @return array{id: string, state: string, step: int, steps: int, said: string, made_file: string|null}|null */
    public function find(string $id): ?array
    {
        /** @var array{id: string, state: string, step: int, steps: int, said: string, made_file: string|null}|false $row */
        $row = $this->connection->fetchAssociative('SELECT id, state, step, steps, said, made_file FROM job WHERE id = ?', [$id]);

        return false === $row ? null : $row;
    }

    /** Carries out the next job; false when none waits. */
    public function next(): bool
    {
        /** @var array{id: string, kind: string, file: string}|false $row */
        $row = $this->connection->fetchAssociative("SELECT id, kind, file FROM job WHERE state = 'waiting' ORDER BY id LIMIT 1");
        if (false === $row) {
            return false;
        }
        ['id' => $id, 'kind' => $kind, 'file' => $file] = $row;
        $work = $this->work($kind);
        $all = 1;
        $say = function (int $step, int $steps, string $said) use ($id, $kind, $file, &$all): void {
            $this->put($id, $kind, $file, JobState::Running, $step, $all = $steps, $said);
        };
        try {
            $done = $work->carryOut($file, $say);
            $this->put($id, $kind, $file, JobState::Done, $all, $all, $done->said, $done->file);
        } catch (SaidToParent $e) {
            $this->put($id, $kind, $file, JobState::Failed, 0, $all, $e->getMessage());
        } catch (\Throwable $e) {
            $this->logger->error('A job failed: '.$e::class.' at '.$e->getFile().':'.$e->getLine());
            $this->put($id, $kind, $file, JobState::Failed, 0, $all, $work->failed());
        } finally {
            // Copies of the folder stay; what was sent up for this goes.
            if (str_starts_with(basename($file), self::SENT) && str_starts_with($file, $this->dataDir.'/') && is_file($file)) {
                unlink($file);
            }
        }

        return true;
    }

    /** Opens the household anew the next time: one that was opened on a full disk can only be read. */
    public function letGo(): void
    {
        $this->connection->close();
    }

    private function work(string $kind): Work
    {
        foreach ($this->works as $work) {
            if ($kind === $work->kind()) {
                return $work;
            }
        }

        throw new \LogicException('Nobody does '.$kind.'.');
    }

    private function put(string $id, string $kind, string $file, JobState $state, int $step, int $steps, string $said, ?string $made = null): void
    {
        $this->connection->executeStatement(
            'INSERT INTO job (id, kind, file, steps, made, state, step, said, made_file) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)'
            .' ON CONFLICT (id) DO UPDATE SET state = excluded.state, step = excluded.step, steps = excluded.steps, said = excluded.said,'
            .' made_file = excluded.made_file',
            [$id, $kind, $file, $steps, $this->clock->now()->format('Y-m-d H:i:s'), $state->value, $step, mb_substr($said, 0, 300), $made],
        );
    }
}
