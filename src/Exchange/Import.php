<?php

declare(strict_types=1);

namespace Pindle\App\Exchange;

use Doctrine\DBAL\Connection;
use Pindle\App\Household\HouseholdChanged;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Jobs\Finished;
use Pindle\App\Platform\Jobs\Work;
use Pindle\App\Platform\PhotographFolder;
use Psr\EventDispatcher\EventDispatcherInterface;

/** Brings a household file in: a whole household into an empty house, else what was seen and done of children who are here already. */
final readonly class Import implements Work
{
    public const KIND = 'import';

    /** Rows written in one statement. */
    private const AT_A_TIME = 200;

    /** What follows from the rest, or belongs to what is replaced. */
    private const FOLLOWS = ['record', 'step_state', 'checkpoint', 'revision', 'day_change'];

    public function __construct(
        private Check $check,
        private Join $join,
        private Tables $tables,
        private Connection $connection,
        private Transactions $transactions,
        private PhotographFolder $photographs,
        private EventDispatcherInterface $events,
    ) {
    }

    public function kind(): string
    {
        return self::KIND;
    }

    public function failed(): string
    {
        return 'It could not be brought in. Everything of yours is as it was.';
    }

    public function carryOut(string $file, callable $progress): Finished
    {
        $checked = $this->check->file($file, $progress);
        $isEmpty = 0 === (int) $this->connection->fetchOne('SELECT (SELECT COUNT(*) FROM child) + (SELECT COUNT(*) FROM attempt)');
        if (!$isEmpty && [] === $this->join->childrenHere($checked)) {
            throw NotImportable::stranger();
        }
        $all = array_sum($checked->lines);
        $progress($all, $all, 'Writing it down');
        $put = [];
        try {
            // The pictures first: a row is never without its picture.
            foreach ($checked->rows('photographs') as $row) {
                $name = \is_string($row['file']) ? $row['file'] : '';
                if (null === $this->photographs->find($name) && ($isEmpty || $this->join->wants($row))) {
                    $this->photographs->putAs($name, $checked->parcel->photograph($name));
                    $put[] = $name;
                }
            }
            $said = $this->transactions->run(fn (): string => $isEmpty ? $this->moveIn($checked) : $this->joinIn($checked));
        } catch (\Throwable $e) {
            array_map($this->photographs->remove(...), $put);
            throw $e;
        }

        return new Finished($said);
    }

    private function moveIn(Checked $checked): string
    {
        foreach ([...self::FOLLOWS, ...array_reverse(array_values(Format::all()))] as $table) {
            $this->connection->executeStatement('DELETE FROM '.$table);
        }
        foreach ($checked->small as $name => $rows) {
            $this->insert(Format::SMALL[$name], $rows);
        }
        foreach (array_keys(Format::GROWING) as $name) {
            $this->insert(Format::GROWING[$name], $checked->rows($name));
        }

        return \sprintf(
            'The household is here: %d of its children, and %d lines of what was planned and seen.',
            \count($checked->childIds),
            array_sum($checked->lines),
        );
    }

    private function joinIn(Checked $checked): string
    {
        $joined = $this->join->all($checked);
        foreach (self::FOLLOWS as $table) {
            if ('revision' !== $table && 0 !== array_sum($joined)) {
                $this->connection->executeStatement('DELETE FROM '.$table);
            }
        }
        if (0 !== array_sum($joined)) {
            $this->events->dispatch(new HouseholdChanged());
        }

        return 0 === array_sum($joined)
            ? 'Everything in it was here already: nothing was changed.'
            : \sprintf(
                'Joined: %d tries, %d closing marks, %d notes, %d activities of days, %d photographs. What was here already stays as it is.',
                $joined['attempts'],
                $joined['closings'],
                $joined['notes'],
                $joined['setUps'],
                $joined['photographs'],
            );
    }

    /** @param iterable<array<string, mixed>> $rows */
    private function insert(string $table, iterable $rows): void
    {
        $shape = $this->tables->named($table);
        $some = [];
        foreach ($rows as $row) {
            $some[] = $shape->toRow($row);
            if (self::AT_A_TIME === \count($some)) {
                Join::put($this->connection, $table, $some);
                $some = [];
            }
        }
        Join::put($this->connection, $table, $some);
    }
}
