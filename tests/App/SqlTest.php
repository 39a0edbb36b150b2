<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use PHPUnit\Framework\Attributes\TestWith;
use Pindle\Tests\SqlCount;

/** What a request asks of the database: few statements, and no more of them for six children than for three. */
final class SqlTest extends ApiTestCase
{
    /** Statements at most: one for each kind of thing that has a part in it. Where props lie is one of the table's. */
    private const MOST = ['plan' => 28, 'plan of a begun day' => 28, 'table' => 14, 'first tap' => 10, 'tap' => 10, 'finish' => 30, 'today' => 12];

    /** @var array<int, array<string, int>> children => what => statements */
    private static array $counted = [];

    #[TestWith([3])]
    #[TestWith([6])]
    public function test_a_request_asks_little_of_the_database_however_many_children_there_are(int $children): void
    {
        foreach (range(1, $children) as $i) {
            $this->addChild('Child '.$i, (2016 + $i).'-03-01');
        }
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'wooden-blocks', 'socks', 'crayons', 'cups']]);
        $this->ask('POST', '/today/plan', []);

        $counted = ['plan' => $this->statements(fn () => $this->ask('POST', '/today/plan', ['windows' => [[540, 660], [780, 840]]]))];
        $setUp = $this->ask('GET', '/today')['setUps'][0];
        $counted['table'] = $this->statements(fn () => $this->ask('GET', '/table/'.$setUp['id']));
        $counted['today'] = $this->statements(fn () => $this->ask('GET', '/today'));
        foreach (['first tap', 'tap'] as $i => $what) {
            $tap = $this->tap($setUp, $i, 'at-once');
            $counted[$what] = $this->statements(fn () => $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap));
        }
        $counted['finish'] = $this->statements(fn () => $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']));
        $counted['plan of a begun day'] = $this->statements(fn () => $this->ask('GET', '/today'));

        foreach (self::MOST as $what => $most) {
            self::assertLessThanOrEqual($most, $counted[$what], $what);
        }
        self::$counted[$children] = $counted;
        if (6 === $children && isset(self::$counted[3])) {
            self::assertSame(self::$counted[3], $counted);
        }
    }

    public function test_today_is_read_once_and_again_after_whatever_was_written(): void
    {
        $setUp = $this->plannedHouse();
        $child = $setUp['sittings'][0]['childId'];
        $idea = ['sittingId' => $setUp['sittings'][0]['id'], 'idea' => 'more-help', 'taken' => true, 'id' => '0195a000-0000-4000-8000-0000000000ad'];
        $told = ['words' => 'Counted ducks', 'at' => 600, 'deviceId' => $idea['id'], 'children' => [['childId' => $child, 'mark' => null]]];
        $tap = $this->tap($setUp, 0, 'at-once');
        foreach ([
            fn () => $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap),
            fn () => $this->ask('POST', '/table/'.$setUp['id'].'/advice', $idea),
            fn () => $this->ask('POST', '/today/something-else', $told),
            fn () => $this->ask('POST', '/today/five-minutes', ['childId' => $child, 'at' => 1000]),
            fn () => $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']),
            fn () => $this->ask('PUT', '/children/'.$child, ['name' => 'Jet', 'born' => '2021-06-01', 'version' => 1]),
        ] as $i => $write) {
            $today = $this->ask('GET', '/today');
            self::assertSame(1, $this->statements(fn () => self::assertSame($today, $this->ask('GET', '/today'))), 'only which day it is '.$i);
            $write();
            self::assertGreaterThan(1, $this->statements(fn () => $this->ask('GET', '/today')), 'after write '.$i);
        }
        self::assertNotSame($today, $this->ask('GET', '/today'));
    }

    private function statements(callable $ask): int
    {
        // As in life, every request begins with nothing in its hands.
        self::ensureKernelShutdown();
        $this->setUp();
        $count = self::service(SqlCount::class);
        $count->statements = [];
        $ask();

        // One statement more where questions of what stays changed, whoever's they were.
        $changed = preg_grep('/^INSERT INTO revision/', $count->statements) ?: [];
        self::assertLessThanOrEqual(1, \count($changed));

        return \count($count->statements) - \count($changed);
    }
}
