<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\Core\Calendar\LocalDate;

/** Keeps that a child did not want to, and counts it: by the game, and by the hour. */
final readonly class Refusals
{
    /** So many in so many days are told back. */
    public const SEVERAL = 3;
    private const DAYS = 56;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function keep(string $setUpId): void
    {
        $this->entities->getConnection()->executeStatement('UPDATE set_up SET refused = 1 WHERE id = ?', [$setUpId]);
    }

    /** How often this child did not want this activity lately. */
    public function ofGame(string $activityId, string $childId, LocalDate $on): int
    {
        return $this->count('u.activity_id = ? AND EXISTS (SELECT 1 FROM sitting s WHERE s.set_up_id = u.id AND s.child_id = ?)', [$activityId, $childId], $on);
    }

    /** How often anybody did not want to at about this hour lately. */
    public function atHour(int $start, LocalDate $on): int
    {
        return $this->count('u.start / 60 = CAST(? AS INTEGER)', [intdiv($start, 60)], $on);
    }

    /** @param list<string|int> $values */
    private function count(string $where, array $values, LocalDate $on): int
    {
        return (int) $this->entities->getConnection()->fetchOne(
            'SELECT COUNT(*) FROM set_up u WHERE u.refused = 1 AND u.date > ? AND u.date <= ? AND '.$where,
            [$on->plusDays(-self::DAYS)->toString(), $on->toString(), ...$values],
        );
    }
}
