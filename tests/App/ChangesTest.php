<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\TestWith;

/** Every way a day can change: what it touches, what stays, what it says, and that it can be taken back. */
final class ChangesTest extends ApiTestCase
{
    /** @var array<string, string> name => child id */
    private array $ids = [];

    public function test_another_activity_takes_the_place_of_one_and_the_rest_stays(): void
    {
        $day = $this->threeAtTheTable();
        $one = self::withThings($day)[0];
        $swaps = $this->ask('GET', '/today/set-ups/'.$one['id'].'/swaps')['swaps'];
        self::assertNotSame([], $swaps);
        self::assertLessThanOrEqual(3, \count($swaps));
        self::assertNotContains($one['activityId'], array_column($swaps, 'activityId'));
        self::assertStringContainsString('learn', $swaps[0]['words'][0]);

        $after = $this->ask('POST', '/today/set-ups/'.$one['id'].'/swap', ['version' => $day['version'], 'activityId' => $swaps[0]['activityId']]);
        self::assertNotContains($one['id'], array_column($after['setUps'], 'id'));
        self::assertContains($swaps[0]['activityId'], array_column($after['setUps'], 'activityId'));
        foreach ($day['setUps'] as $other) {
            if ($other['id'] !== $one['id']) {
                self::assertEquals(self::plain($other), self::plain(array_column($after['setUps'], null, 'id')[$other['id']] ?? []));
            }
        }
        self::assertSame('swap', $after['undo']['verb']);
        self::assertNotSame([], array_filter($after['undo']['said'], static fn (string $said): bool => str_starts_with($said, 'New at ')));

        $back = $this->ask('POST', '/today/undo', ['version' => $after['version']]);
        self::assertEquals(array_map(self::plain(...), $day['setUps']), array_map(self::plain(...), $back['setUps']));
        self::assertNull($back['undo']);
    }

    public function test_changes_are_taken_back_one_after_the_other(): void
    {
        $day = $this->threeAtTheTable();
        $first = $day['setUps'][0]['id'];
        $one = $this->ask('POST', "/today/set-ups/$first/hold", ['version' => $day['version']]);
        self::assertTrue($one['setUps'][0]['held']);
        $two = $this->ask('POST', '/today/set-ups/'.$one['setUps'][1]['id'].'/drop', ['version' => $one['version']]);
        self::assertCount(\count($day['setUps']) - 1, $two['setUps']);

        $back = $this->ask('POST', '/today/undo', ['version' => $two['version']]);
        self::assertSame('hold', $back['undo']['verb']);
        self::assertCount(\count($day['setUps']), $back['setUps']);
        $back = $this->ask('POST', '/today/undo', ['version' => $back['version']]);
        self::assertFalse($back['setUps'][0]['held']);
        $this->refuse(409, 'version', 'POST', '/today/undo', ['version' => $back['version']]);
    }

    public function test_what_was_marked_meanwhile_stays_when_the_change_is_taken_back(): void
    {
        $day = $this->threeAtTheTable();
        $one = self::withThings($day)[0];
        $swap = $this->ask('GET', '/today/set-ups/'.$one['id'].'/swaps')['swaps'][0];
        $after = $this->ask('POST', '/today/set-ups/'.$one['id'].'/swap', ['version' => $day['version'], 'activityId' => $swap['activityId']]);
        $new = array_values(array_filter($after['setUps'], static fn (array $of): bool => $of['activityId'] === $swap['activityId']))[0];
        $this->ask('POST', '/table/'.$new['id'].'/closing', [
            'id' => '0195a000-0000-4000-8000-0000000000cc',
            'sittingId' => $new['sittings'][0]['id'],
            'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
            'at' => 1000 * time(),
            'mark' => 'all-alone',
        ]);
        $this->ask('POST', '/today/undo', ['version' => $this->ask('GET', '/today')['version']]);

        self::assertSame('begun', array_column($this->ask('GET', '/today')['setUps'], 'state', 'id')[$new['id']] ?? 'gone');
    }

    public function test_words_for_a_day_without_a_plan_are_not_swallowed(): void
    {
        $child = $this->addChild('Wim', '2020-06-01');
        $body = ['at' => 600, 'deviceId' => '0195a000-0000-4000-8000-00000000dddd', 'children' => [['childId' => $child]]];
        $this->refuse(409, 'words', 'POST', '/today/something-else', $body + ['words' => 'Counted ducks']);
    }

    public function test_a_change_of_a_day_that_another_device_has_changed_is_refused_and_nothing_happens(): void
    {
        $day = $this->threeAtTheTable();
        $id = $day['setUps'][0]['id'];
        $after = $this->ask('POST', "/today/set-ups/$id/hold", ['version' => $day['version']]);

        foreach (["set-ups/$id/drop" => [], "set-ups/$id/move" => ['start' => 600], 'twenty' => ['at' => 540], 'undo' => []] as $path => $more) {
            $this->refuse(409, 'version', 'POST', '/today/'.$path, ['version' => $day['version']] + $more);
        }
        self::assertEquals($after, $this->ask('GET', '/today'));
    }

    public function test_what_is_held_stays_when_the_day_is_planned_again(): void
    {
        $day = $this->threeAtTheTable();
        $held = self::withThings($day)[0];
        $this->ask('POST', '/today/set-ups/'.$held['id'].'/hold', ['version' => $day['version']]);
        $again = $this->ask('POST', '/today/plan', ['windows' => [[540, 600], [780, 820]]]);
        $same = array_column($again['setUps'], null, 'id')[$held['id']] ?? null;
        self::assertEquals([$held['start'], $held['activityId'], $held['laid'], true], [$same['start'], $same['activityId'], $same['laid'], $same['held']]);

        $free = $this->ask('POST', '/today/set-ups/'.$held['id'].'/let-go', ['version' => $again['version']]);
        self::assertFalse(array_column($free['setUps'], null, 'id')[$held['id']]['held']);
    }

    public function test_what_is_dropped_goes_and_does_not_come_back_today(): void
    {
        $day = $this->threeAtTheTable();
        $one = self::withThings($day)[0];
        $after = $this->ask('POST', '/today/set-ups/'.$one['id'].'/drop', ['version' => $day['version']]);
        self::assertCount(\count($day['setUps']) - 1, $after['setUps'], 'nothing is put in unasked');

        foreach ($this->ask('POST', '/today/plan', [])['setUps'] as $setUp) {
            if ($setUp['activityId'] === $one['activityId']) {
                self::assertSame([], array_intersect(array_column($setUp['sittings'], 'childId'), array_column($one['sittings'], 'childId')));
            }
        }
    }

    public function test_one_is_moved_and_the_others_make_room_but_not_what_is_held_or_begun(): void
    {
        $day = $this->threeAtTheTable();
        [$first, $last] = [$day['setUps'][0], $day['setUps'][\count($day['setUps']) - 1]];
        $path = '/today/set-ups/'.$last['id'].'/move';
        $moved = $this->ask('POST', $path, ['version' => $day['version'], 'start' => $first['start']]);
        $byId = array_column($moved['setUps'], null, 'id');
        self::assertSame($first['start'], $byId[$last['id']]['start']);
        self::assertNotSame($first['start'], $byId[$first['id']]['start'] ?? null, 'the other made room');

        $back = $this->ask('POST', '/today/undo', ['version' => $moved['version']]);
        $held = $this->ask('POST', '/today/set-ups/'.$first['id'].'/hold', ['version' => $back['version']]);
        $this->refuse(422, 'start', 'POST', $path, ['version' => $held['version'], 'start' => $first['start']]);
        $this->refuse(422, 'start', 'POST', $path, ['version' => $held['version'], 'start' => 300]);
        $this->refuse(422, 'start', 'POST', $path, ['version' => $held['version'], 'start' => 1440]);

        $this->ask('POST', '/table/'.$first['id'].'/attempts', $this->tap($first, 0, 'at-once'));
        $now = $this->ask('GET', '/today');
        foreach (['hold' => [], 'drop' => [], 'move' => ['start' => 560], 'other-things' => []] as $verb => $more) {
            $this->refuse(409, 'setUpId', 'POST', '/today/set-ups/'.$first['id'].'/'.$verb, ['version' => $now['version']] + $more);
        }
        $this->refuse(409, 'setUpId', 'GET', '/today/set-ups/'.$first['id'].'/swaps');
    }

    public function test_other_things_for_the_same_game(): void
    {
        $day = $this->threeAtTheTable();
        $sorting = array_values(array_filter($day['setUps'], static fn (array $one): bool => 'sort-then-see' === $one['activityId']));
        if ([] === $sorting) {
            $this->ask('POST', '/activities/sort-then-see/use', [], 204);
            $day = $this->ask('GET', '/today');
            $sorting = array_values(array_filter($day['setUps'], static fn (array $one): bool => 'sort-then-see' === $one['activityId']));
        }
        $after = $this->ask('POST', '/today/set-ups/'.$sorting[0]['id'].'/other-things', ['version' => $day['version']]);
        $same = array_column($after['setUps'], null, 'id')[$sorting[0]['id']];

        self::assertSame('sort-then-see', $same['activityId']);
        self::assertSame([], array_intersect(array_column($sorting[0]['laid'], 'thingId'), array_column($same['laid'], 'thingId')));
        self::assertStringContainsString('has other things', implode(' ', $after['undo']['said']));
    }

    #[TestWith(['ill'])]
    #[TestWith(['away'])]
    public function test_one_who_is_ill_or_away_does_not_sit_and_the_others_go_on(string $how): void
    {
        $day = $this->threeAtTheTable();
        $after = $this->ask('POST', '/today/children/'.$this->ids['Wim'].'/'.$how, ['version' => $day['version']]);
        foreach ($after['setUps'] as $setUp) {
            self::assertNotContains($this->ids['Wim'], array_column($setUp['sittings'], 'childId'));
        }
        self::assertNotSame([], $after['setUps']);
        $wim = array_column($after['children'], null, 'id')[$this->ids['Wim']];
        self::assertSame([$how, ucfirst($how)], [$wim['absent'], explode(' ', $wim['nothing'])[0]]);

        $again = $this->ask('POST', '/today/children/'.$this->ids['Wim'].'/back', ['version' => $after['version']]);
        $sit = array_merge(...array_map(static fn (array $one): array => array_column($one['sittings'], 'childId'), $again['setUps']));
        self::assertContains($this->ids['Wim'], $sit);
    }

    public function test_someone_who_sleeps_is_left_to_sleep_and_when_they_wake_small_things_leave_the_table(): void
    {
        $day = $this->threeAtTheTable();
        $lark = $this->ids['Lark'];
        $this->refuse(422, 'to', 'POST', "/today/children/$lark/asleep", ['version' => $day['version'], 'from' => 600, 'to' => 600]);
        $asleep = $this->ask('POST', "/today/children/$lark/asleep", ['version' => $day['version'], 'from' => 540, 'to' => 700]);
        foreach ($asleep['setUps'] as $setUp) {
            self::assertFalse($setUp['start'] < 700 && \in_array($lark, array_column($setUp['sittings'], 'childId'), true));
        }
        $this->ask('POST', '/activities/moved-again/use', [], 204);
        $now = $this->ask('GET', '/today');
        $this->refuse(422, 'id', 'POST', "/today/children/$lark/woke", ['version' => $now['version'], 'at' => 720]);
        $this->refuse(422, 'id', 'POST', '/today/children/'.$this->ids['Wim'].'/woke', ['version' => $now['version'], 'at' => 545]);

        $onTable = array_values(array_filter($now['setUps'], static fn (array $one): bool => [] !== $one['laid'] && $one['start'] < 700))[0];
        $woke = $this->ask('POST', "/today/children/$lark/woke", ['version' => $now['version'], 'at' => $onTable['start'] + 1]);
        self::assertSame([$onTable['id']], array_column($woke['atTable'], 'setUpId'));
        self::assertContains($woke['atTable'][0]['goesOn'], ['as-it-is', 'by-voice', 'stops']);
        self::assertSame('as-it-is' === $woke['atTable'][0]['goesOn'], [] === $woke['atTable'][0]['leaves']);
    }

    public function test_twenty_minutes_are_a_turn_for_everyone(): void
    {
        $day = $this->threeAtTheTable();
        $after = $this->ask('POST', '/today/twenty', ['version' => $day['version'], 'at' => 600]);

        self::assertSame([[600, 620]], $after['windows']);
        $sit = array_unique(array_merge(...array_map(static fn (array $one): array => array_column($one['sittings'], 'childId'), $after['setUps'])));
        self::assertCount(3, $sit);
        self::assertLessThanOrEqual(620, max([0, ...array_column($after['setUps'], 'end')]));
    }

    public function test_begun_only_later_everything_slides_and_nothing_new_comes(): void
    {
        $day = $this->threeAtTheTable();
        $after = $this->ask('POST', '/today/later', ['version' => $day['version'], 'at' => 565]);

        self::assertSame([[565, 605], [780, 805]], $after['windows']);
        self::assertGreaterThanOrEqual(565, min([1440, ...array_column($after['setUps'], 'start')]));
        self::assertSame([], array_diff(array_column($after['setUps'], 'activityId'), array_column($day['setUps'], 'activityId')));
        $late = $this->ask('POST', '/today/later', ['version' => $after['version'], 'at' => 1300]);
        self::assertSame([[1300, 1320]], $late['windows'], 'all of it is over: twenty minutes');
    }

    public function test_one_pile_brings_everyone_to_one_thing(): void
    {
        $day = $this->threeAtTheTable();
        $lids = array_column($this->ask('GET', '/cupboard')['things'], 'id', 'name')['jar lids'];
        $after = $this->ask('POST', '/today/pile', ['version' => $day['version'], 'at' => 900, 'minutes' => 20, 'thingId' => $lids]);
        $pile = array_values(array_filter($after['setUps'], static fn (array $one): bool => 900 === $one['start']))[0];

        self::assertGreaterThan(1, \count($pile['sittings']));
        self::assertSame([$lids], array_unique(array_column($pile['laid'], 'thingId')));
        self::assertContains([900, 920], $after['windows']);
        $this->refuse(422, 'thingId', 'POST', '/today/pile', ['version' => $after['version'], 'at' => 900, 'minutes' => 5, 'thingId' => 'no-such-thing']);
    }

    public function test_with_arms_full_only_what_is_spoken_stays(): void
    {
        $day = $this->threeAtTheTable();
        $after = $this->ask('POST', '/today/arms-full', ['version' => $day['version'], 'at' => 540, 'minutes' => 40]);

        self::assertSame([['state' => 'arms-full', 'start' => 540, 'end' => 580]], $after['blocks']);
        foreach ($after['setUps'] as $setUp) {
            self::assertTrue([] === $setUp['laid'] || $setUp['start'] >= 580, $setUp['name']);
        }
    }

    public function test_in_a_low_week_one_thing_a_day_is_enough(): void
    {
        $this->threeAtTheTable();
        $until = (new \DateTimeImmutable('2026-03-04'))->modify('+6 days')->format('Y-m-d');
        $low = $this->ask('POST', '/today/low-week', ['until' => $until]);
        self::assertSame([1, $until], [\count($low['setUps']), $low['lowUntil']]);
        $this->refuse(422, 'until', 'POST', '/today/low-week', ['until' => '1999-01-01']);

        $well = $this->ask('POST', '/today/low-week', ['until' => null]);
        self::assertGreaterThan(1, \count($well['setUps']));
    }

    public function test_what_was_wanted_today_is_taken_back(): void
    {
        $this->threeAtTheTable();
        $this->ask('POST', '/activities/sort-then-see/use', [], 204);
        $with = $this->ask('GET', '/today');
        self::assertSame(['sort-then-see'], array_column($with['wanted'], 'activityId'));
        $without = $this->ask('POST', '/today/take-back', ['version' => $with['version'], 'activityId' => 'sort-then-see']);
        self::assertSame([], $without['wanted']);
        $this->refuse(404, 'activityId', 'POST', '/today/take-back', ['version' => $without['version'], 'activityId' => 'sort-then-see']);
    }

    public function test_one_who_does_not_want_to_gets_ways_and_several_refusals_are_told_back(): void
    {
        $day = $this->threeAtTheTable();
        $one = self::withThings($day)[0];
        $child = $one['sittings'][0]['childId'];
        $first = $this->ask('POST', '/today/set-ups/'.$one['id'].'/refused', ['childId' => $child]);
        self::assertCount(3, $first['ways']);
        self::assertSame([], $first['told']);

        // The same on two evenings before: with today it is three times.
        $database = self::service(Connection::class);
        foreach (['2026-03-02' => [], '2026-03-03' => ['game', 'hour']] as $day => $told) {
            foreach (['set_up' => ['id', $one['id']], 'sitting' => ['id', $one['sittings'][0]['id']]] as $table => [$key, $id]) {
                $row = $database->fetchAssociative("SELECT * FROM $table WHERE $key = ?", [$id]) ?: self::fail($table);
                $copy = ['id' => substr($day.$id, 0, 36), 'date' => $day] + ('sitting' === $table ? ['set_up_id' => substr($day.$one['id'], 0, 36)] : []);
                $database->insert($table, $copy + $row);
            }
            $again = $this->ask('POST', '/today/set-ups/'.$one['id'].'/refused', ['childId' => $child])['told'];
            self::assertCount(\count($told), $again, $day);
        }
        $this->refuse(422, 'childId', 'POST', '/today/set-ups/'.$one['id'].'/refused', ['childId' => 'nobody']);
    }

    public function test_something_else_was_done_and_counts(): void
    {
        $this->threeAtTheTable();
        $who = ['childId' => $this->ids['Jet'], 'mark' => 'all-alone'];
        $body = ['at' => 600, 'deviceId' => '0195a000-0000-4000-8000-00000000dddd', 'children' => [$who]];
        $after = $this->ask('POST', '/today/something-else', $body + ['activityId' => 'froth-count']);
        $done = array_values(array_filter($after['setUps'], static fn (array $one): bool => 'done' === $one['state']));
        self::assertSame(['froth-count'], array_column($done, 'activityId'));
        self::assertSame([$this->ids['Jet']], array_column($done[0]['sittings'], 'childId'));
        $step = $done[0]['sittings'][0]['step']['id'];
        self::assertNotSame([], $this->ask('GET', '/map/'.$this->ids['Jet'].'/'.$step)['history']['seen']);

        $words = $this->ask('POST', '/today/something-else', $body + ['words' => 'Counted ducks at the lock']);
        self::assertSame([null, 'Counted ducks at the lock: Jet (all alone)'], array_column($words['otherwise'], 'words'));
        $this->refuse(422, 'words', 'POST', '/today/something-else', $body);

        // It was another child, or another thing.
        self::assertSame($words, $this->ask('GET', '/today'));
        $without = $this->ask('DELETE', '/today/something-else/'.$words['otherwise'][1]['id']);
        self::assertSame([$done[0]['id']], array_column($without['otherwise'], 'id'));
        $none = $this->ask('DELETE', '/today/something-else/'.$done[0]['id']);
        self::assertSame([[], false], [$none['otherwise'], \in_array($done[0]['id'], array_column($none['setUps'], 'id'), true)]);
        self::assertSame([true], array_column($this->ask('GET', '/map/'.$this->ids['Jet'].'/'.$step)['history']['seen'], 'removed'), 'shown as taken back');
        $this->refuse(404, 'id', 'DELETE', '/today/something-else/'.$done[0]['id']);
    }

    public function test_five_minutes_now_are_beside_the_plan_and_fetch_nothing(): void
    {
        $day = $this->threeAtTheTable();
        $started = $this->ask('POST', '/today/five-minutes', ['childId' => $this->ids['Jet'], 'at' => 1000])['setUpId'];
        $after = $this->ask('GET', '/today');
        $one = array_column($after['setUps'], null, 'id')[$started];
        self::assertSame([[$this->ids['Jet']], [], 1000], [array_column($one['sittings'], 'childId'), $one['laid'], $one['start']]);
        self::assertCount(\count($day['setUps']) + 1, $after['setUps']);
        self::assertSame($started, $this->ask('GET', '/table/'.$started)['setUpId'] ?? $started);
        $this->ask('POST', '/table/'.$started.'/attempts', $this->tap($one, 0, 'at-once'));

        $other = $this->ask('POST', '/today/five-minutes', ['childId' => $this->ids['Jet'], 'at' => 1020])['setUpId'];
        $with = $this->ask('GET', '/today');
        $without = $this->ask('POST', '/today/set-ups/'.$other.'/drop', ['version' => $with['version']]);
        self::assertSame([$other], array_values(array_diff(array_column($with['setUps'], 'id'), array_column($without['setUps'], 'id'))), 'not begun');
    }

    public function test_a_moment_happened_with_one_tap(): void
    {
        $day = $this->threeAtTheTable();
        $moment = $day['moments'][0];
        $body = ['childId' => $moment['childId'], 'activityId' => $moment['activityId'], 'at' => 700];
        $after = $this->ask('POST', '/today/moments', $body);
        self::assertTrue(array_column($after['moments'], 'happened', 'activityId')[$moment['activityId']]);
        self::assertContains('done', array_column($after['setUps'], 'state'));
        $this->refuse(404, 'activityId', 'POST', '/today/moments', $body);

        $before = $this->ask('POST', '/today/moments', $body + ['happened' => false]);
        self::assertNotContains(true, array_column($before['moments'], 'happened'));
        self::assertNotContains('done', array_column($before['setUps'], 'state'), 'planned anew, for what it wants is told by now');
        $this->refuse(404, 'activityId', 'POST', '/today/moments', $body + ['happened' => false]);
    }

    public function test_what_was_brought_is_ticked_on_every_device_and_changes_no_plan(): void
    {
        $day = $this->threeAtTheTable();
        $bring = $day['bring'][0];
        $tick = ['window' => $bring['window'], 'thingId' => $bring['thingId']];
        $after = $this->ask('POST', '/today/gathered', $tick + ['there' => true]);
        self::assertTrue($after['bring'][0]['there']);
        self::assertSame($day['version'], $after['version']);
        self::assertFalse($this->ask('POST', '/today/gathered', $tick + ['there' => false])['bring'][0]['there']);
    }

    public function test_tomorrow_is_planned_and_days_before_are_looked_at(): void
    {
        $this->threeAtTheTable();
        $tomorrow = (new \DateTimeImmutable('2026-03-04'))->modify('+1 day')->format('Y-m-d');
        $plan = $this->ask('POST', '/today/plan?day='.$tomorrow, []);
        self::assertSame([$tomorrow, true, false], [$plan['date'], $plan['planned'], $plan['isToday']]);
        self::assertNotSame([], $plan['setUps']);
        if (isset($plan['bring'][0])) {
            $tick = ['window' => $plan['bring'][0]['window'], 'thingId' => $plan['bring'][0]['thingId'], 'there' => true, 'day' => $tomorrow];
            self::assertTrue($this->ask('POST', '/today/gathered', $tick)['bring'][0]['there'], 'made ready the evening before');
        }
        $this->refuse(404, 'setUpId', 'POST', '/today/set-ups/gone/swap', ['version' => $this->ask('GET', '/today')['version'], 'activityId' => 'fetch-me']);
        self::assertSame([], $this->ask('GET', '/today?day=2026-01-05')['setUps']);
        foreach (['1999-01-01', 'soon', '2099-01-01'] as $wrong) {
            $this->refuse(422, 'day', 'GET', '/today?day='.$wrong);
        }
        $this->refuse(422, 'day', 'POST', '/today/plan?day=2026-01-05', []);
    }

    /** @return array<string, mixed> the day */
    private function threeAtTheTable(): array
    {
        foreach (['Wim' => '2019-12-01', 'Jet' => '2021-06-01', 'Lark' => '2023-09-01'] as $name => $born) {
            $this->ids[$name] = $this->addChild($name, $born);
        }
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'wooden-blocks', 'socks', 'cups', 'big-blocks', 'tiles']]);

        foreach (['sort-then-see', 'quick-peek', 'fetch-me', 'handful-look', 'moved-again', 'squash-count', 'froth-count'] as $known) {
            $this->ask('PUT', '/activities/'.$known.'/known', ['known' => true], 204);
        }

        return $this->ask('POST', '/today/plan', ['windows' => [[540, 580], [780, 805]]]);
    }

    /**
     * @param array<string, mixed> $day
     *
     * @return list<array<string, mixed>>
     */
    private static function withThings(array $day): array
    {
        return array_values(array_filter($day['setUps'], static fn (array $setUp): bool => [] !== $setUp['laid']));
    }

    /**
     * @param array<string, mixed> $setUp
     *
     * @return array<string, mixed>
     */
    private static function plain(array $setUp): array
    {
        return array_intersect_key($setUp, array_flip(['id', 'activityId', 'start', 'end', 'laid', 'held', 'place']));
    }
}
