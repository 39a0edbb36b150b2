<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\TestWith;
use Pindle\App\Household\Children;
use Pindle\App\Record\Evidence;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\InWeek;
use Pindle\Core\Planning\Outlook;
use Pindle\Tests\Make;

/** The week: how its days are used, what it is likely to bring, and what is given to calendar and paper. Today is Wednesday. */
final class WeekTest extends ApiTestCase
{
    private const MORNING = [[540, 580]];

    public function test_before_anything_is_said_every_day_is_as_the_last_one(): void
    {
        $this->addChild('Wim', '2021-06-01');
        $this->ask('POST', '/today/plan', ['windows' => [[600, 640]]]);
        $week = $this->ask('GET', '/week');

        self::assertSame(['2026-03-02', '2026-03-08', '2026-03-04', 0], [$week['from'], $week['to'], $week['today'], $week['version']]);
        self::assertSame(array_fill(0, 7, [[600, 640]]), array_column($week['usual'], 'windows'));
        self::assertSame(['Monday', 'Tuesday', 'Wednesday'], \array_slice(array_column($week['days'], 'name'), 0, 3));
        self::assertSame([true, true, false], \array_slice(array_column($week['days'], 'isOver'), 0, 3));
        self::assertFalse($week['canGoBack']);
        self::assertStringContainsString(Outlook::COME_OF_TEN.' of ten', $week['sure']);
    }

    public function test_the_usual_week_is_changed_by_weekday_and_the_days_follow_it(): void
    {
        $this->plannedHouse();
        $this->ask('POST', '/today/plan?day=2026-03-09', []);
        $week = $this->usual(1, [[600, 630], [480, 500]]);

        self::assertSame([[480, 500], [600, 630]], $week['usual'][0]['windows'], 'in order');
        self::assertSame([[540, 580], [780, 805]], $week['usual'][1]['windows'], 'the others stay');
        $monday = $this->ask('GET', '/today?day=2026-03-09');
        self::assertSame([[480, 500], [600, 630]], $monday['windows'], 'what was planned follows');
        foreach ($monday['setUps'] as $setUp) {
            self::assertTrue($setUp['start'] >= 480 && $setUp['end'] <= 500 || $setUp['start'] >= 600 && $setUp['end'] <= 630);
        }
        self::assertSame([[540, 580], [780, 805]], $this->ask('GET', '/today')['windows']);
    }

    public function test_a_day_with_hours_of_its_own_keeps_them(): void
    {
        $this->plannedHouse();
        $this->ask('POST', '/today/plan', ['windows' => [[700, 740]]]);
        $week = $this->usual(3, self::MORNING);

        self::assertSame([[700, 740]], $this->ask('GET', '/today')['windows']);
        self::assertSame(['today', [[700, 740]]], [$week['days'][2]['why'], $week['days'][2]['windows']]);
        self::assertSame(self::MORNING, $this->ask('GET', '/week?day=2026-03-11')['days'][2]['windows'], 'the next Wednesday has not');
    }

    public function test_one_day_by_itself_leaves_the_rule_as_it_is(): void
    {
        $this->plannedHouse();
        $before = $this->ask('GET', '/week');
        $week = $this->ask('PUT', '/week/days/2026-03-06', ['windows' => self::MORNING, 'version' => 0]);

        self::assertSame($before['usual'], $week['usual']);
        self::assertSame(['once', self::MORNING], [$week['days'][4]['why'], $week['days'][4]['windows']]);
        self::assertSame([[540, 580], [780, 805]], $this->ask('GET', '/week?day=2026-03-13')['days'][4]['windows']);
        $week = $this->ask('POST', '/week/days/2026-03-06/as-usual', ['version' => 1]);
        self::assertSame('usual', $week['days'][4]['why']);
    }

    public function test_a_holiday_takes_what_was_planned_out_and_taking_it_back_brings_it_again(): void
    {
        $this->plannedHouse();
        $thursday = $this->ask('POST', '/today/plan?day=2026-03-05', []);
        self::assertNotSame([], $thursday['setUps']);
        $week = $this->ask('POST', '/week/holidays', ['from' => '2026-03-05', 'to' => '2026-03-06', 'version' => 0]);

        self::assertSame(['holiday', 'holiday', 'usual'], array_column(\array_slice($week['days'], 3, 3), 'why'));
        self::assertSame([['from' => '2026-03-05', 'to' => '2026-03-06']], $week['holidays']);
        self::assertSame([[], []], [$this->ask('GET', '/today?day=2026-03-05')['setUps'], $this->ask('GET', '/today?day=2026-03-05')['windows']]);
        $week = $this->ask('POST', '/week/undo', ['version' => 1]);
        self::assertSame([[], false], [$week['holidays'], $week['canGoBack']]);
        $again = $this->ask('GET', '/today?day=2026-03-05');
        // It is planned anew: what is the same keeps its name.
        self::assertNotSame([], array_intersect(array_column($thursday['setUps'], 'id'), array_column($again['setUps'], 'id')));
        $this->ask('POST', '/week/holidays', ['from' => '2026-03-05', 'to' => '2026-03-06', 'version' => 2]);
        self::assertSame([], $this->ask('POST', '/week/holidays/end', ['from' => '2026-03-05', 'to' => '2026-03-06', 'version' => 3])['holidays']);
    }

    public function test_what_is_begun_stays_on_a_day_that_becomes_a_holiday(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', '/week/holidays', ['from' => '2026-03-04', 'to' => '2026-03-04', 'version' => 0]);

        self::assertSame([$setUp['id']], array_column($this->ask('GET', '/today')['setUps'], 'id'));
    }

    public function test_a_day_off_is_planned_only_when_it_is_asked_for(): void
    {
        $this->plannedHouse();
        $this->usual(4, []);
        self::assertFalse($this->ask('GET', '/today?day=2026-03-05')['planned']);
        $asked = $this->ask('POST', '/today/plan?day=2026-03-05', []);

        self::assertNotSame([], $asked['setUps']);
        self::assertSame([[540, 580], [780, 805]], $asked['windows'], 'the hours of another day');
        self::assertSame([], $this->ask('GET', '/week')['usual'][3]['windows']);
    }

    public function test_nobody_is_planned_for_who_is_away_or_has_no_minutes_that_day(): void
    {
        $wim = $this->addChild('Wim', '2021-06-01');
        $mika = $this->addChild('Mika', '2020-06-01');
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids']]);
        $sits = static fn (array $day): array => array_values(array_unique(array_column(array_merge(...array_column($day['setUps'], 'sittings')), 'childId')));
        self::assertEqualsCanonicalizing([$wim, $mika], $sits($this->ask('POST', '/today/plan?day=2026-03-05', [])));

        $week = $this->ask('POST', '/week/away/'.$wim, ['from' => '2026-03-05', 'to' => '2026-03-06', 'version' => 0]);
        self::assertSame(['away', null], array_column($week['days'][3]['children'], 'absent'));
        self::assertSame([['childId' => $wim, 'name' => 'Wim', 'from' => '2026-03-05', 'to' => '2026-03-06']], $week['away']);
        self::assertSame([$mika], $sits($this->ask('GET', '/today?day=2026-03-05')));
        self::assertSame('Away today.', $this->ask('GET', '/today?day=2026-03-05')['children'][0]['nothing']);

        $week = $this->ask('POST', '/week/away/'.$wim.'/end', ['from' => '2026-03-05', 'to' => '2026-03-06', 'version' => 1]);
        self::assertSame([], $week['away']);
        $week = $this->ask('PUT', '/week/days/2026-03-05', ['windows' => self::MORNING, 'minutes' => [$wim => 0, $mika => 7], 'version' => 2]);
        self::assertSame([0, 7], array_column($week['days'][3]['children'], 'minutes'));
        $day = $this->ask('GET', '/today?day=2026-03-05');
        self::assertSame([$mika], $sits($day));
        self::assertLessThanOrEqual(7, $day['children'][1]['minutesPlanned']);
    }

    public function test_who_is_away_by_the_week_may_be_back_today_all_the_same(): void
    {
        $this->plannedHouse();
        $wim = $this->ask('GET', '/children')['present'][0]['id'];
        $this->ask('POST', '/week/away/'.$wim, ['from' => '2026-03-04', 'to' => '2026-03-05', 'version' => 0]);
        $today = $this->ask('GET', '/today');
        self::assertSame(['away', []], [$today['children'][0]['absent'], $today['setUps']]);

        $today = $this->ask('POST', '/today/children/'.$wim.'/back', ['version' => $today['version']]);
        self::assertNull($today['children'][0]['absent']);
        self::assertNotSame([], $today['setUps']);
        $days = \array_slice($this->ask('GET', '/week')['days'], 2, 2);
        self::assertSame([null, 'away'], array_map(static fn (array $day): ?string => $day['children'][0]['absent'], $days));
    }

    public function test_what_was_changed_meanwhile_is_refused_and_nothing_is_changed(): void
    {
        $this->plannedHouse();
        $this->usual(1, self::MORNING);
        $before = $this->ask('GET', '/week');

        $this->refuse(409, 'version', 'PUT', '/week/usual/2', ['windows' => self::MORNING, 'version' => 0]);
        $this->refuse(409, 'version', 'POST', '/week/undo', ['version' => 0]);
        self::assertSame($before, $this->ask('GET', '/week'));
        $this->ask('POST', '/week/undo', ['version' => 1]);
        $this->refuse(409, 'version', 'POST', '/week/undo', ['version' => 2]);
    }

    public function test_the_last_ten_changes_are_taken_back_one_after_the_other(): void
    {
        for ($minute = 0; $minute <= 10; ++$minute) {
            $this->usual(1, [[540, 560 + $minute]]);
        }
        for ($left = 10; $left > 0; --$left) {
            $week = $this->ask('POST', '/week/undo', ['version' => $this->ask('GET', '/week')['version']]);
        }

        self::assertSame([[[540, 560]], false], [$week['usual'][0]['windows'] ?? null, $week['canGoBack'] ?? null]);
    }

    public function test_there_is_an_outlook_of_this_week_and_the_next(): void
    {
        $has = fn (string $day): bool => $this->ask('GET', '/week?day='.$day)['hasOutlook'];

        self::assertSame([false, true, true, true, false], array_map($has, ['2026-03-01', '2026-03-02', '2026-03-08', '2026-03-15', '2026-03-16']));
        self::assertSame('2027-03-07', $this->ask('GET', '/week?day=2027-03-05')['to'], 'a year from now');
        $this->refuse(422, 'day', 'GET', '/week?day=2027-03-06');
        self::assertSame('2025-03-03', $this->ask('GET', '/week?day=2025-03-03')['from'], 'and a year ago');
        $this->refuse(422, 'day', 'GET', '/week?day=2025-03-02');
    }

    /** @param array<string, mixed> $body */
    #[TestWith(['PUT', '/week/usual/1', ['windows' => [[600, 540]]], 'windows.0'])]
    #[TestWith(['PUT', '/week/usual/1', ['windows' => [[540, 600], [599, 640]]], 'windows.1'])]
    #[TestWith(['PUT', '/week/usual/1', ['windows' => [[0, 10], [20, 30], [40, 50], [60, 70], [80, 90], [100, 110], [120, 130]]], 'windows'])]
    #[TestWith(['PUT', '/week/usual/1', ['windows' => [[540, 600]], 'minutes' => ['CHILD' => 4]], 'minutes.CHILD'])]
    #[TestWith(['PUT', '/week/usual/1', ['windows' => [[540, 600]], 'minutes' => ['CHILD' => 61]], 'minutes.CHILD'])]
    #[TestWith(['PUT', '/week/usual/1', ['windows' => [[540, 600]], 'minutes' => ['CHILD' => 'ten']], 'minutes.CHILD'])]
    #[TestWith(['PUT', '/week/usual/1', ['windows' => [[540, 600]], 'minutes' => ['nobody' => 10]], 'minutes.nobody', 404])]
    #[TestWith(['PUT', '/week/usual/8', ['windows' => []], 'weekday', 404])]
    #[TestWith(['PUT', '/week/days/2026-03-03', ['windows' => []], 'date'])]
    #[TestWith(['PUT', '/week/days/2026-02-30', ['windows' => []], 'date'])]
    #[TestWith(['PUT', '/week/days/2027-03-06', ['windows' => []], 'date'])]
    #[TestWith(['POST', '/week/holidays', ['from' => '2026-03-06', 'to' => '2026-03-05'], 'to'])]
    #[TestWith(['POST', '/week/holidays', ['from' => '2026-02-01', 'to' => '2027-03-05'], 'to'])]
    #[TestWith(['POST', '/week/holidays', ['from' => '2026-02-01', 'to' => '2026-03-03'], 'to'])]
    #[TestWith(['POST', '/week/holidays', ['from' => 'tomorrow', 'to' => '2026-03-06'], 'from'])]
    #[TestWith(['POST', '/week/holidays', ['from' => '2026-03-05', 'to' => ''], 'to'])]
    #[TestWith(['POST', '/week/away/CHILD', ['from' => '2026-03-06', 'to' => '2026-03-05'], 'to'])]
    #[TestWith(['POST', '/week/away/nobody', ['from' => '2026-03-05', 'to' => '2026-03-05'], 'childId', 404])]
    #[TestWith(['POST', '/week/calendar', ['weeks' => 0], 'weeks'])]
    #[TestWith(['POST', '/week/calendar', ['weeks' => 27], 'weeks'])]
    #[TestWith(['POST', '/week/calendar', ['alarm' => 241], 'alarm'])]
    public function test_what_cannot_be_is_refused_with_its_field_and_nothing_is_changed(
        string $method,
        string $path,
        array $body,
        string $field,
        int $status = 422,
    ): void {
        $child = $this->addChild('Wim', '2021-06-01');
        $named = static fn (string $text): string => str_replace('CHILD', $child, $text);
        $before = $this->ask('GET', '/week');
        $body = json_decode($named(json_encode($body, \JSON_THROW_ON_ERROR)), true) + (str_contains($path, 'calendar') ? [] : ['version' => 0]);

        $this->refuse($status, $named($field), $method, $named($path), $body);
        self::assertSame($before, $this->ask('GET', '/week'));
    }

    public function test_a_holiday_of_four_hundred_days_is_said_to_be_too_long(): void
    {
        $problem = $this->ask('POST', '/week/holidays', ['from' => '2026-02-01', 'to' => '2027-03-04', 'version' => 0], 422);

        self::assertStringContainsString('That is 397 days; 366 at a time are enough', $problem['detail']);
        $problem = $this->ask('POST', '/week/holidays', ['from' => '2026-03-06', 'to' => '2026-03-05', 'version' => 0], 422);
        self::assertSame('It ends on 5 March 2026, before it begins on 6 March 2026.', $problem['detail']);
        $this->refuse(422, 'to', 'POST', '/week/holidays', ['from' => '2026-03-05', 'to' => '2027-04-09', 'version' => 0]);
    }

    public function test_a_week_of_no_days_is_a_week_in_which_nothing_is_likely(): void
    {
        $this->plannedHouse();
        foreach (range(1, 7) as $weekday) {
            $this->usual($weekday, []);
        }
        $lines = $this->outlook('');

        self::assertSame([], array_merge(...array_column(array_merge(...array_column(\array_slice($this->days($lines), 1), 'children')), 'setUps')));
        self::assertSame([], array_filter(array_column($this->ask('GET', '/week')['usual'], 'windows')));
    }

    public function test_the_outlook_goes_from_today_to_the_end_of_the_week_and_nothing_of_it_is_stored(): void
    {
        $setUp = $this->plannedHouse();
        $stored = $this->rows('set_up');
        $lines = $this->outlook('');
        $days = $this->days($lines);

        self::assertSame(['2026-03-04', '2026-03-05', '2026-03-06', '2026-03-07', '2026-03-08'], array_column($days, 'date'));
        self::assertSame([true, false, false, false, false], array_column($days, 'isPlanned'));
        self::assertSame([$setUp['name']], array_values(array_unique(array_intersect(
            [$setUp['name']],
            array_column($days[0]['children'][0]['setUps'], 'name'),
        ))));
        self::assertNotSame([], $days[1]['children'][0]['setUps']);
        self::assertArrayHasKey('waits', self::end($lines));
        self::assertSame([$stored, 1], [$this->rows('set_up'), $this->rows('day')]);
        self::assertSame($lines, $this->outlook(''), 'the same again');
        $next = $this->days($this->outlook('?day=2026-03-10'));
        self::assertSame('2026-03-09', $next[0]['date']);
        self::assertCount(7, $next);
        foreach ($days as $day) {
            self::assertSame($day['withMinutes'] >= InWeek::HEAVY, $day['isHeavy']);
        }
    }

    public function test_a_later_day_is_planned_in_full_when_it_is_asked_for(): void
    {
        $this->plannedHouse();
        $this->ask('POST', '/today/plan?day=2026-03-06', []);

        self::assertSame([true, false, true, false, false], array_column($this->days($this->outlook('')), 'isPlanned'));
        self::assertNotSame([], $this->ask('GET', '/week')['days'][4]['children'][0]['setUps']);
        self::assertNotSame([], $this->ask('POST', '/today/plan?day=2026-03-15', [])['setUps'], 'the end of next week');
        $this->refuse(422, 'day', 'POST', '/today/plan?day=2026-03-16', []);
    }

    public function test_what_likely_comes_is_printed_as_one_set(): void
    {
        $this->addChild('Wim', '2019-06-01');
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'cups', 'socks', 'buttons']]);
        $lines = $this->outlook('');
        $make = array_filter(self::end($lines)['make'], static fn (array $want): bool => null !== $want['kind']);
        self::assertNotSame([], $make);
        $set = $this->ask('GET', '/make/set?until=likely');

        self::assertSame([], array_diff(array_column($make, 'propId'), array_column($set['sheets'], 'propId')));
        self::assertStringStartsWith('%PDF', $this->text('/make/set.pdf?until=likely'));
        self::assertSame(['today', 'tomorrow', 'week'], array_column($this->ask('GET', '/make')['wanted'], 'until'), 'nobody waits for it in Make');
    }

    public function test_a_day_that_did_not_happen_is_told_without_reproach_and_what_was_asked_for_comes_again(): void
    {
        $setUp = $this->plannedHouse();
        $wished = $setUp['activityId'];
        $this->connection()->executeStatement('UPDATE day SET wanted = ?', [json_encode([$wished])]);
        foreach (['day', 'set_up', 'sitting'] as $table) {
            $this->connection()->executeStatement('UPDATE '.$table." SET date = '2026-03-03'");
        }
        $week = $this->ask('GET', '/week');
        self::assertSame('This day did not happen, and nothing is owed.', $week['days'][1]['untouched']);
        $lines = $this->outlook('');
        self::assertSame(['2026-03-03'], array_keys(self::end($lines)['missed']));
        self::assertStringStartsWith('This day did not happen, and nothing is owed. What matters comes again: ', self::end($lines)['missed']['2026-03-03']);
        self::assertStringContainsString('for Wim on', self::end($lines)['missed']['2026-03-03']);

        $today = $this->ask('POST', '/today/plan', []);
        self::assertSame([$wished], array_column($today['wanted'], 'activityId'));
        self::assertContains($wished, array_column($today['setUps'], 'activityId'));
    }

    public function test_tomorrow_is_planned_after_today_and_once_more_when_today_did_not_happen(): void
    {
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['buttons', 'cups', 'socks', 'wooden-blocks', 'teaspoons']]);
        $this->plannedHouse();
        $steps = static fn (array $day): array => array_values(array_unique(array_map(
            static fn (array $setUp): string => $setUp['sittings'][0]['step']['id'],
            $day['setUps'],
        )));
        $today = $steps($this->ask('GET', '/today'));
        $tomorrow = $steps($this->ask('POST', '/today/plan?day=2026-03-05', []));
        self::assertLessThan(\count($today), \count(array_intersect($today, $tomorrow)), 'tomorrow is not today once more');

        foreach (['2026-03-04' => '2026-03-03', '2026-03-05' => '2026-03-04'] as $was => $is) {
            foreach (['day', 'set_up', 'sitting'] as $table) {
                $this->connection()->executeStatement('UPDATE '.$table.' SET date = ? WHERE date = ?', [$is, $was]);
            }
        }
        $then = $this->ask('GET', '/today');
        self::assertGreaterThan(\count(array_intersect($today, $tomorrow)), \count(array_intersect($today, $steps($then))), 'what matters comes again');
        self::assertSame($then['version'], $this->ask('GET', '/today')['version'], 'and that once');
    }

    #[TestWith(['2026-02-18', true])]
    #[TestWith(['2026-02-19', false])]
    public function test_after_fourteen_untouched_days_one_looks_round(string $last, bool $isLong): void
    {
        $setUp = $this->plannedHouse();
        $child = $setUp['sittings'][0]['childId'];
        self::assertNull($this->ask('GET', '/week')['back'], 'a house that has just begun has nothing to come back to');
        $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']);
        self::assertNull($this->ask('GET', '/today')['back']);
        foreach (['day', 'set_up', 'sitting'] as $table) {
            $this->connection()->executeStatement('UPDATE '.$table.' SET date = ?', [$last]);
        }
        $this->connection()->executeStatement('UPDATE attempt SET day = ?', [$last]);
        $said = $isLong ? 'Nothing was written down for 14 days, and that is fine.' : null;

        foreach (['/week', '/today'] as $room) {
            $back = $this->ask('GET', $room)['back'];
            self::assertSame($said, null === $back ? null : substr($back, 0, 55));
        }
        $this->refuse(409, 'childId', 'POST', '/children/'.$child.'/first-look/round');

        // What was seen elsewhere was seen.
        $of = self::service(Children::class)->child($child, LocalDate::parse('2026-03-04'));
        self::service(Evidence::class)->note($of, Make::handMark('put-together@5', 1, Mark::Begun));
        self::assertNull($this->ask('GET', '/week')['back']);
    }

    public function test_a_look_round_asks_for_what_may_have_faded_and_changes_nothing_beforehand(): void
    {
        $child = $this->addChild('Wim', '2021-06-01');
        foreach (['put-together@5', 'put-together@10', 'take-apart@5'] as $stepId) {
            $of = self::service(Children::class)->child($child, LocalDate::parse('2026-03-04'));
            self::service(Evidence::class)->note($of, Make::handMark($stepId, -300, Mark::CanDo));
        }
        $priors = $this->connection()->fetchOne('SELECT priors FROM child');
        $round = $this->ask('POST', '/children/'.$child.'/first-look/round');

        self::assertSame([true, 'open', 0], [$round['isRound'], $round['state'], $round['done']]);
        self::assertGreaterThan(0, $round['most']);
        $answer = [
            'id' => '0195a000-0000-4000-8000-000000000001',
            'stepId' => $round['task']['step']['id'],
            'outcome' => 'at-once',
            'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
            'at' => 1000 * time(),
        ];
        $then = $this->ask('POST', '/children/'.$child.'/first-look/answers', $answer);
        self::assertSame([1, 1, 0], [$then['done'], $then['there'], $then['unsure']]);
        self::assertSame(1 === $round['most'] ? 'over' : 'open', $then['state']);
        self::assertSame($priors, $this->connection()->fetchOne('SELECT priors FROM child'));
    }

    public function test_the_clock_that_changes_within_the_hours_is_said(): void
    {
        $week = $this->ask('PUT', '/week/days/2026-03-29', ['windows' => [[30, 150], [540, 580]], 'version' => 0]);
        self::assertSame('2026-03-02', $week['from']);
        $days = $this->ask('GET', '/week?day=2026-03-29')['days'];

        self::assertSame('The clocks go forward in this time: it lasts 60 minutes.', $days[6]['clock']);
        self::assertNull($days[5]['clock']);
        $this->ask('PUT', '/week/days/2026-10-25', ['windows' => [[30, 150]], 'version' => 1]);
        self::assertSame('The clocks go back in this time: it lasts 180 minutes.', $this->ask('GET', '/week?day=2026-10-25')['days'][6]['clock']);
    }

    public function test_a_zone_that_does_not_exist_is_refused(): void
    {
        $this->refuse(422, 'zone', 'PUT', '/house/zone', ['zone' => 'Europe/Atlantis']);
    }

    #[TestWith(['a4', 1])]
    #[TestWith(['letter', 6])]
    public function test_a_week_is_printed_on_one_page(string $paper, int $children): void
    {
        foreach (range(1, $children) as $i) {
            $this->addChild('Wilhelmina-Alexandrina the '.$i, (2016 + $i).'-03-01');
        }
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids', 'cups', 'socks']]);
        $this->ask('POST', '/week/holidays', ['from' => '2026-03-07', 'to' => '2026-03-08', 'version' => 0]);
        $pdf = $this->text('/week/week.pdf?paper='.$paper);

        self::assertStringStartsWith('%PDF', $pdf);
        self::assertSame(1, preg_match_all('~/Type /Page\b~', $pdf));
    }

    /**
     * @param list<array{int, int}> $windows
     *
     * @return array<string, mixed> the week
     */
    private function usual(int $weekday, array $windows): array
    {
        return $this->ask('PUT', '/week/usual/'.$weekday, ['windows' => $windows, 'version' => $this->ask('GET', '/week')['version']]);
    }

    /** @return list<array<string, mixed>> */
    private function outlook(string $query): array
    {
        $this->browser->request('GET', '/api/week/outlook'.$query);
        self::assertResponseIsSuccessful();

        return array_map(
            static fn (string $line): array => (array) json_decode($line, true, 512, \JSON_THROW_ON_ERROR),
            explode("\n", trim($this->browser->getInternalResponse()->getContent())),
        );
    }

    /**
     * @param list<array<string, mixed>> $lines
     *
     * @return list<array<string, mixed>>
     */
    private function days(array $lines): array
    {
        return array_values(array_filter(array_column($lines, 'day')));
    }

    /**
     * @param list<array<string, mixed>> $lines
     *
     * @return array<string, mixed>
     */
    private static function end(array $lines): array
    {
        return $lines[\count($lines) - 1]['end'] ?? self::fail('The outlook broke off.');
    }

    private function rows(string $table): int
    {
        return (int) $this->connection()->fetchOne('SELECT COUNT(*) FROM '.$table);
    }

    private function connection(): Connection
    {
        return self::service(Connection::class);
    }
}
