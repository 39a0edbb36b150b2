<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Pindle\App\Platform\WholeFile;

/** The file that holds a household, looked at before anything opens it. */
final readonly class HouseholdFile
{
    private const HEAD = "SQLite format 3\0";

    /** Says that a household lives in the folder, whatever becomes of its file. */
    private const MARK = 'household.txt';

    public string $path;

    /** @param list<string> $known versions of the schema that this release can read, oldest first */
    public function __construct(public string $folder, private array $known)
    {
        $this->path = $folder.'/pindle.sqlite';
    }

    public static function in(string $folder, string $migrationsDir): self
    {
        return new self($folder, array_map(
            static fn (string $file): string => 'Pindle\\Migrations\\'.basename($file, '.php'),
            glob($migrationsDir.'/Version*.php') ?: [],
        ));
    }

    public function state(): FileState
    {
        clearstatcache();
        if (!is_file($this->path)) {
            return is_file($this->folder.'/'.self::MARK) || [] !== (glob($this->folder.'/copies/*.zip') ?: []) ? FileState::Missing : FileState::None;
        }
        $size = (int) filesize($this->path);
        if (0 === $size) {
            return is_file($this->path.'-wal') && filesize($this->path.'-wal') > 0 ? FileState::Fine : FileState::Empty;
        }
        if (self::HEAD !== file_get_contents($this->path, false, null, 0, \strlen(self::HEAD)) || null !== $this->trouble()) {
            return FileState::Damaged;
        }
        if ([] !== array_diff($this->versions(), $this->known)) {
            return FileState::Newer;
        }

        return is_writable($this->path) && is_writable($this->folder) ? FileState::Fine : FileState::ReadOnly;
    }

    /** Whether the schema is older than this release's. */
    public function mustBeRenewed(): bool
    {
        return [] !== array_diff($this->known, $this->versions());
    }

    /**
     * What SQLite is to open. A log beside the database cannot be begun where the folder can only be read: then it is read as it lies, unless a log
     * from before still holds something.
     */
    public static function name(string $path): string
    {
        clearstatcache();

        return is_file($path) && !is_writable(\dirname($path)) && !self::hasLog($path) ? self::asItLies($path) : $path;
    }

    /**
     * A connection of its own, to read. On a disk without room for so much as the log's index it is read as it lies.
     *
     * @throws \PDOException
     */
    public static function open(string $path, int $patience = 20): \PDO
    {
        $how = [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION, \PDO::ATTR_TIMEOUT => $patience];
        $to = static fn (string $name): \PDO => new \PDO('sqlite:'.$name, null, null, $how);
        $usual = $to(self::name($path));
        try {
            $usual->query('SELECT 1 FROM sqlite_master LIMIT 1');
        } catch (\PDOException $e) {
            return null === CannotWrite::because($e) || self::hasLog($path) ? throw $e : $to(self::asItLies($path));
        }

        return $usual;
    }

    /** Whether a log beside the database holds something that is not in it yet. */
    public static function hasLog(string $path): bool
    {
        return is_file($path.'-wal') && filesize($path.'-wal') > 0;
    }

    /** To read it without a log, where nobody writes. */
    public static function asItLies(string $path): string
    {
        return 'file:'.implode('/', array_map(rawurlencode(...), explode('/', $path))).'?immutable=1';
    }

    /** Puts up the sign that a household lives here. */
    public function mark(): void
    {
        if (!is_file($this->folder.'/'.self::MARK) && is_writable($this->folder)) {
            $said = "A Pindle household lives in this folder. Its data is in pindle.sqlite, its safe copies in copies/.\n";
            WholeFile::put($this->folder.'/'.self::MARK, $said);
        }
    }

    /** @return list<string> of the migrations that made it */
    public function versions(): array
    {
        return $this->ask('SELECT version FROM migration ORDER BY version');
    }

    /** What the database says of itself that is not ok; null when it is. */
    private function trouble(): ?string
    {
        try {
            $said = $this->ask('PRAGMA integrity_check(1)');
            $tables = $this->ask("SELECT name FROM sqlite_master WHERE type = 'table' AND name IN ('migration', 'child')");

            return ['ok'] !== $said ? implode(' ', $said) : (2 === \count($tables) ? null : 'There is no household in it.');
        } catch (\PDOException $e) {
            return $e->getMessage();
        }
    }

    /** @return list<string> the first column */
    private function ask(string $sql): array
    {
        $answer = self::open($this->path)->query($sql);

        return false === $answer ? [] : array_values(array_map(strval(...), $answer->fetchAll(\PDO::FETCH_COLUMN)));
    }
}
