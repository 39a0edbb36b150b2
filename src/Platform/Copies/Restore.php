<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

use Doctrine\DBAL\Connection;
use Pindle\App\Platform\Database\FileState;
use Pindle\App\Platform\Database\HouseholdFile;
use Pindle\App\Platform\Jobs\Finished;
use Pindle\App\Platform\Jobs\Work;
use Pindle\App\Platform\PhotographFolder;
use Symfony\Component\Process\Process;

/** Puts a safe copy in the place of what is there, while the app goes on running. */
final readonly class Restore implements Work
{
    public const KIND = 'restore';
    private const STEPS = 5;

    /** How long SQLite waits for requests that are still reading or writing, in milliseconds. */
    private const PATIENCE_MS = 20_000;

    public function __construct(
        private Copies $copies,
        private PhotographFolder $photographs,
        private Connection $connection,
        private string $dataDir,
        private string $migrationsDir,
        private string $projectDir,
    ) {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function carryOut(string $file, callable $progress): Finished
    {
        $this->from($file, static fn (int $step, string $said) => $progress($step, self::STEPS, $said));

        return new Finished('The safe copy is in place. What was there before is kept as a safe copy too.');
    }

    public function failed(): string
    {
        return 'It could not be put in place. What was there before is still there.';
    }

    /**
     * @param callable(int, string): void $progress step of STEPS and what is done
     *
     * @throws BadCopy when the copy cannot be used; then nothing was changed
     */
    public function from(string $file, callable $progress): void
    {
        $folder = $this->dataDir.'/.restore-'.bin2hex(random_bytes(4));
        try {
            $progress(1, 'Looking whether the copy is whole');
            $database = (new CopyReader($this->migrationsDir))->extract($file, $folder);
            $progress(2, 'Renewing the copy beside what is there');
            $this->renew($database);
            $now = HouseholdFile::in($this->dataDir, $this->migrationsDir);
            if (\in_array($now->state(), [FileState::Fine, FileState::ReadOnly], true)) {
                $progress(3, 'Keeping a copy of what is there');
                $this->copies->make('restore');
                $progress(4, 'Putting the copy in its place');
                $this->connection->close();
                $this->putInPlace($database);
                $this->photographs->takeFrom(new PhotographFolder($folder));
            } else {
                $this->connection->close();
                $this->putAside($now->path);
                rename($database, $now->path);
                // Nobody knows what the one that cannot be opened still needs of what lies there.
                $this->photographs->addFrom(new PhotographFolder($folder));
            }
            $now->mark();
        } finally {
            CopyReader::remove($folder);
        }
    }

    private function renew(string $database): void
    {
        $renewing = new Process(
            [\PHP_BINARY, 'bin/console', 'doctrine:migrations:migrate', '--no-interaction', '--quiet'],
            $this->projectDir,
            ['DATABASE_URL' => 'sqlite:///'.$database],
        );
        if (0 !== $renewing->setTimeout(600)->run()) {
            throw BadCopy::damaged();
        }
        // All of it in the one file.
        (new \PDO('sqlite:'.$database))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
    }

    /** What cannot be opened stays beside, for whoever may still read something of it. */
    private function putAside(string $path): void
    {
        foreach (['', '-wal', '-shm'] as $part) {
            if (is_file($path.$part)) {
                rename($path.$part, \sprintf('%s/damaged-%s.sqlite%s', $this->dataDir, date('Ymd\THis'), $part));
            }
        }
    }

    private function putInPlace(string $database): void
    {
        $from = new \SQLite3($database, \SQLITE3_OPEN_READWRITE);
        $to = new \SQLite3($this->dataDir.'/pindle.sqlite', \SQLITE3_OPEN_READWRITE);
        $to->enableExceptions(true);
        $to->busyTimeout(self::PATIENCE_MS);
        if (!$from->backup($to)) {
            throw new \RuntimeException('The copy could not be put in place: '.$to->lastErrorMsg());
        }
        $to->close();
        $from->close();
    }
}
