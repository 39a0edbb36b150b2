<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\Mark;
use Psr\Cache\CacheItemPoolInterface;

/** The marks of a child on an evening of the past. They are worked out from all that was seen until then, and kept while that is the same. */
final readonly class Then
{
    /** Of a day of the household anywhere on earth everything was seen within so many milliseconds of its beginning in UTC. */
    private const DAY_MS = 2 * 86_400_000;

    public function __construct(
        private Records $records,
        private RecordRows $rows,
        private Connection $connection,
        private CacheItemPoolInterface $cache,
    ) {
    }

    /** @return array<string, Mark> by step id; those not met are missing */
    public function marks(Child $child, LocalDate $day): array
    {
        $item = $this->cache->getItem('then.'.hash('xxh128', $child->id.' '.$day->toString()));
        $stamp = $this->rows->basis($child).' '.$this->evidenceUntil($child->id, $day);
        $kept = $item->get();
        if (\is_array($kept) && $stamp === ($kept[0] ?? null) && \is_array($kept[1] ?? null)) {
            return array_filter(array_map(static fn (mixed $mark): ?Mark => \is_string($mark) ? Mark::tryFrom($mark) : null, $kept[1]));
        }
        $marks = [];
        foreach ($this->records->onEvening($child, $day)->states() as $stepId => $state) {
            if (Mark::NotMet !== $state->mark()) {
                $marks[$stepId] = $state->mark();
            }
        }
        $this->cache->save($item->set([$stamp, array_map(static fn (Mark $mark): string => $mark->value, $marks)]));

        return $marks;
    }

    /** What tells the evidence of those days from another: it is never deleted, only added and taken back. */
    private function evidenceUntil(string $childId, LocalDate $day): string
    {
        $counts = [];
        foreach (array_keys(Evidence::TABLES) as $table) {
            foreach (['', ' AND removed_at IS NOT NULL'] as $which) {
                $counts[] = $this->connection->fetchOne(
                    'SELECT COUNT(*) FROM '.$table.' WHERE child_id = ? AND at < ?'.$which,
                    [$childId, 1000 * $day->toDateTime()->getTimestamp() + self::DAY_MS],
                    [1 => ParameterType::INTEGER],
                );
            }
        }

        return json_encode($counts, \JSON_THROW_ON_ERROR);
    }
}
