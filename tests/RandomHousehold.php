<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\App\Platform\Photograph;
use Pindle\App\Platform\PhotographFolder;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;
use Random\Randomizer;

/** Writes a household of made-up rows into an opened, empty one: all that a row may be, and letters that are hard to carry. */
final class RandomHousehold
{
    private const NAMES = ['Ann-Łucja "Nel"', "O'Mara", 'Zoë 🐟', '=1+1', 'Mi, the 2nd', 'ß\\n', "Two\nlines"];

    private \PDO $database;
    private int $ids = 0;

    public function __construct(private readonly string $data, private readonly Randomizer $random)
    {
        $this->database = new \PDO('sqlite:'.$data.'/pindle.sqlite', null, null, [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION]);
    }

    public function write(): void
    {
        $this->database->beginTransaction();
        $children = array_map($this->child(...), range(0, $this->random->getInt(0, 5)));
        foreach (range(0, $this->random->getInt(0, 20)) as $ignored) {
            $this->thing();
        }
        $this->insert('house', [
            'id' => 1, 'settings' => $this->one(['{}', '{"can-do-rule":"gentle"}']), 'version' => $this->random->getInt(1, 90),
            'zone' => $this->one([null, 'Asia/Tokyo']),
            'rules' => '[]', 'known_games' => '["fetch-me"]', 'new_weekly' => $this->random->getInt(0, 5), 'low_until' => $this->one([null, '2026-03-09']),
            'year_starts' => $this->one(['09-01', '01-28']),
        ]);
        $this->insert('erased', ['id' => $this->id()]);
        foreach (range(1, $this->random->getInt(3, 12)) as $back) {
            $this->day(\sprintf('2026-02-%02d', $back), $children);
        }
        foreach (range(1, $this->random->getInt(2, 6)) as $ignored) {
            $this->photograph($children);
        }
        $this->insert('letter', ['child_id' => $children[0], 'month' => '2026-02', 'text' => "Dear all,\n\n".$this->name(),
            'photograph_id' => null, 'version' => 3]);
        $this->insert('portfolio_page', ['id' => $this->id(), 'day' => '2026-02-03', 'title' => $this->name(),
            'text' => str_repeat('ä ', 400), 'version' => 1]);
        $this->database->commit();
    }

    public function name(): string
    {
        return $this->one(self::NAMES);
    }

    private function child(int $thread): string
    {
        $priors = [];
        foreach (['touch-count@5', 'add-quick@10', 'gone-from-the-map@3'] as $step) {
            $priors[$step] = $this->float(0, 1);
        }
        $id = $this->id();
        $this->insert('child', [
            'id' => $id, 'name' => $this->name(), 'born' => $this->one([null, '2020-02-29']),
            'allergies' => $this->one(['[]', '["nuts"]']), 'liked_things' => '[]',
            'rests' => $this->one(['[]', '[[765,870]]']), 'minutes_a_day' => $this->one([null, 20]), 'longest_sitting' => null,
            'may_be_alone' => $this->one([null, 0, 1]), 'priors' => json_encode((object) $this->one([[], $priors])), 'thread' => $thread,
            'archived_at' => $this->one([null, null, '2026-01-01 10:00:00']), 'version' => 1,
        ]);

        return $id;
    }

    private function thing(): void
    {
        $this->insert('thing', [
            'id' => $this->id(), 'name' => $this->name(), 'single' => $this->name(), 'amount' => $this->random->getInt(0, 1000),
            'size' => $this->one([null, '[10.0,20.5,'.$this->float(21, 400).']']), 'shape' => 'unknown', 'traits' => '[]', 'allergens' => '[]',
            'glyph' => 'counter', 'mass' => $this->one([null, $this->float(0.1, 90)]), 'colours' => 1, 'can' => null, 'shipped' => null,
            'kept_at' => $this->one([null, $this->name()]), 'put_away' => $this->random->getInt(0, 1), 'version' => 1,
        ]);
    }

    /** @param list<string> $children */
    private function day(string $date, array $children): void
    {
        $this->insert('day', [
            'date' => $date, 'windows' => $this->one(['[]', '[[540,580]]']), 'wet' => 0, 'quiet' => 1, 'planned' => 1,
            'goal' => $this->one([null, '{"j":0.1234567890123456}']),
            'absent' => $this->one(['{}', json_encode([$children[0] => 'ill'])]), 'threads' => null, 'version' => 4,
            'otherwise' => $this->one(['[]', json_encode([['id' => $this->id(), 'words' => $this->name(),
                'children' => [['child' => $children[0], 'mark' => null]]]])]),
        ]);
        foreach (range(1, $this->random->getInt(1, 3)) as $ignored) {
            $setUp = $this->id();
            $this->insert('set_up', [
                'id' => $setUp, 'date' => $date, 'state' => $this->one(['planned', 'done', 'dropped']), 'activity_id' => 'fetch-me',
                'place' => 'table', 'part' => 'with',
                'start' => $this->random->getInt(400, 1000), 'minutes' => $this->random->getInt(3, 20), 'laid' => '[]',
                'note' => $this->one([null, $this->name()]),
            ]);
            $this->sitting($setUp, $date, $this->one($children));
        }
    }

    private function sitting(string $setUp, string $date, string $child): void
    {
        $sitting = $this->id();
        $course = ['step' => 'touch-count@5', 'form' => null, 'help' => 'bare', 'reason' => 'ready', 'values' => new \stdClass(), 'brandNew' => false]
            + ['before' => 'not-met', 'after' => null, 'decision' => null, 'rests' => null];
        $this->insert('sitting', [
            'id' => $sitting, 'set_up_id' => $setUp, 'child_id' => $child, 'date' => $date, 'courses' => json_encode([$course]), 'questions' => '[]',
            'value' => $this->float(-1, 9), 'ending' => $this->one([null, 'done']),
        ]);
        foreach (range(1, $this->random->getInt(1, 8)) as $number) {
            $this->insert('attempt', [
                'id' => $this->id(), 'child_id' => $child, 'step_id' => 'touch-count@5', 'sitting_id' => $sitting,
                'question_id' => 'q'.$number, 'activity_id' => 'fetch-me',
                'form' => $this->one([null, ...array_column(Form::cases(), 'value')]), 'help' => $this->one(array_column(Help::cases(), 'value')),
                'thing_ids' => $this->one(['[]', '["a","b"]']), 'question' => 'count-them:'.$number, 'choices' => $this->one([null, 3]),
                'outcome' => $this->one(array_column(Outcome::cases(), 'value')),
                'method' => $this->one([null, ...array_column(Method::cases(), 'value')]),
                'slip' => $this->one([null, ...array_column(Slip::cases(), 'value')]), 'at' => $this->at($date), 'day' => $date,
                'device_id' => $this->id(),
                'removed_at' => $this->one([null, null, $this->at($date)]), 'error' => $this->one([null, $this->float(0, 3)]), 'purpose' => 'sitting',
                'guess' => $this->one([null, 7]), 'counted' => $this->one([null, 9]),
            ]);
        }
        $this->insert('closing', [
            'id' => $this->id(), 'child_id' => $child, 'step_id' => 'touch-count@5', 'sitting_id' => $sitting, 'activity_id' => 'fetch-me',
            'form' => null, 'thing_ids' => '[]',
            'mark' => $this->one(array_column(ClosingMark::cases(), 'value')), 'covers' => 3, 'at' => $this->at($date), 'day' => $date,
            'device_id' => $this->id(),
        ]);
        $isMark = 1 === $this->random->getInt(0, 1);
        $this->insert('note', [
            'id' => $this->id(), 'child_id' => $child, 'step_id' => 'add-quick@10', 'sitting_id' => null, 'note' => $this->name(),
            'at' => $this->at($date), 'day' => $date,
            'outcome' => $isMark ? null : 'at-once', 'mark' => $isMark ? $this->one(array_column(Mark::cases(), 'value')) : null,
            'device_id' => $this->id(),
        ]);
    }

    /** @param list<string> $children */
    private function photograph(array $children): void
    {
        $kept = Photograph::of(Camera::take($this->random->getInt(20, 90), $this->random->getInt(20, 90)));
        $this->insert('photograph', [
            'id' => $this->id(), 'file' => (new PhotographFolder($this->data))->put($kept),
            'day' => '2026-02-0'.$this->random->getInt(1, 9), 'set_up_id' => null,
            'child_ids' => $this->one(['[]', json_encode([$this->one($children)])]), 'words' => $this->name(), 'width' => $kept->width,
            'height' => $kept->height,
            'bytes' => \strlen($kept->jpeg), 'at' => 1_770_000_000_000, 'device_id' => $this->id(),
        ]);
    }

    private function at(string $date): int
    {
        return 1000 * (int) strtotime($date.' UTC') + $this->random->getInt(0, 86_399_999);
    }

    /** @param array<string, mixed> $row column => value */
    private function insert(string $table, array $row): void
    {
        // Numbers with a point are bound as texts: else their last digits are lost.
        $values = array_map(static fn (mixed $value): mixed => \is_float($value) ? json_encode($value) : $value, array_values($row));
        $this->database->prepare(
            'INSERT INTO '.$table.' ('.implode(', ', array_keys($row)).') VALUES ('.implode(', ', array_fill(0, \count($row), '?')).')',
        )->execute($values);
    }

    private function float(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->random->getInt(0, 2 ** 52) / 2 ** 52;
    }

    private function id(): string
    {
        return \sprintf('0195b000-%04x-4000-8000-%012x', $this->random->getInt(0, 65_535), ++$this->ids);
    }

    /**
     * @template T
     *
     * @param array<T> $all at least one
     *
     * @return T
     */
    private function one(array $all): mixed
    {
        return array_values($all)[$this->random->getInt(0, \count($all) - 1)];
    }
}
