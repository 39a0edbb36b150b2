<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Query;
use Pindle\Core\Activity\Part;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\FirstLook\LookRound;
use Pindle\Core\Planning\LivedDay;

/** Reads many days at once, each as far as a look over them needs it. */
final readonly class ManyDays
{
    /** So far back the days before another are told of. */
    private const LIVED_DAYS = 7;

    public function __construct(private EntityManagerInterface $entities, private Days $days)
    {
    }

    /** @return array<string, DayEntity> those of these days that are stored, as day() reads them, by date */
    public function days(LocalDate $from, LocalDate $to): array
    {
        /** @var list<DayEntity> $stored */
        $stored = $this->entities->createQuery('SELECT d FROM '.DayEntity::class.' d WHERE d.date BETWEEN :from AND :to')
            ->setHint(Query::HINT_REFRESH, true)
            ->setParameter('from', $from->toString())->setParameter('to', $to->toString())->getResult();

        return array_map($this->days->following(...), array_column($stored, null, 'date'));
    }

    /**
     * What is in the plans of these days, or was done on them, in order of time.
     *
     * @return array<string, non-empty-list<SetUpInShort>> by date
     */
    public function inShort(LocalDate $from, LocalDate $to): array
    {
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            'SELECT u.id AS id, u.date AS date, u.activity_id AS activity, u.start AS start, u.minutes AS minutes, u.state AS state,'
            ." s.child_id AS child, (SELECT json_group_array(json_extract(c.value, '$.step')) FROM json_each(s.courses) c) AS steps"
            .' FROM set_up u JOIN sitting s ON s.set_up_id = u.id WHERE u.date BETWEEN ? AND ? AND u.state <> ? ORDER BY u.date, u.start, u.id, s.turn, s.id',
            [$from->toString(), $to->toString(), SetUpState::Dropped->value],
        );
        $sittings = $setUps = [];
        /** @var array{id: string, date: string, activity: string, start: int, minutes: int, state: string, child: string, steps: string} $row */
        foreach ($rows as $row) {
            $steps = (array) json_decode($row['steps'], true, flags: \JSON_THROW_ON_ERROR);
            $sittings[$row['id']] = ($sittings[$row['id']] ?? []) + [$row['child'] => array_values(array_map(strval(...), $steps))];
            $setUps[$row['id']] = $row;
        }
        $byDay = [];
        foreach ($setUps as $id => $row) {
            $byDay[$row['date']][] = new SetUpInShort(
                $id,
                LocalDate::parse($row['date']),
                $row['activity'],
                Span::lasting($row['start'], $row['minutes']),
                SetUpState::Done->value === $row['state'],
                $sittings[$id],
            );
        }

        return $byDay;
    }

    /** @return list<LivedDay> days of the same week, and the last ones before it, on which something was done, in order */
    public function lived(LocalDate $before): array
    {
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            "SELECT u.date AS date, u.id AS id, u.part AS part, u.minutes AS minutes, s.child_id AS child, json_extract(c.value, '$.step') AS step"
            .' FROM set_up u JOIN sitting s ON s.set_up_id = u.id, json_each(s.courses) c'
            .' WHERE u.state = :done AND u.date >= :from AND u.date < :before ORDER BY u.date, u.start, u.id',
            ['done' => SetUpState::Done->value, 'from' => $before->plusDays(-self::LIVED_DAYS)->toString(), 'before' => $before->toString()],
        );
        $met = $with = [];
        /** @var array{date: string, id: string, part: string, minutes: int, child: string, step: string} $row */
        foreach ($rows as $row) {
            $met[$row['date']][$row['child']][$row['step']] = true;
            $with[$row['date']][$row['id']] = Part::With->value === $row['part'] ? $row['minutes'] : 0;
        }

        return array_map(
            static fn (string $date): LivedDay => new LivedDay(LocalDate::parse($date), array_map(array_keys(...), $met[$date]), array_sum($with[$date])),
            array_keys($met),
        );
    }

    /**
     * What the parent asked for on the last days that were planned and did not come about.
     *
     * @return list<string> activity ids, each once
     */
    public function missedWishes(LocalDate $before): array
    {
        $rows = $this->entities->getConnection()->fetchAllAssociative(
            "SELECT d.wanted AS wanted, EXISTS (SELECT 1 FROM set_up u WHERE u.date = d.date AND u.state = 'done') AS done"
            .' FROM day d WHERE d.planned > 0 AND d.date >= ? AND d.date < ? ORDER BY d.date DESC',
            [$before->plusDays(-self::LIVED_DAYS)->toString(), $before->toString()],
        );
        $wishes = [];
        /** @var array{wanted: string, done: int} $row */
        foreach ($rows as $row) {
            if (0 !== $row['done']) {
                break;
            }
            array_push($wishes, ...(array) json_decode($row['wanted'], true, flags: \JSON_THROW_ON_ERROR));
        }

        return array_values(array_unique(array_map(strval(...), $wishes)));
    }

    /** Days since anything was seen or done, where they call for a look round; null where they do not, or nothing ever was. */
    public function untouchedSince(LocalDate $today): ?int
    {
        /** @var string|null $last */
        $last = $this->entities->getConnection()->fetchOne(
            "SELECT MAX(day) FROM (SELECT MAX(date) AS day FROM set_up WHERE state = 'done' AND date <= ?"
            .' UNION ALL SELECT MAX(day) FROM attempt WHERE day <= ? UNION ALL SELECT MAX(day) FROM note WHERE day <= ?)',
            array_fill(0, 3, $today->toString()),
        );
        $days = null === $last ? 0 : LocalDate::parse($last)->daysUntil($today);

        return LookRound::isFor($days) ? $days : null;
    }
}
