<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use DAMA\DoctrineTestBundle\PHPUnit\SkipDatabaseRollback;
use Doctrine\DBAL\Connection;
use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Exchange\Erase;
use Pindle\App\Household\Children;

/**
 * A child is planted in every column that can name one; after an erasure every text column of the database is walked. A column that is new stands in
 * neither list, and fails until someone has said whether it can name a child.
 */
final class ErasedEverywhereTest extends ApiTestCase
{
    // To erase is to write the whole file anew, which no transaction can hold.
    use OwnHouse;

    private const ID = '0195a000-0000-7000-8000-0000000e1a5e';
    private const OTHER = '0195a000-0000-7000-8000-0000000000aa';
    private const NAME = 'Quillow';

    /** Table => rows, column => value; {id} and {name} are the child. Other columns get something harmless. */
    private const PLANTED = [
        'child' => [['id' => '{id}', 'name' => '{name}'], ['id' => self::OTHER, 'name' => 'Wim']],
        'attempt' => [['child_id' => '{id}']],
        'closing' => [['child_id' => '{id}']],
        'note' => [['child_id' => '{id}', 'note' => '{name} counted ducks']],
        'first_look' => [['child_id' => '{id}']],
        'step_state' => [['child_id' => '{id}']],
        'checkpoint' => [['child_id' => '{id}']],
        'record' => [['child_id' => '{id}']],
        'letter' => [['child_id' => '{id}', 'text' => 'Dear {name}']],
        'set_up' => [['id' => 'u1'], ['id' => 'u2', 'warnings' => '[{"rule":"small","severity":"warn","thing":"x","childId":"{id}","child":"{name}"}]']],
        'sitting' => [['id' => 's1', 'child_id' => '{id}', 'set_up_id' => 'u1'], ['id' => 's2', 'child_id' => self::OTHER, 'set_up_id' => 'u2']],
        'revision' => [['set_up_id' => 'u2', 'sittings' => '[{"childId":"{id}","child":"{name}"}]']],
        'day' => [[
            'date' => '2026-03-01', 'absent' => '{"{id}":"ill"}', 'asleep' => '{"{id}":[540,600]}', 'not_today' => '[{"activity":"x","children":["{id}"]}]',
            'moments' => '[{"activity":"x","child":"{id}"}]', 'little' => '{"{id}":"rests"}', 'threads' => '{"{id}":1}',
            'otherwise' => '[{"id":"o1","words":"Weighed flour","children":[{"child":"{id}","mark":null}]}]',
        ]],
        'day_change' => [['id' => 1, 'said' => '["{name} is ill"]', 'before' => '{"absent":{"{id}":"ill"}}']],
        'photograph' => [
            ['id' => 'p1', 'child_ids' => '["{id}"]', 'words' => '{name} alone'],
            ['id' => 'p2', 'child_ids' => '["{id}","'.self::OTHER.'"]'],
        ],
        'week' => [['id' => 1, 'week' => '{"away":{"{id}":[["2026-03-01","2026-03-02"]]}}', 'before' => '[{"away":{"{id}":[]}}]']],
        'made' => [['id' => 'm1', 'wish' => '{"{id}":"x"}']],
        'evening' => [['id' => 1, 'child_id' => '{id}', 'answers' => '[{"step":"x","child":"{id}"}]']],
        'filed' => [['uid' => 'f1', 'title' => 'Maths with {name}', 'notes' => 'Corks for {name}'], ['uid' => 'f2', 'title' => 'Maths', 'notes' => '{name}']],
        'set_aside' => [['id' => 1, 'as_it_was' => '{"id":"{id}","name":"{name}"}'], ['id' => 2, 'as_it_was' => '{"id":"x","child_id":"{id}"}']],
    ];

    /** Columns that hold no child: ids of other things, words of the game, numbers written as text, what the parent wrote of the whole house. */
    private const NEVER = [
        'attempt' => ['id', 'step_id', 'sitting_id', 'activity_id', 'form', 'help', 'thing_ids', 'question', 'outcome', 'method', 'slip', 'day', 'device_id',
            'corrects', 'question_id', 'purpose'],
        'checkpoint' => ['newest', 'last_sittings', 'states', 'looks'],
        'child' => ['born', 'allergies', 'liked_things', 'rests', 'priors', 'settings', 'pins', 'focus', 'starts_from', 'archived_at'],
        'closing' => ['id', 'step_id', 'sitting_id', 'activity_id', 'form', 'thing_ids', 'mark', 'day', 'device_id'],
        'day' => ['date', 'windows', 'wanted', 'goal', 'blocks', 'gathered'],
        'day_change' => ['date', 'verb'],
        'erased' => ['id'],
        'evening' => ['screen', 'thing_ids', 'passed', 'activity_id', 'step_id', 'for_day', 'mark'],
        'filed' => ['name', 'uid', 'date', 'cancelled'],
        'first_look' => ['ended_on', 'id', 'started_on', 'can_already', 'steps'],
        'house' => ['settings', 'zone', 'rules', 'coins', 'known_games', 'low_until', 'year_starts'],
        'job' => ['id', 'file', 'state', 'said', 'kind', 'made_file', 'made'],
        'letter' => ['month', 'photograph_id'],
        'made' => ['id', 'prop_id', 'kind', 'variant', 'way', 'things', 'state', 'kept_at', 'made_on'],
        'migration' => ['version', 'executed_at'],
        'note' => ['id', 'step_id', 'sitting_id', 'outcome', 'mark', 'day', 'device_id'],
        'own_activity' => ['id', 'data'],
        'photograph' => ['id', 'file', 'day', 'set_up_id', 'device_id'],
        'portfolio_page' => ['id', 'day', 'title', 'text'],
        'record' => ['basis', 'newest', 'last_sittings', 'looks'],
        'revision' => ['date', 'set_up_id'],
        'set_aside' => ['of_table', 'reason', 'at'],
        'set_up' => ['state', 'id', 'date', 'activity_id', 'place', 'part', 'laid', 'props', 'note'],
        'sitting' => ['ending', 'id', 'date', 'questions', 'set_up_id', 'worth', 'turn_order', 'advice', 'courses', 'spares'],
        'step_state' => ['step_id', 'state'],
        'thing' => ['id', 'name', 'single', 'size', 'shape', 'traits', 'allergens', 'glyph', 'shipped', 'can', 'kept_at'],
    ];

    #[SkipDatabaseRollback]
    public function test_nothing_of_an_erased_child_is_left_in_any_text_column(): void
    {
        $connection = self::service(EntityManagerInterface::class)->getConnection();
        foreach (array_reverse(array_keys(self::PLANTED)) as $table) {
            $connection->executeStatement('DELETE FROM '.$table);
        }
        foreach (self::PLANTED as $table => $rows) {
            foreach ($rows as $i => $row) {
                $this->plant($connection, $table, $row, $i);
            }
        }
        $planted = 0;
        foreach (self::columns($connection) as $table => $columns) {
            foreach ($columns as $column) {
                $isPlanted = 1 === preg_match('/\{(id|name)\}/', implode(' ', array_column(self::PLANTED[$table] ?? [], $column)));
                self::assertTrue(
                    $isPlanted xor \in_array($column, self::NEVER[$table] ?? [], true),
                    "$table.$column: say in this test whether it can name a child, and in Erase what becomes of it",
                );
                $planted += $isPlanted ? 1 : 0;
                self::assertSame($isPlanted, $this->holds($connection, $table, $column), "$table.$column before");
            }
        }
        self::assertGreaterThan(30, $planted);

        self::service(Erase::class)->child(self::ID, self::NAME, false);

        $left = [];
        foreach (self::columns($connection) as $table => $columns) {
            foreach ($columns as $column) {
                if ($this->holds($connection, $table, $column)) {
                    $left[] = $table.'.'.$column;
                }
            }
        }
        self::assertSame(['erased.id'], $left, 'the id alone, so that no file brings the child back');
        // What is of others stays.
        foreach (['child', 'sitting', 'set_up', 'photograph', 'day', 'week', 'made', 'evening'] as $table) {
            self::assertSame(1, (int) $connection->fetchOne('SELECT COUNT(*) FROM '.$table), $table);
        }
        self::assertSame(2, (int) $connection->fetchOne('SELECT COUNT(*) FROM filed'));
        self::assertSame('["'.self::OTHER.'"]', $connection->fetchOne('SELECT child_ids FROM photograph'));
        self::assertSame(['Wim'], array_map(static fn ($child): string => $child->name, self::service(Children::class)->kept()['present']));
    }

    private function holds(Connection $connection, string $table, string $column): bool
    {
        return (int) $connection->fetchOne(
            "SELECT COUNT(*) FROM $table WHERE instr(CAST($column AS TEXT), ?) > 0 OR instr(CAST($column AS TEXT), ?) > 0",
            [self::ID, self::NAME],
        ) > 0;
    }

    /** @return array<string, list<string>> table => columns that hold text, JSON or what the database does not say */
    private static function columns(Connection $connection): array
    {
        $columns = [];
        foreach ($connection->fetchFirstColumn("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'") as $table) {
            foreach ($connection->fetchAllAssociative('PRAGMA table_info('.$table.')') as $column) {
                if (1 !== preg_match('/^(INTEGER|BIGINT|BOOLEAN|DOUBLE PRECISION)$/', (string) $column['type'])) {
                    $columns[(string) $table][] = (string) $column['name'];
                }
            }
        }

        return $columns;
    }

    /** @param array<string, string|int> $row */
    private function plant(Connection $connection, string $table, array $row, int $i): void
    {
        $values = [];
        foreach ($connection->fetchAllAssociative('PRAGMA table_info('.$table.')') as $column) {
            $name = (string) $column['name'];
            if (isset($row[$name])) {
                $values[$name] = str_replace(['{id}', '{name}'], [self::ID, self::NAME], (string) $row[$name]);
            } elseif (1 === (int) $column['notnull'] && null === $column['dflt_value']) {
                $values[$name] = match (true) {
                    'CLOB' === $column['type'] => '[]',
                    str_starts_with((string) $column['type'], 'VARCHAR') => 'x'.$i,
                    default => $i,
                };
            }
        }
        $connection->insert($table, $values);
    }
}
