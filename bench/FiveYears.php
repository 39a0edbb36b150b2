<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Tests\Camera;
use Pindle\Tests\Make;
use Pindle\App\Platform\Photograph;
use Pindle\App\Platform\PhotographFolder;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Writes years of a household of three into an opened, empty one, as rows: sittings, tries, notes, what was done instead, photographs. */
final class FiveYears
{
    public const DAYS = 5 * 365;

    private const CHILDREN = [['Wren', '2016-03-01'], ['Lark', '2018-06-01'], ['Pip', '2020-01-01']];
    private const DEVICE = '0195a000-0000-4000-8000-00000000dddd';
    private const A_DAY = 19;
    private const A_SITTING = 7;
    private const METHODS = ['counted-all', 'counted-on', 'through-ten', 'known-fact'];

    private \PDO $database;
    private Randomizer $random;
    private int $ids = 0;

    /** @var array<string, \PDOStatement> by table */
    private array $statements = [];

    public function __construct(private readonly string $data, private readonly string $today)
    {
        $this->database = new \PDO('sqlite:'.$data.'/pindle.sqlite', null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
        $this->random = new Randomizer(new Xoshiro256StarStar(5));
    }

    /** @return int tries written */
    public function write(int $days = self::DAYS): int
    {
        $this->database->beginTransaction();
        $children = array_map($this->child(...), array_keys(self::CHILDREN));
        $steps = array_keys(Make::map()->steps);
        $activities = array_map(static fn ($activity): string => $activity->id, array_values(Make::catalogue()->activities));
        $tries = 0;
        for ($back = $days; $back >= 1; --$back) {
            $date = gmdate('Y-m-d', strtotime($this->today.' UTC') - 86_400 * $back);
            // A few steps at a time, that move up the map over the years.
            $from = (int) ((\count($steps) - 40) * (1 - $back / $days));
            foreach ($children as $place => $child) {
                $tries += $this->day($child, $place, $date, array_slice($steps, $from, 30), $activities);
            }
            if (0 === $back % 9) {
                $this->note($this->one($children), $date, $this->one($steps));
            }
            if (0 === $back % 30) {
                $this->photograph($date, $this->one($children));
            }
        }
        $this->database->commit();
        $this->database->exec('PRAGMA wal_checkpoint(TRUNCATE)');

        return $tries;
    }

    private function child(int $place): string
    {
        [$name, $born] = self::CHILDREN[$place];
        $id = $this->id();
        $this->insert('child', ['id' => $id, 'name' => $name, 'born' => $born, 'allergies' => '[]', 'liked_things' => '[]',
        'rests' => '[]', 'priors' => '{}', 'thread' => $place]);

        return $id;
    }

    /**
     * @param list<string> $steps
     * @param list<string> $activities
     */
    private function day(string $child, int $place, string $date, array $steps, array $activities): int
    {
        $at = 1000 * (int) strtotime($date.' 09:00 UTC');
        $tries = 0;
        while ($tries < self::A_DAY) {
            [$setUp, $sitting, $step, $activity] = [$this->id(), $this->id(), $this->one($steps), $this->one($activities)];
            $this->insert('set_up', [
                'id' => $setUp, 'date' => $date, 'state' => 'done', 'activity_id' => $activity, 'place' => 'table', 'part' => 'with',
                'start' => 540 + 10 * intdiv($tries, self::A_SITTING) + $place, 'minutes' => 8, 'laid' => '[]',
            ]);
            $course = ['step' => $step, 'form' => null, 'help' => 'bare', 'reason' => 'ready', 'values' => new \stdClass(), 'brandNew' => false]
                + ['before' => 'begun', 'after' => 'begun', 'decision' => null, 'rests' => null];
            $this->insert('sitting', [
                'id' => $sitting, 'set_up_id' => $setUp, 'child_id' => $child, 'date' => $date, 'courses' => json_encode([$course]), 'questions' => '[]',
                'value' => 1.5, 'ending' => 'done',
            ]);
            for ($i = 0; $i < self::A_SITTING && $tries < self::A_DAY; ++$i, ++$tries) {
                $isFact = 0 === $this->random->getInt(0, 3);
                [$a, $b] = [$this->random->getInt(0, 10), $this->random->getInt(0, 10)];
                $isGuess = 0 === $this->random->getInt(0, 40);
                $this->insert('attempt', [
                    'id' => $this->id(), 'child_id' => $child, 'step_id' => $step, 'sitting_id' => $sitting, 'question_id' => 'q'.$i,
                    'activity_id' => $activity,
                    'form' => null, 'help' => 'bare', 'thing_ids' => '["a","b"]', 'question' => $isFact ? "sum-at-once:$a,$b" : 'count-them:'.$a.',muddle',
                    'outcome' => $this->one(['at-once', 'at-once', 'worked-it-out', 'with-help', 'not-yet']),
                    'method' => $isFact ? $this->one(self::METHODS) : null, 'slip' => null, 'at' => $at + 40_000 * $tries + $place, 'day' => $date,
                    'device_id' => self::DEVICE, 'guess' => $isGuess ? 5 + $a : null, 'counted' => $isGuess ? 6 + $b : null,
                    'removed_at' => 0 === $this->random->getInt(0, 60) ? $at : null,
                ]);
            }
        }

        return $tries;
    }

    private function note(string $child, string $date, string $step): void
    {
        $this->insert('note', [
            'id' => $this->id(), 'child_id' => $child, 'step_id' => $step, 'outcome' => 'at-once', 'note' => 'Counted the ducks by the lock',
            'day' => $date,
            'at' => 1000 * (int) strtotime($date.' 17:00 UTC'), 'device_id' => self::DEVICE,
        ]);
        $this->insert('day', [
            'date' => $date, 'windows' => '[[540,580]]', 'wet' => 0, 'quiet' => 0, 'planned' => 1,
            'otherwise' => json_encode([['id' => $this->id(), 'words' => 'Weighed flour', 'children' => [['child' => $child, 'mark' => null]]]]),
        ]);
    }

    private function photograph(string $date, string $child): void
    {
        $kept = Photograph::of(Camera::take(800, 600));
        $this->insert('photograph', [
            'id' => $this->id(), 'file' => (new PhotographFolder($this->data))->put($kept), 'day' => $date, 'child_ids' => json_encode([$child]),
            'words' => 'Corks in a frame', 'width' => $kept->width, 'height' => $kept->height, 'bytes' => \strlen($kept->jpeg),
            'at' => 1000 * (int) strtotime($date.' 10:00 UTC'), 'device_id' => self::DEVICE,
        ]);
    }

    /** @param array<string, mixed> $row column => value */
    private function insert(string $table, array $row): void
    {
        $sql = 'INSERT INTO '.$table.' ('.implode(', ', array_keys($row)).') VALUES ('.implode(', ', array_fill(0, \count($row), '?')).')';
        ($this->statements[$sql] ??= $this->database->prepare($sql))->execute(array_values($row));
    }

    private function id(): string
    {
        return \sprintf('0195c000-0000-4000-8000-%012x', ++$this->ids);
    }

    /**
     * @template T
     *
     * @param list<T> $all
     *
     * @return T
     */
    private function one(array $all): mixed
    {
        return $all[$this->random->getInt(0, \count($all) - 1)];
    }
}
