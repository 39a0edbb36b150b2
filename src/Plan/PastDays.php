<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Journal\Sat;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Skill\Strand;

/** What was planned and done on days, read as rows: a look over years. */
final readonly class PastDays
{
    /** Steps of a sitting, in the order of its courses. */
    private const STEPS = "(SELECT json_group_array(json_extract(c.value, '$.step')) FROM json_each(s.courses) c)";

    public function __construct(private Connection $connection, private SkillMap $map)
    {
    }

    /**
     * The last days on which anything is written down, that a child and words may be asked of.
     *
     * @param string|null  $childId only days with this child
     * @param string       $find    only days on which this stands in the words of the parent; empty for all
     * @param list<string> $named   ids of activities whose name has it
     * @param list<string> $steps   ids of steps whose words have it
     *
     * @return list<string> dates, newest first, at most so many
     */
    public function dates(LocalDate $upTo, int $most, ?string $childId = null, string $find = '', array $named = [], array $steps = []): array
    {
        $has = static fn (string $column): string => '' === $find ? '1' : $column." LIKE :find ESCAPE '!'";
        $is = static fn (string $column): string => null === $childId ? '1' : $column.' = :child';
        $holds = static fn (string $column): string => null === $childId ? '1' : 'instr('.$column.', :child) > 0';
        $about = implode(' OR ', [
            $has('u.note'),
            ...[] === $named ? [] : ['u.activity_id IN (:named)'],
            ...[] === $steps ? [] : ['EXISTS (SELECT 1 FROM sitting f, json_each(f.courses) c'
                ." WHERE f.set_up_id = u.id AND json_extract(c.value, '$.step') IN (:steps))"],
        ]);
        // With a child the days come in order out of the sittings of the child, else out of all that was planned.
        $setUps = null === $childId
            ? "SELECT u.date AS day FROM set_up u WHERE u.date <= :upTo AND u.state <> 'dropped' AND ($about) GROUP BY u.date"
            : 'SELECT s.date AS day FROM sitting s CROSS JOIN set_up u ON u.id = s.set_up_id WHERE s.child_id = :child AND s.date <= :upTo'
                ." AND u.state <> 'dropped' AND ($about) GROUP BY s.date";
        $seen = '' === $find ? '1' : '('.$has('note').' OR step_id IN (:steps))';
        $parts = [
            $setUps,
            "SELECT date FROM day WHERE date <= :upTo AND otherwise <> '[]' AND ".$has('otherwise').' AND '.$holds('otherwise'),
            'SELECT day FROM note WHERE removed_at IS NULL AND sitting_id IS NULL AND day <= :upTo AND '.$seen.' AND '.$is('child_id').' GROUP BY day',
            'SELECT day FROM photograph WHERE day <= :upTo AND '.$has('words').' AND '.$holds('child_ids').' GROUP BY day',
        ];
        $each = array_map(static fn (string $part): string => "SELECT * FROM ($part ORDER BY 1 DESC LIMIT :most)", $parts);
        $dates = $this->connection->fetchFirstColumn(
            'SELECT DISTINCT day FROM ('.implode(' UNION ALL ', $each).') ORDER BY day DESC LIMIT :most',
            ['upTo' => $upTo->toString(), 'most' => $most, 'child' => $childId, 'find' => '%'.strtr($find, ['!' => '!!', '%' => '!%', '_' => '!_']).'%']
            + ['named' => $named, 'steps' => $steps],
            ['named' => ArrayParameterType::STRING, 'steps' => ArrayParameterType::STRING],
        );

        return array_values(array_filter($dates, is_string(...)));
    }

    /**
     * What was in the plan of these days.
     *
     * @param list<string> $dates
     *
     * @return array<string, list<PastSetUp>> by date, in order of time
     */
    public function setUps(array $dates): array
    {
        /** @var list<array{id: string, date: string, activity: string, start: int, minutes: int, state: string, note: string|null, begun: int}> $rows */
        $rows = $this->connection->fetchAllAssociative(
            'SELECT u.id AS id, u.date AS date, u.activity_id AS activity, u.start AS start, u.minutes AS minutes, u.state AS state, u.note AS note,'
            ." u.state = 'planned' AND EXISTS (SELECT 1 FROM sitting s JOIN attempt a ON a.sitting_id = s.id"
            .' WHERE s.set_up_id = u.id AND a.removed_at IS NULL) AS begun'
            ." FROM set_up u WHERE u.date IN (?) AND u.state <> 'dropped' ORDER BY u.date, u.start, u.id",
            [$dates],
            [ArrayParameterType::STRING],
        );
        /** @var list<array{id: string, child: string, ending: string|null, steps: string}> $sittings */
        $sittings = $this->connection->fetchAllAssociative(
            'SELECT s.set_up_id AS id, s.child_id AS child, s.ending AS ending, '.self::STEPS.' AS steps FROM sitting s'
            .' WHERE s.date IN (?) ORDER BY s.turn, s.id',
            [$dates],
            [ArrayParameterType::STRING],
        );
        $sat = [];
        foreach ($sittings as $row) {
            $sat[$row['id']][$row['child']] = self::texts($row['steps']);
        }
        $byDay = [];
        foreach ($rows as $row) {
            $byDay[$row['date']][] = new PastSetUp(
                $row['id'],
                $row['activity'],
                $row['start'],
                $row['minutes'],
                SetUpState::Planned->value === $row['state'] && 1 === $row['begun'] ? SetUpState::Begun : SetUpState::from($row['state']),
                $row['note'] ?? '',
                $sat[$row['id']] ?? [],
            );
        }

        return $byDay;
    }

    /** @return \Generator<int, array{string, PastSetUp, string}> date, set-up and child: everything that was ever planned, child by child, in order of time */
    public function all(): \Generator
    {
        /** @var array{id: string, date: string, activity: string, start: int, minutes: int, state: string, note: ?string, child: string, steps: string} $row */
        foreach ($this->connection->iterateAssociative(
            'SELECT u.id AS id, u.date AS date, u.activity_id AS activity, u.start AS start, u.minutes AS minutes, u.state AS state, u.note AS note,'
            .' s.child_id AS child, '.self::STEPS.' AS steps FROM set_up u JOIN sitting s ON s.set_up_id = u.id'
            ." WHERE u.state <> 'dropped' ORDER BY u.date, u.start, u.id, s.turn",
        ) as $row) {
            yield [
                $row['date'],
                new PastSetUp(
                    $row['id'],
                    $row['activity'],
                    $row['start'],
                    $row['minutes'],
                    SetUpState::from($row['state']),
                    $row['note'] ?? '',
                    [$row['child'] => self::texts($row['steps'])],
                ),
                $row['child'],
            ];
        }
    }

    /**
     * What was done instead of the plan.
     *
     * @param list<string> $dates
     *
     * @return array<string, list<array{id: string, words: string|null, children: list<array{child: string, mark: string|null}>}>> by date
     */
    public function otherwise(array $dates): array
    {
        $told = [];
        /** @var array{date: string, otherwise: string} $row */
        foreach ($this->connection->iterateAssociative(
            "SELECT date, otherwise FROM day WHERE date IN (?) AND otherwise <> '[]'",
            [$dates],
            [ArrayParameterType::STRING],
        ) as $row) {
            /** @var list<array{id: string, words: string|null, children: list<array{child: string, mark: string|null}>}> $own */
            $own = json_decode($row['otherwise'], true, 8, \JSON_THROW_ON_ERROR);
            $told[$row['date']] = $own;
        }

        return $told;
    }

    /** @return \Generator<int, Sat> every sitting that was done from one day to another, both included; steps that left the map are passed over */
    public function sat(LocalDate $from, LocalDate $to): \Generator
    {
        /** @var array{date: string, child: string, minutes: int, steps: string} $row */
        foreach ($this->connection->iterateAssociative(
            'SELECT u.date AS date, s.child_id AS child, u.minutes AS minutes, '.self::STEPS.' AS steps'
            ." FROM set_up u JOIN sitting s ON s.set_up_id = u.id WHERE u.state = 'done' AND u.date BETWEEN ? AND ? ORDER BY u.date, u.start, u.id, s.turn",
            [$from->toString(), $to->toString()],
        ) as $row) {
            $strands = array_map(
                fn (string $step): Strand => $this->map->step($step)->skill->strand,
                array_values(array_filter(self::texts($row['steps']), $this->map->has(...))),
            );
            if ([] !== $strands) {
                yield new Sat(LocalDate::parse($row['date']), $row['child'], $row['minutes'], $strands);
            }
        }
    }

    /** @return \Generator<int, array{LocalDate, string}> days and children of what was done instead, in words */
    public function besides(LocalDate $from, LocalDate $to): \Generator
    {
        /** @var array{date: string, child: string|null} $row */
        foreach ($this->connection->iterateAssociative(
            "SELECT d.date AS date, json_extract(c.value, '$.child') AS child"
            ." FROM day d, json_each(d.otherwise) o, json_each(json_extract(o.value, '$.children')) c WHERE d.otherwise <> '[]' AND d.date BETWEEN ? AND ?",
            [$from->toString(), $to->toString()],
        ) as $row) {
            if (null !== $row['child']) {
                yield [LocalDate::parse($row['date']), $row['child']];
            }
        }
    }

    /** The first day that was planned; null before the first. */
    public function first(): ?LocalDate
    {
        $first = $this->connection->fetchOne("SELECT MIN(date) FROM set_up WHERE state <> 'dropped'");

        return \is_string($first) ? LocalDate::parse($first) : null;
    }

    /** @return list<string> */
    private static function texts(string $json): array
    {
        return array_values(array_map(strval(...), (array) json_decode($json, true, 4, \JSON_THROW_ON_ERROR)));
    }
}
