<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Household\HouseholdChanged;
use Pindle\App\Platform\Copies\CopyFolder;
use Pindle\App\Platform\Copies\SharedPhotographs;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\PhotographFolder;
use Psr\Cache\CacheItemPoolInterface;
use Psr\EventDispatcher\EventDispatcherInterface;
use Symfony\Component\Filesystem\Filesystem;

/** Erases a child for good: the rows, the photographs, what was kept of them elsewhere in the data folder, and what the file had not written over yet. */
final readonly class Erase
{
    /** Tables whose rows are about one child. */
    private const OWN = ['attempt', 'closing', 'note', 'first_look', 'step_state', 'checkpoint', 'record', 'letter', 'sitting'];

    /** Table => key and the columns in which children are named by id beside others. */
    private const SHARED = [
        'day' => ['date', ['absent', 'asleep', 'not_today', 'moments', 'little', 'otherwise', 'threads']],
        'set_up' => ['id', ['warnings']],
        'photograph' => ['id', ['child_ids']],
        'week' => ['id', ['week', 'before']],
        'made' => ['id', ['wish']],
    ];

    /** Where words of the parent stand: table, column, and what tells that they are about the child alone. */
    private const WORDS = [
        ['set_up', 'note', '0'],
        ['note', 'note', 'child_id = :child'],
        ['day', 'otherwise', '0'],
        ['photograph', 'words', "child_ids = '[\"' || :child || '\"]'"],
        ['letter', 'text', 'child_id = :child'],
        ['portfolio_page', 'title', '0'],
        ['portfolio_page', 'text', '0'],
    ];

    /** So often, and each time so many microseconds later, the last pages are asked to go while others read. */
    private const TIMES = 20;
    private const PAUSE = 100_000;

    public function __construct(
        private Connection $connection,
        private EntityManagerInterface $entities,
        private Transactions $transactions,
        private PhotographFolder $photographs,
        private CopyFolder $copies,
        private CacheItemPoolInterface $cache,
        private EventDispatcherInterface $events,
        private string $dataDir,
    ) {
    }

    public function leaves(string $childId, string $name): Leaves
    {
        $count = fn (string $sql): int => (int) $this->connection->fetchOne($sql, ['child' => $childId, 'alone' => '["'.$childId.'"]', 'name' => $name]);
        $mentions = array_map(
            static fn (array $one): string => \sprintf('(SELECT COUNT(*) FROM %s WHERE instr(%s, :name) > 0 AND NOT (%s))', ...$one),
            self::WORDS,
        );

        return new Leaves(
            $count('SELECT (SELECT COUNT(*) FROM attempt WHERE child_id = :child) + (SELECT COUNT(*) FROM closing WHERE child_id = :child)'
                .' + (SELECT COUNT(*) FROM note WHERE child_id = :child)'),
            $count('SELECT COUNT(*) FROM sitting WHERE child_id = :child'),
            $count('SELECT COUNT(*) FROM photograph WHERE child_ids = :alone'),
            $count('SELECT COUNT(*) FROM photograph WHERE instr(child_ids, :child) > 0 AND child_ids <> :alone'),
            $count('SELECT COUNT(*) FROM letter WHERE child_id = :child'),
            $count('SELECT '.implode(' + ', $mentions)),
            \count($this->copies->all()),
        );
    }

    /**
     * @param bool $copies whether the safe copies beside the data go too
     *
     * @return bool whether nothing of it is left in the files either; else what is left goes with the next writes
     */
    public function child(string $childId, string $name, bool $copies): bool
    {
        // What is erased is written over with noughts.
        $this->connection->executeStatement('PRAGMA secure_delete = ON');
        /** @var list<string> $pictures */
        $pictures = $this->transactions->run(fn (): array => $this->rows($childId, $name));
        $this->entities->clear();
        array_map($this->photographs->remove(...), $pictures);
        $files = new Filesystem();
        $files->remove($this->dataDir.'/exports');
        foreach ($copies ? $this->copies->all() : [] as $copy) {
            $files->remove($this->copies->path.'/'.$copy->name);
        }
        $copies && $files->remove((new SharedPhotographs($this->copies->path))->path);
        // Answers that were kept may name the child.
        $this->cache->clear();
        $this->connection->executeStatement('VACUUM');

        return $this->emptyTheLog();
    }

    /** @return list<string> names of pictures that nothing needs any more */
    private function rows(string $childId, string $name): array
    {
        /** @var list<array{id: string, file: string}> $alone */
        $alone = $this->connection->fetchAllAssociative('SELECT id, file FROM photograph WHERE child_ids = ?', ['["'.$childId.'"]']);
        foreach (self::OWN as $table) {
            $this->connection->executeStatement('DELETE FROM '.$table.' WHERE child_id = ?', [$childId]);
        }
        $this->connection->executeStatement('DELETE FROM set_up WHERE id NOT IN (SELECT set_up_id FROM sitting)');
        $this->connection->executeStatement('DELETE FROM photograph WHERE id IN (?)', [array_column($alone, 'id')], [ArrayParameterType::STRING]);
        foreach (self::SHARED as $table => [$key, $columns]) {
            $this->forget($table, $key, $columns, $childId);
        }
        // Days as they were before a change, questions as they were before another, rows that could not be read: they go with whoever is in them.
        foreach (['day_change', 'revision'] as $table) {
            $this->connection->executeStatement('DELETE FROM '.$table);
        }
        $this->connection->executeStatement('DELETE FROM set_aside WHERE instr(as_it_was, ?) > 0', [$childId]);
        $this->connection->executeStatement("UPDATE evening SET child_id = NULL, answers = '[]' WHERE child_id = ?", [$childId]);
        // The calendar outside is out of reach; here its name for the hour is told anew the next time.
        $this->connection->executeStatement("UPDATE filed SET title = '', notes = '' WHERE instr(title || notes, ?) > 0", [$name]);
        $this->connection->executeStatement('DELETE FROM child WHERE id = ?', [$childId]);
        foreach ([$childId, ...array_column($alone, 'id')] as $id) {
            $this->connection->executeStatement('INSERT INTO erased (id) VALUES (?) ON CONFLICT DO NOTHING', [$id]);
        }
        $this->events->dispatch(new HouseholdChanged());

        return array_column($alone, 'file');
    }

    /** @param list<string> $columns */
    private function forget(string $table, string $key, array $columns, string $childId): void
    {
        $holds = implode(' OR ', array_map(static fn (string $column): string => 'instr('.$column.', :child) > 0', $columns));
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM '.$table.' WHERE '.$holds, ['child' => $childId]) as $row) {
            $new = [];
            foreach ($columns as $column) {
                $new[$column] = \is_string($row[$column]) ? self::kept($column, Without::id($row[$column], $childId)) : null;
            }
            $this->connection->update($table, $new, [$key => $row[$key]]);
        }
    }

    /** What was done instead by nobody any more was not done. */
    private static function kept(string $column, string $json): string
    {
        if ('otherwise' !== $column) {
            return $json;
        }
        $told = (array) json_decode($json, true, 16, \JSON_THROW_ON_ERROR);

        return json_encode(array_values(array_filter($told, static fn (mixed $one): bool => \is_array($one) && [] !== $one['children'])), \JSON_THROW_ON_ERROR);
    }

    /** The log of last writes holds old pages: it is emptied, as soon as nobody reads from it. */
    private function emptyTheLog(): bool
    {
        for ($time = 1; $time <= self::TIMES; ++$time) {
            $said = $this->connection->fetchAssociative('PRAGMA wal_checkpoint(TRUNCATE)');
            if (\is_array($said) && 0 === (int) $said['busy']) {
                return true;
            }
            usleep(self::PAUSE);
        }

        return false;
    }
}
