<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\ParameterType;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Witness;
use Pindle\Core\Journal\Fact;
use Pindle\Core\Journal\FactSquare;
use Pindle\Core\Journal\FactStanding;

/** What was seen, read for a look back and not for the record. */
final readonly class Noticed
{
    public function __construct(private Connection $connection)
    {
    }

    /** @return \Generator<int, AttemptEntity> every try of the house, in order of time, those taken back included */
    public function all(): \Generator
    {
        foreach ($this->connection->iterateAssociative('SELECT * FROM attempt ORDER BY at, device_id, id') as $row) {
            yield AttemptEntity::ofRow($row);
        }
    }

    /**
     * What was seen elsewhere, and marks set by hand.
     *
     * @param list<string> $dates
     *
     * @return array<string, list<array{string, Witness|HandMark}>> by date: child id and what was seen, in order of time
     */
    public function elsewhere(array $dates): array
    {
        $seen = [];
        foreach ($this->connection->iterateAssociative(
            'SELECT * FROM note WHERE removed_at IS NULL AND sitting_id IS NULL AND day IN (?) ORDER BY at, id',
            [$dates],
            [ArrayParameterType::STRING],
        ) as $row) {
            $note = NoteEntity::ofRow($row);
            $seen[$note->day][] = [$note->childId, $note->toCore()];
        }

        return $seen;
    }

    /**
     * The last tries at every question that put a fact: as many as tell how it is known.
     *
     * @return \Generator<int, Attempt> in order of time
     */
    public function facts(string $childId): \Generator
    {
        $questions = array_merge(...array_map(
            static fn (Fact $fact): array => $fact->questions(),
            [...FactSquare::SumsToTwenty->facts(), ...FactSquare::Differences->facts()],
        ));
        // A look into the index for each question, however many tries there are.
        foreach ($this->connection->iterateAssociative(
            'SELECT a.* FROM json_each(:questions) q JOIN attempt a ON a.rowid IN (SELECT b.rowid FROM attempt b'
            .' WHERE b.child_id = :child AND b.question = q.value AND b.removed_at IS NULL ORDER BY b.at DESC LIMIT :most)'
            .' ORDER BY a.at, a.device_id, a.id',
            ['questions' => json_encode($questions, \JSON_THROW_ON_ERROR), 'child' => $childId, 'most' => FactStanding::SURE_TRIES],
            ['most' => ParameterType::INTEGER],
        ) as $row) {
            yield AttemptEntity::ofRow($row)->toCore();
        }
    }

    /** @return \Generator<int, Attempt> every try at one fact, in order of time */
    public function triesAt(string $childId, Fact $fact): \Generator
    {
        foreach ($this->connection->iterateAssociative(
            'SELECT * FROM attempt WHERE child_id = ? AND removed_at IS NULL AND question IN (?) ORDER BY at, device_id, id',
            [$childId, $fact->questions()],
            [1 => ArrayParameterType::STRING],
        ) as $row) {
            yield AttemptEntity::ofRow($row)->toCore();
        }
    }

    /** @return \Generator<int, Attempt> every guess whose amounts were kept, in order of time */
    public function guesses(string $childId): \Generator
    {
        foreach ($this->connection->iterateAssociative(
            'SELECT * FROM attempt WHERE child_id = ? AND removed_at IS NULL AND guess IS NOT NULL AND counted IS NOT NULL ORDER BY at, device_id, id',
            [$childId],
        ) as $row) {
            yield AttemptEntity::ofRow($row)->toCore();
        }
    }

    /**
     * How sums and differences were worked where it was tapped, alone and right.
     *
     * @param list<string> $stepIds
     *
     * @return \Generator<int, array{LocalDate, Method}> from a day on
     */
    public function ways(string $childId, array $stepIds, LocalDate $from): \Generator
    {
        /** @var array{day: string, method: string} $row */
        foreach ($this->connection->iterateAssociative(
            "SELECT day, method FROM attempt WHERE child_id = ? AND day >= ? AND removed_at IS NULL AND method IS NOT NULL AND help = 'bare'"
            ." AND outcome IN ('at-once', 'worked-it-out') AND step_id IN (?) ORDER BY day",
            [$childId, $from->toString(), $stepIds],
            [2 => ArrayParameterType::STRING],
        ) as $row) {
            yield [LocalDate::parse($row['day']), Method::from($row['method'])];
        }
    }

    /** The first day anything was seen of a child; null before it. */
    public function first(string $childId): ?LocalDate
    {
        $first = $this->connection->fetchOne('SELECT day FROM attempt WHERE child_id = ? ORDER BY at LIMIT 1', [$childId]);

        return \is_string($first) ? LocalDate::parse($first) : null;
    }

    /**
     * The parent's own words of one child over some days.
     *
     * @return list<string> in order of time
     */
    public function words(string $childId, LocalDate $from, LocalDate $to): array
    {
        $words = $this->connection->fetchFirstColumn(
            "SELECT note FROM note WHERE child_id = ? AND removed_at IS NULL AND note <> '' AND day BETWEEN ? AND ? ORDER BY at, id",
            [$childId, $from->toString(), $to->toString()],
        );

        return array_values(array_filter($words, is_string(...)));
    }
}
