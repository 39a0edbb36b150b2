<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Database\Rows;
use Pindle\App\Platform\Database\Transactions;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Record\Evidence;
use Pindle\Core\Calendar\LocalDate;

/**
 * Keeps how a day was before each change, and puts it back. What was begun or done since stays as it is; a day that changed in another way since
 * (a sitting ended, a thing is gone) is not put back, and the parent is told so.
 *
 * @phpstan-type Row array<string, int|float|string|null>
 */
final readonly class Undo
{
    /** Changes are kept so many days. */
    private const KEPT_DAYS = 14;

    public function __construct(private EntityManagerInterface $entities, private Transactions $transactions, private Evidence $evidence, private Clock $clock)
    {
    }

    /** @return array{day: list<Row>, set_up: list<Row>, sitting: list<Row>} what a change may touch, as it is now */
    public function snapshot(LocalDate $date): array
    {
        $connection = $this->entities->getConnection();
        $rows = static fn (string $sql): array => array_values($connection->fetchAllAssociative($sql, [$date->toString()]));
        /** @var array{day: list<Row>, set_up: list<Row>, sitting: list<Row>} $snapshot */
        $snapshot = [
            'day' => $rows('SELECT * FROM day WHERE date = ?'),
            'set_up' => $rows("SELECT * FROM set_up WHERE date = ? AND state <> 'done'"),
            'sitting' => $rows("SELECT s.* FROM sitting s JOIN set_up u ON u.id = s.set_up_id WHERE u.date = ? AND u.state <> 'done'"),
        ];

        return $snapshot;
    }

    /**
     * Keeps a change; inside its transaction.
     *
     * @param array{day: list<Row>, set_up: list<Row>, sitting: list<Row>} $before
     * @param list<string>                                                 $said
     */
    public function keep(LocalDate $date, Verb $verb, array $before, array $said, int $fromVersion, int $toVersion): void
    {
        $connection = $this->entities->getConnection();
        $connection->insert('day_change', [
            'date' => $date->toString(),
            'verb' => $verb->value,
            'said' => json_encode($said, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE),
            'before' => json_encode($before, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE | \JSON_PRESERVE_ZERO_FRACTION),
            'from_version' => $fromVersion,
            'to_version' => $toVersion,
        ]);
        $connection->executeStatement('DELETE FROM day_change WHERE date < ?', [$this->clock->today()->plusDays(-self::KEPT_DAYS)->toString()]);
    }

    /** The last change, while nothing else has changed the day since; null when there is none to take back. */
    public function last(LocalDate $date, int $version): ?DayChangeEntity
    {
        $last = $this->entities->getRepository(DayChangeEntity::class)->findOneBy(['date' => $date->toString()], ['id' => 'DESC']);

        return $last?->toVersion === $version ? $last : null;
    }

    /**
     * Puts the day back as it was before its last change.
     *
     * @throws Refusal 409 when there is nothing to take back, or the day has changed in another way since
     */
    public function back(LocalDate $date, int $version): void
    {
        $this->transactions->run(function () use ($date, $version): void {
            $connection = $this->entities->getConnection();
            $now = $connection->fetchOne('SELECT version FROM day WHERE date = ?', [$date->toString()]);
            $last = $now === $version ? $this->last($date, $version) : null;
            if (null === $last) {
                throw Refusal::conflict('version', 'The day has changed in another way since. Nothing was taken back, and nothing was lost.');
            }
            /** @var array{day: list<Row>, set_up: list<Row>, sitting: list<Row>} $before */
            $before = $last->before;
            // What was begun or done meanwhile stays as it is.
            $touched = $this->touched($date);
            $connection->executeStatement("UPDATE set_up SET state = 'dropped' WHERE date = ? AND state = 'planned'", [$date->toString()]);
            foreach ($touched as $id) {
                $connection->executeStatement("UPDATE set_up SET state = 'planned' WHERE id = ? AND state = 'dropped'", [$id]);
            }
            $isFree = static fn (string $column): \Closure => static fn (array $row): bool => !\in_array($row[$column], $touched, true);
            Rows::put($connection, 'set_up', ['id'], array_values(array_filter($before['set_up'], $isFree('id'))));
            Rows::put($connection, 'sitting', ['id'], array_values(array_filter($before['sitting'], $isFree('set_up_id'))));
            foreach ($before['day'] as $day) {
                // What is kept is planned around anew if something was begun meanwhile.
                $isSame = [] === array_diff($touched, array_column($before['set_up'], 'id'));
                Rows::put($connection, 'day', ['date'], [['version' => $version + 1, 'stale' => $isSame ? $day['stale'] : 1] + $day]);
            }
            if ([] === $before['day']) {
                $connection->executeStatement('UPDATE day SET planned = 0, version = ? WHERE date = ?', [$version + 1, $date->toString()]);
            }
            $connection->executeStatement('UPDATE day_change SET to_version = ? WHERE date = ? AND to_version = ? AND id <> ?', [
                $version + 1,
                $date->toString(),
                $last->fromVersion,
                $last->id,
            ]);
            $connection->executeStatement('DELETE FROM day_change WHERE id = ?', [$last->id]);
        });
        $this->entities->clear();
    }

    /** @return list<string> ids of the set-ups of a day that are done, or have something seen in them */
    private function touched(LocalDate $date): array
    {
        /** @var list<array{set_up: string, sitting: string, state: string}> $rows */
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            'SELECT u.id AS set_up, s.id AS sitting, u.state AS state FROM set_up u JOIN sitting s ON s.set_up_id = u.id WHERE u.date = ?',
            [$date->toString()],
        );
        $begun = $this->evidence->begun(array_column($rows, 'sitting'));
        $isTouched = static fn (array $row): bool => SetUpState::Done->value === $row['state'] || isset($begun[$row['sitting']]);

        return array_values(array_unique(array_column(array_filter($rows, $isTouched), 'set_up')));
    }
}
