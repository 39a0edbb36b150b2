<?php

declare(strict_types=1);

namespace Pindle\Migrations;

use Doctrine\DBAL\Schema\Schema;
use Doctrine\Migrations\AbstractMigration;

/**
 * The house of 0.4.0: attempts, activities, sittings with courses, questions with ids. Everything a household wrote down is carried over;
 * what follows from it (the kept record) is made anew at the first look.
 *
 * The tables below say how 0.3.0 kept things. They stand here whole, so that this never changes with the code.
 */
final class Version20261126090000 extends AbstractMigration
{
    /** Question => its kind, and new number => old number, for all questions whose numbers are kept. */
    private const KINDS = [
        'add-on' => ['add-on', ['a' => 'a', 'b' => 'b']],
        'add-two-figure' => ['add-two-figure', ['a' => 'a', 'b' => 'b']],
        'add-zero' => ['add-zero', ['a' => 'a', 'b' => 'b']],
        'balance-to' => ['balance', ['a' => 'n']],
        'balance-which' => ['balance', ['a' => 'a', 'b' => 'b']],
        'both-sides' => ['make-equal', ['n' => 'n', 'a' => 'a', 'c' => 'c']],
        'bridge-back' => ['bridge-back', ['n' => 'n', 'b' => 'b']],
        'bridge-ten' => ['bridge-ten', ['a' => 'a', 'b' => 'b']],
        'build-hundreds' => ['three-sizes', ['n' => 'n']],
        'build-teen' => ['ten-and-some', ['n' => 'n']],
        'build-tens' => ['tens-ones', ['n' => 'n']],
        'chart-how-many' => ['pile-chart', ['a' => 'a', 'b' => 'b', 'c' => 'c']],
        'chart-more' => ['pile-chart', ['a' => 'a', 'b' => 'b', 'c' => 'c']],
        'chart-most' => ['pile-chart', ['a' => 'a', 'b' => 'b', 'c' => 'c']],
        'count-bundles' => ['count-bundles', ['t' => 't']],
        'count-in' => ['count-in', ['by' => 'by', 'from' => 'from', 'to' => 'to']],
        'count-moves' => ['count-moves', ['n' => 'n']],
        'count-up' => ['count-up', ['n' => 'n', 'a' => 'a']],
        'difference-at-once' => ['difference-at-once', ['n' => 'n', 'b' => 'b']],
        'do-moves' => ['count-moves', ['n' => 'n']],
        'double' => ['double', ['a' => 'a']],
        'equal-piles' => ['equal-piles', ['piles' => 'piles', 'each' => 'each']],
        'find-numeral' => ['name-numeral', ['n' => 'n']],
        'five-and-some' => ['fill-frame', ['n' => 'n']],
        'form-numeral' => ['form-numeral', ['n' => 'n']],
        'give-me' => ['take-just-so', ['n' => 'n']],
        'guess-count' => ['guess-count', ['n' => 'n']],
        'half-how' => ['half-of', ['n' => 'n']],
        'half-of' => ['half-of', ['n' => 'n']],
        'hop-back' => ['line-take', ['n' => 'n', 'b' => 'b']],
        'hop-on' => ['line-add', ['a' => 'a', 'b' => 'b']],
        'how-many' => ['tell-how-many', ['n' => 'n']],
        'how-many-more' => ['difference', ['a' => 'a', 'b' => 'b']],
        'how-many-to' => ['partner-to', ['n' => 'n', 'a' => 'a']],
        'hundreds-by-ear' => ['by-ear', ['hundreds' => 'h', 'tens' => 't', 'ones' => 'o']],
        'join' => ['join', ['a' => 'a', 'b' => 'b']],
        'join-sentence' => ['join', ['a' => 'a', 'b' => 'b']],
        'make-amount' => ['make-amount', ['n' => 'n']],
        'make-more' => ['compare', ['a' => 'a', 'b' => 'b']],
        'make-one-kind' => ['make-amount', ['n' => 'n']],
        'make-same' => ['compare', ['a' => 'a', 'b' => 'b']],
        'make-true' => ['compare-signs', ['a' => 'a', 'b' => 'b']],
        'makes-whole' => ['make-equal', ['n' => 'n', 'a' => 'a']],
        'measure-with' => ['measure-with', ['n' => 'n']],
        'missing-change' => ['missing-story', ['n' => 'n', 'given' => 'a']],
        'missing-start' => ['missing-story', ['n' => 'n', 'given' => 'b']],
        'name-numeral' => ['name-numeral', ['n' => 'n']],
        'near-double' => ['near-double', ['a' => 'a', 'b' => 'b']],
        'one-fewer' => ['neighbour', ['n' => 'n']],
        'one-more' => ['neighbour', ['n' => 'n']],
        'other-part' => ['split', ['n' => 'n', 'part' => 'a']],
        'put-in-order' => ['order-numerals', ['n' => 'from', 'gap' => 'gap']],
        'put-sign' => ['compare-signs', ['a' => 'a', 'b' => 'b']],
        'read-frame' => ['fill-frame', ['n' => 'n']],
        'read-hundreds' => ['three-sizes', ['n' => 'n']],
        'read-tens' => ['tens-ones', ['n' => 'n']],
        'say-back' => ['say-back', ['from' => 'from', 'to' => 'to']],
        'say-on' => ['say-on', ['from' => 'from', 'to' => 'to']],
        'say-place' => ['which-place', ['n' => 'n', 'k' => 'k']],
        'share-out' => ['share-out', ['n' => 'n', 'plates' => 'plates']],
        'split-it' => ['split', ['n' => 'n']],
        'stair-build' => ['stair-order', ['n' => 'n']],
        'stair-next' => ['stair-order', ['n' => 'n']],
        'story-join' => ['act-story', ['a' => 'a', 'b' => 'b']],
        'story-take' => ['act-story', ['a' => 'n', 'b' => 'b']],
        'sum-at-once' => ['sum-at-once', ['a' => 'a', 'b' => 'b']],
        'take' => ['take', ['n' => 'n', 'b' => 'b']],
        'take-sentence' => ['take', ['n' => 'n', 'b' => 'b']],
        'take-two-figure' => ['take-two-figure', ['n' => 'n', 'b' => 'b']],
        'ten-and-some' => ['ten-and-some', ['n' => 'n']],
        'ten-fewer' => ['ten-more-less', ['n' => 'n']],
        'ten-more' => ['ten-more-less', ['n' => 'n']],
        'the-rest' => ['the-rest', ['n' => 'n', 'a' => 'a']],
        'to-next' => ['to-next', ['n' => 'n', 'to' => 'to']],
        'turn-around' => ['turn-around', ['a' => 'a', 'b' => 'b']],
        'which-is-at' => ['which-place', ['n' => 'n', 'k' => 'k']],
        'which-more' => ['compare', ['a' => 'a', 'b' => 'b']],
    ];

    /** Questions whose keys in the record change: the names of their old numbers, in order. */
    private const KEYS = [
        'after' => ['n'], 'before' => ['n'], 'between' => ['a', 'b'], 'both-sides' => ['n', 'a', 'b', 'c'],
        'build-hundreds' => ['n', 'h', 't', 'o'], 'build-tens' => ['n', 't', 'o'], 'read-hundreds' => ['n', 'h', 't', 'o'], 'read-tens' => ['n', 't', 'o'],
        'carry-on' => ['unit', 'next'], 'double' => ['a', 'b'], 'find-shape' => ['shape'], 'name-shape' => ['shape'],
        'how-many-now' => ['n', 'how'], 'still-same' => ['n', 'how'], 'how-many-to' => ['n', 'a', 'b'], 'other-part' => ['n', 'a', 'b'], 'the-rest' => ['n', 'a', 'b'],
        'order-sizes' => ['by', 'n'], 'which-is-longer' => ['by', 'pair'], 'say-the-rule' => ['groups', 'by'], 'sort-by' => ['groups', 'by'],
        'share-out' => ['n', 'plates', 'left'], 'stage-it' => ['a', 'b', 'sign'], 'what-sign' => ['a', 'b', 'sign'],
    ];

    private const SHAPES = [
        1 => 'circle', 'square', 'triangle', 'rectangle', 'oval', 'hexagon', 'pentagon', 'rhombus', 'ball', 'box', 'cylinder',
        'cone', 'cube',
    ];
    private const PROPERTIES = [1 => 'length', 'weight', 'capacity'];
    private const RULES = [1 => 'colour', 'shape', 'use', 'home'];
    private const MOVED = ['spread', 'bunched', 'turned'];
    private const SIGNS = [1 => 'plus', 'minus'];

    public function up(Schema $schema): void
    {
        $this->tables();
        $this->attempts();
        $this->sittings();
        $this->ownActivities();
        // What follows from the evidence is made anew by the rules of the new house.
        $this->addSql('DELETE FROM step_state');
        $this->addSql('DELETE FROM record');
    }

    private function tables(): void
    {
        foreach (['try_of_child', 'try_of_sitting', 'try_of_question', 'try_of_step'] as $index) {
            $this->addSql('DROP INDEX '.$index);
        }
        $this->addSql('ALTER TABLE try RENAME TO attempt');
        $this->addSql('ALTER TABLE attempt RENAME COLUMN family_id TO activity_id');
        $this->addSql('ALTER TABLE set_up RENAME COLUMN family_id TO activity_id');
        $this->addSql('ALTER TABLE thing RENAME COLUMN mass_spread TO mass_deviation');
        $this->addSql("ALTER TABLE child ADD starts_from VARCHAR(10) DEFAULT 'nothing' NOT NULL");
        $this->addSql("UPDATE child SET starts_from = 'look' WHERE priors NOT IN ('[]', '{}')");
        $this->addSql('ALTER TABLE day ADD stale BOOLEAN DEFAULT 0 NOT NULL');
        $this->addSql('ALTER TABLE day ADD threads CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE day ADD goal CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE set_up ADD warnings CLOB DEFAULT NULL');
        $this->addSql('ALTER TABLE set_up ADD revision INTEGER DEFAULT 1 NOT NULL');
        $this->addSql("UPDATE set_up SET state = 'planned' WHERE state = 'begun'");
        $this->addSql('ALTER TABLE set_up DROP COLUMN version');
        $this->addSql('CREATE TABLE revision (set_up_id VARCHAR(36) NOT NULL, revision INTEGER NOT NULL, date VARCHAR(10) NOT NULL, sittings CLOB NOT NULL, PRIMARY KEY (set_up_id, revision))');
    }

    private function attempts(): void
    {
        $this->addSql("ALTER TABLE attempt ADD question_id VARCHAR(50) DEFAULT '' NOT NULL");
        $this->addSql("UPDATE attempt SET question_id = CASE is_look WHEN 1 THEN id ELSE sitting_id || '-' || place END");
        $this->addSql('ALTER TABLE attempt ADD choices INTEGER DEFAULT NULL');
        // Kept as a chance before: one in so many, or 0.05 where anything could be answered.
        $this->addSql('UPDATE attempt SET choices = CAST(ROUND(1.0 / guess) AS INTEGER) WHERE guess > 0.0501');
        $this->addSql('ALTER TABLE attempt DROP COLUMN guess');
        $this->addSql('ALTER TABLE attempt DROP COLUMN place');
        $this->addSql('CREATE INDEX attempt_of_child ON attempt (child_id, at)');
        $this->addSql('CREATE INDEX attempt_of_sitting ON attempt (sitting_id)');
        $this->addSql('CREATE INDEX attempt_of_step ON attempt (child_id, step_id, at)');
        // One answer to one question of a sitting, whichever device was first; those taken back do not count. The ORM cannot describe such an index.
        $this->addSql('CREATE UNIQUE INDEX attempt_of_question ON attempt (sitting_id, question_id) WHERE removed_at IS NULL');
        $this->addSql('CREATE TEMPORARY TABLE question_key (was VARCHAR(60) PRIMARY KEY, is_now VARCHAR(60) NOT NULL)');
        foreach ($this->connection->fetchFirstColumn('SELECT DISTINCT question FROM try') as $key) {
            $new = self::key((string) $key);
            if ($new !== $key) {
                $this->addSql('INSERT INTO question_key VALUES (?, ?)', [$key, $new]);
            }
        }
        $this->addSql('UPDATE attempt SET question = (SELECT is_now FROM question_key WHERE was = question) WHERE question IN (SELECT was FROM question_key)');
        $this->addSql('DROP TABLE question_key');
    }

    private function sittings(): void
    {
        $this->addSql("ALTER TABLE sitting ADD courses CLOB DEFAULT '[]' NOT NULL");
        $this->addSql('ALTER TABLE sitting ADD turn INTEGER DEFAULT 0 NOT NULL');
        $read = static fn (mixed $json): array => \is_string($json) && \is_array($data = json_decode($json, true, 32, \JSON_THROW_ON_ERROR)) ? $data : [];
        foreach ($this->connection->fetchAllAssociative('SELECT * FROM sitting') as $row) {
            $id = (string) $row['id'];
            $questions = array_values($read($row['questions']));
            $courses = [[
                'step' => $row['step_id'],
                'form' => $row['form'],
                'help' => $row['help'],
                'reason' => $row['reason'],
                'values' => (object) self::renamed($read($row['reason_values'])),
                'brandNew' => (bool) $row['brand_new'],
                'before' => $row['mark_before'] ?? 'new',
                'after' => $row['mark_after'],
                'decision' => null === $row['decision'] || null === $row['decision_reason'] ? null : [
                    'kind' => $row['decision'],
                    'reason' => $row['decision_reason'],
                    'values' => (object) self::renamed($read($row['decision_values'])),
                    'opens' => $read($row['opens']),
                    'remedy' => $row['remedy'],
                ],
                'rests' => $row['rests_until'],
            ]];
            $this->addSql('UPDATE sitting SET courses = ?, questions = ?, turn_order = ? WHERE id = ?', [
                json_encode($courses, \JSON_THROW_ON_ERROR),
                json_encode(
                    array_map(static fn (array $question, int $place): array => self::question($question, $id.'-'.$place), $questions, array_keys($questions)),
                    \JSON_THROW_ON_ERROR,
                ),
                json_encode(array_map(static fn (int $place): string => $id.'-'.$place, $read($row['turn_order'])), \JSON_THROW_ON_ERROR),
                $id,
            ]);
        }
        foreach ([
            'step_id', 'form', 'help', 'brand_new', 'reason', 'reason_values', 'decision', 'decision_reason', 'decision_values',
            'opens', 'mark_before', 'mark_after', 'remedy', 'rests_until',
        ] as $column) {
            $this->addSql('ALTER TABLE sitting DROP COLUMN '.$column);
        }
    }

    /** Own activities wrote one and many as {n?one:many}. */
    private function ownActivities(): void
    {
        foreach ($this->connection->fetchAllKeyValue('SELECT id, data FROM own_activity') as $id => $data) {
            $read = json_decode((string) $data, true, 64, \JSON_THROW_ON_ERROR);
            if (!\is_array($read)) {
                continue;
            }
            array_walk_recursive($read, static function (mixed &$text): void {
                $text = \is_string($text) ? self::message($text) : $text;
            });
            $this->addSql('UPDATE own_activity SET data = ? WHERE id = ?', [json_encode($read, \JSON_THROW_ON_ERROR), $id]);
        }
    }

    private static function message(string $text): string
    {
        preg_match_all('/\{(\w+)\?[^:{}]*:[^{}]*\}/', $text, $found);
        foreach (array_unique($found[1]) as $name) {
            // What is counted in one place is a number in all of them.
            $text = str_replace('{'.$name.'}', '{'.$name.', number}', $text);
        }

        return (string) preg_replace('/\{(\w+)\?([^:{}]*):([^{}]*)\}/', '{$1, plural, one {$2} other {$3}}', $text);
    }

    /**
     * @param array<array-key, mixed> $values
     *
     * @return array<string, mixed>
     */
    private static function renamed(array $values): array
    {
        $renamed = [];
        foreach ($values as $name => $value) {
            $renamed['tries' === $name ? 'attempts' : (string) $name] = 'families' === $value ? 'activities' : $value;
        }

        return $renamed;
    }

    private static function key(string $key): string
    {
        [$ask, $numbers] = explode(':', $key, 2) + [1 => ''];
        $names = self::KEYS[$ask] ?? null;
        $numbers = array_map(intval(...), explode(',', $numbers));
        if (null === $names || \count($names) !== \count($numbers)) {
            return $key;
        }

        return $ask.':'.implode(',', array_values(array_diff_key(self::prompt($ask, array_combine($names, $numbers), '', null)[1], ['signs' => 0])));
    }

    /**
     * @param array<string, mixed> $stored
     *
     * @return array<string, mixed>
     */
    private static function question(array $stored, string $id): array
    {
        [$kind, $numbers] = self::prompt($stored['ask'], $stored['numbers'], $stored['step'], $stored['choices']);

        return ['id' => $id, 'step' => $stored['step'], 'kind' => $kind, 'prompt' => ['ask' => $stored['ask']] + $numbers, 'level' => $stored['level']];
    }

    /**
     * The kind of a question and its numbers as they are now.
     *
     * @param array<string, int> $n
     *
     * @return array{string, array<string, int|string>}
     */
    private static function prompt(string $ask, array $n, string $step, ?int $choices): array
    {
        if (isset(self::KINDS[$ask])) {
            [$kind, $names] = self::KINDS[$ask];

            return [$kind, array_map(static fn (string $old): int => $n[$old], $names)];
        }

        return match ($ask) {
            'after' => ['order-numerals', ['n' => $n['n'] + 1, 'gap' => 1]],
            'before' => ['order-numerals', ['n' => $n['n'] - 1, 'gap' => 1]],
            'between' => ['order-numerals', ['n' => $n['a'] + 1, 'gap' => 1]],
            'bundles-by-ear' => ['by-ear', ['hundreds' => 0, 'tens' => $n['t'], 'ones' => $n['o']]],
            'carry-on' => ['carry-on', ['unit' => strtr((string) $n['unit'], '123', 'abc'), 'next' => $n['next']]],
            'find-shape', 'name-shape' => ['name-shape', ['shape' => self::SHAPES[$n['shape']]]],
            'how-many-now', 'still-same' => ['still-same', ['n' => $n['n'], 'how' => self::MOVED[$n['how']]]],
            // What may be answered is every numeral up to the reach, nought included.
            'label-amount', 'show-amount' => [
                'match-numeral',
                ['n' => $n['n'], 'upTo' => null !== $choices ? $choices - 1 : max($n['n'], (int) substr((string) strrchr($step, '@'), 1))],
            ],
            'order-sizes' => ['compare-size', ['by' => self::PROPERTIES[$n['by']], 'n' => $n['n'], 'pair' => 0]],
            'which-is-longer' => ['compare-size', ['by' => self::PROPERTIES[$n['by']], 'n' => 2, 'pair' => $n['pair']]],
            'say-the-rule', 'sort-by' => ['sort-by', ['groups' => $n['groups'], 'by' => self::RULES[$n['by']]]],
            'stage-it', 'what-sign' => ['read-signs', ['a' => $n['a'], 'b' => $n['b'], 'sign' => self::SIGNS[$n['sign']], 'signs' => $choices ?? 1]],
            default => throw new \LogicException(\sprintf('0.3.0 asked no "%s".', $ask)),
        };
    }
}
