<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

use Doctrine\DBAL\Exception\DriverException;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;
use Doctrine\Persistence\ManagerRegistry;
use Pindle\App\Platform\Clock;
use Psr\EventDispatcher\EventDispatcherInterface;

/** Sets rows aside that cannot be read any more, so that one broken row does not close every room. They are kept as they were, and named in the House. */
final readonly class SetAside
{
    /** Rows are tried so many at a time; only where that fails one by one. */
    private const AT_A_TIME = 500;

    /** Bytes of a row that is not even read: those who read such rows leave it out themselves. */
    private const LARGEST = 4_000_000;

    public function __construct(private ManagerRegistry $managers, private EventDispatcherInterface $events, private Clock $clock)
    {
    }

    /**
     * Looks through everything stored; returns how many rows were set aside. The stores hear of each, and make anew what follows from it.
     *
     * @throws \Throwable when the disk or the database fails meanwhile
     */
    public function sweep(): int
    {
        $this->managers->resetManager();
        $found = 0;
        foreach ($this->entities()->getMetadataFactory()->getAllMetadata() as $class) {
            if (SetAsideEntity::class !== $class->getName()) {
                $found += $this->sweepTable($class);
            }
        }

        return $found;
    }

    /** @return list<SetAsideEntity> newest first */
    public function all(): array
    {
        return $this->entities()->getRepository(SetAsideEntity::class)->findBy([], ['id' => 'DESC']);
    }

    /** @param ClassMetadata<object> $class */
    private function sweepTable(ClassMetadata $class): int
    {
        $table = $class->getTableName();
        $length = implode(' + ', array_map(static fn (string $column): string => 'COALESCE(LENGTH('.$column.'), 0)', $class->getColumnNames()));
        /** @var list<int> $rows */
        $rows = $this->entities()->getConnection()->fetchFirstColumn('SELECT rowid FROM '.$table.' WHERE '.$length.' <= '.self::LARGEST);
        $found = 0;
        foreach (array_chunk($rows, self::AT_A_TIME) as $some) {
            if (null === $this->trouble($class, $some)) {
                continue;
            }
            foreach ($some as $row) {
                $reason = $this->trouble($class, [$row]);
                if (null !== $reason) {
                    $this->setAside($table, $row, $reason);
                    ++$found;
                }
            }
        }

        return $found;
    }

    /**
     * Why these rows cannot be read; null when they can.
     *
     * @param ClassMetadata<object> $class
     * @param list<int>             $rows
     */
    private function trouble(ClassMetadata $class, array $rows): ?string
    {
        $entities = $this->entities();
        $columns = implode(' AND ', array_map(static fn (string $column): string => 'k.'.$column.' = t.'.$column, $class->getIdentifierColumnNames()));
        try {
            foreach ($entities->getConnection()->fetchAllAssociative(
                'SELECT '.implode(', ', $class->getIdentifierColumnNames()).' FROM '.$class->getTableName().' WHERE rowid IN ('.implode(',', $rows).')',
            ) as $key) {
                $id = [];
                foreach ($class->getIdentifierFieldNames() as $i => $field) {
                    $id[$field] = $key[$class->getIdentifierColumnNames()[$i]];
                }
                $entity = $entities->find($class->getName(), $id);
                if ($entity instanceof Readable) {
                    $entity->mustRead();
                }
                if (null !== $entity) {
                    $this->events->dispatch(new RowTried($entity));
                }
            }
        } catch (\Throwable $e) {
            $this->managers->resetManager();
            // A disk that is full or does not answer, or a database that is busy, is no row's fault.
            if ($e instanceof DriverException || null !== CannotWrite::because($e)) {
                throw $e;
            }

            return $e::class;
        }
        $entities->clear();

        return null;
    }

    private function setAside(string $table, int $row, string $reason): void
    {
        $connection = $this->entities()->getConnection();
        $connection->transactional(function () use ($connection, $table, $row, $reason): void {
            // Sittings go with their set-up.
            $goes = ('set_up' === $table ? ['sitting' => 'set_up_id = (SELECT id FROM set_up WHERE rowid = ?)'] : []) + [$table => 'rowid = ?'];
            foreach ($goes as $of => $where) {
                $rows = $connection->fetchAllAssociative('SELECT * FROM '.$of.' WHERE '.$where, [$row]);
                foreach ($rows as $values) {
                    $connection->insert('set_aside', [
                        'of_table' => $of,
                        'as_it_was' => json_encode(array_map(self::asText(...), $values), \JSON_THROW_ON_ERROR),
                        'reason' => substr($reason, 0, 200),
                        'at' => $this->clock->now()->format('Y-m-d H:i:s'),
                    ]);
                }
                $connection->executeStatement('DELETE FROM '.$of.' WHERE '.$where, [$row]);
                foreach ($rows as $values) {
                    $this->events->dispatch(new RowSetAside($of, $values));
                }
            }
        });
    }

    private static function asText(mixed $value): mixed
    {
        return \is_string($value) && !mb_check_encoding($value, 'UTF-8') ? 'base64:'.base64_encode($value) : $value;
    }

    private function entities(): EntityManagerInterface
    {
        $manager = $this->managers->getManager();

        return $manager instanceof EntityManagerInterface ? $manager : throw new \LogicException('Pindle keeps its data with the ORM.');
    }
}
