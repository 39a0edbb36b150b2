<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;

/** What makes a plan stale, and what does not: nobody plans by hand. */
final class StalePlanTest extends ApiTestCase
{
    private const DEVICE = '0195a000-0000-4000-8000-00000000dddd';
    private const NOTE = '0195a000-0000-4000-8000-0000000000ab';
    private const RIGHT = ['id' => '0195a000-0000-4000-8000-00000000c0de', 'outcome' => 'with-help'];

    /** @return iterable<string, array{\Closure(self, array<string, mixed>): mixed}> */
    public static function changes(): iterable
    {
        yield 'a sitting that ended' => [static fn (self $test, array $setUp) => $test->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done'])];
        yield 'a correction in a sitting that ended' => [static function (self $test, array $setUp): void {
            $test->tapAndEnd($setUp);
            $test->ask('PUT', '/table/attempts/'.$test->tap($setUp, 0, 'x')['id'], self::RIGHT);
        }];
        yield 'an attempt taken back in a sitting that ended' => [static function (self $test, array $setUp): void {
            $test->tapAndEnd($setUp);
            $test->ask('DELETE', '/table/attempts/'.$test->tap($setUp, 0, 'x')['id']);
        }];
        yield 'a note' => [static fn (self $test, array $setUp) => $test->ask('POST', $test->step($setUp).'/seen', self::note() + ['outcome' => 'at-once'])];
        yield 'a mark set by hand' => [static fn (self $test, array $setUp) => $test->ask(
            'POST',
            $test->step($setUp).'/mark',
            self::note() + ['mark' => 'can-do'],
        )];
        yield 'a mark set by hand that is taken back' => [static function (self $test, array $setUp): void {
            $test->ask('POST', $test->step($setUp).'/mark', self::note() + ['mark' => 'can-do']);
            $test->ask('GET', '/today');
            $test->ask('DELETE', '/table/attempts/'.self::NOTE);
        }];
        yield 'a pin' => [static fn (self $test, array $setUp) => $test->ask(
            'POST',
            '/map/'.$setUp['sittings'][0]['childId'].'/wanted',
            ['on' => true, 'stepId' => 'doubles@10'],
        )];
        yield 'a strand in focus' => [static fn (self $test, array $setUp) => $test->ask(
            'POST',
            '/map/'.$setUp['sittings'][0]['childId'].'/wanted',
            ['on' => true, 'strand' => 'sorting'],
        )];
        yield 'what the house chooses' => [static fn (self $test) => $test->ask('PUT', '/house', ['settings' => ['can-do-rule' => 'gentle'], 'version' => 0])];
        yield 'a child' => [static fn (self $test) => $test->addChild('Lark', '2023-06-01')];
        yield 'a child that changed' => [static fn (self $test, array $setUp) => $test->ask(
            'PUT',
            '/children/'.$setUp['sittings'][0]['childId'],
            ['name' => 'Wim', 'longestSitting' => 5, 'version' => 1],
        )];
        yield 'a child that went' => [static fn (self $test, array $setUp) => $test->ask('POST', '/children/'.$setUp['sittings'][0]['childId'].'/archive')];
        yield 'a thing' => [static fn (self $test) => $test->ask('POST', '/cupboard', ['name' => 'spools', 'amount' => 4], 201)];
        yield 'more of a thing' => [static fn (self $test) => $test->ask('POST', '/cupboard/'.$test->aThing()['id'].'/amount', ['by' => 1])];
        yield 'a thing that changed' => [static fn (self $test) => $test->ask(
            'PUT',
            '/cupboard/'.$test->aThing()['id'],
            ['name' => 'corks', 'amount' => 3, 'version' => $test->aThing()['version']],
        )];
        yield 'a thing put away' => [static fn (self $test) => $test->ask('DELETE', '/cupboard/'.$test->aThing()['id'], null, 204)];
        yield 'an activity of the house' => [static fn (self $test) => $test->ask('POST', '/activities', ['text' => $test->own()], 201)];
        yield 'an answer in a first look' => [static function (self $test, array $setUp): void {
            $path = '/children/'.$setUp['sittings'][0]['childId'].'/first-look';
            $look = $test->ask('POST', $path, ['canAlready' => []]);
            $test->ask(
                'POST',
                $path.'/answers',
                ['id' => self::NOTE, 'stepId' => $look['task']['step']['id'], 'outcome' => 'at-once', 'deviceId' => self::DEVICE, 'at' => 1000 * time()],
            );
        }];
    }

    /** @return iterable<string, array{\Closure(self, array<string, mixed>): mixed}> */
    public static function nothings(): iterable
    {
        yield 'a look at it' => [static fn (self $test) => $test->ask('GET', '/today')];
        yield 'a tap' => [static fn (self $test, array $setUp) => $test->ask('POST', '/table/'.$setUp['id'].'/attempts', $test->tap($setUp, 1, 'not-yet'))];
        yield 'a tap taken back at the table' => [static fn (self $test, array $setUp) => $test->ask(
            'DELETE',
            '/table/attempts/'.$test->tap($setUp, 0, 'x')['id'],
        )];
        yield 'a tap corrected at the table' => [static fn (self $test, array $setUp) => $test->ask(
            'PUT',
            '/table/attempts/'.$test->tap($setUp, 0, 'x')['id'],
            self::RIGHT,
        )];
        yield 'all of it at once' => [static fn (self $test, array $setUp) => $test->ask(
            'POST',
            '/table/'.$setUp['id'].'/all-at-once',
            ['id' => self::NOTE, 'sittingId' => $setUp['sittings'][0]['id'], 'outcome' => 'at-once', 'deviceId' => self::DEVICE, 'at' => 1000 * time()],
        )];
    }

    #[DataProvider('changes')]
    public function test_it_is_stale_after(\Closure $change): void
    {
        $setUp = $this->plannedHouse();
        self::assertFalse($this->isStale());
        $change($this, $setUp);

        self::assertTrue($this->isStale());
        $this->ask('GET', '/today');
        self::assertFalse($this->isStale(), 'who reads it plans it first');
    }

    #[DataProvider('nothings')]
    public function test_it_is_not_stale_after(\Closure $nothing): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $nothing($this, $setUp);

        self::assertFalse($this->isStale());
    }

    public function test_a_correction_in_a_sitting_that_ended_leads_to_a_new_plan_that_knows_of_it(): void
    {
        $setUp = $this->plannedHouse();
        $sitting = $setUp['sittings'][0];
        $taps = array_map(fn (int $number): array => $this->tap($setUp, $number, 'at-once'), array_keys($this->questions($setUp)));
        foreach ($taps as $tap) {
            $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap);
        }
        $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']);
        $this->ask('GET', '/today');
        $planned = static fn (): int => (int) self::service(Connection::class)->fetchOne("SELECT planned FROM day WHERE date = '2026-03-04'");
        $before = $planned();
        foreach ($taps as $number => $tap) {
            $right = ['id' => \sprintf('0195a000-0000-4000-8000-0000000c0d%02d', $number), 'outcome' => 'not-yet'];
            $this->ask('PUT', '/table/attempts/'.$tap['id'], $right);
        }

        self::assertSame('begun', $this->ask('GET', '/map/'.$sitting['childId'].'/'.$sitting['step']['id'])['standing']['mark']);
        self::assertSame($before, $planned(), 'however many corrections there are,');
        $this->ask('GET', '/today');
        self::assertSame($before + 1, $planned(), 'the day is planned once, when it is read');
    }

    public function test_a_plan_of_a_day_that_is_over_stays_as_it_was(): void
    {
        $this->plannedHouse();
        $connection = self::service(Connection::class);
        $connection->executeStatement("UPDATE day SET date = '2026-03-03'");
        $this->addChild('Lark', '2023-06-01');

        self::assertSame(0, $connection->fetchOne("SELECT stale FROM day WHERE date = '2026-03-03'"));
    }

    private function isStale(): bool
    {
        return 1 === (int) self::service(Connection::class)->fetchOne("SELECT stale FROM day WHERE date = '2026-03-04'");
    }

    /** @param array<string, mixed> $setUp */
    private function tapAndEnd(array $setUp): void
    {
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']);
        $this->ask('GET', '/today');
        self::assertFalse($this->isStale());
    }

    /** @param array<string, mixed> $setUp */
    private function step(array $setUp): string
    {
        return '/map/'.$setUp['sittings'][0]['childId'].'/'.$setUp['sittings'][0]['step']['id'];
    }

    /** @return array<string, mixed> */
    private function aThing(): array
    {
        return $this->ask('GET', '/cupboard')['things'][0];
    }

    private function own(): string
    {
        return str_replace("'Quick peek'", "'Our peeking'", $this->text('/activities/quick-peek/file'));
    }

    /** @return array<string, mixed> */
    private static function note(): array
    {
        return ['id' => self::NOTE, 'note' => 'in the garden', 'deviceId' => self::DEVICE, 'at' => 1000 * time()];
    }
}
