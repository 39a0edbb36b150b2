<?php

declare(strict_types=1);

namespace Pindle\Tests\App;

/** From the plan to the table to the next plan. */
final class DayTest extends ApiTestCase
{
    public function test_today_says_what_is_missing_before_it_can_be_planned(): void
    {
        $day = $this->ask('GET', '/today');

        self::assertSame(['2026-03-04', false, false, []], [$day['date'], $day['planned'], $day['hasThings'], $day['children']]);
    }

    public function test_a_plan_is_kept_and_the_same_when_asked_again(): void
    {
        $this->plannedHouse();

        self::assertSame($this->ask('GET', '/today'), $this->ask('GET', '/today'));
        $once = array_map(self::essence(...), $this->ask('POST', '/today/plan', [])['setUps']);
        self::assertSame($once, array_map(self::essence(...), $this->ask('POST', '/today/plan', [])['setUps']));
        self::assertNotSame([], $once);
    }

    public function test_the_day_can_be_changed(): void
    {
        $this->plannedHouse();
        $day = $this->ask('POST', '/today/plan', ['windows' => [[900, 920], [600, 615]], 'wet' => true, 'quiet' => true]);

        self::assertSame([[600, 615], [900, 920]], $day['windows']);
        self::assertTrue($day['wet'] && $day['quiet']);
        foreach ($day['setUps'] as $setUp) {
            self::assertThat(
                $setUp['start'],
                self::logicalOr(self::logicalAnd(self::greaterThanOrEqual(600), self::lessThan(615)), self::greaterThanOrEqual(900)),
            );
        }
        $this->refuse(422, 'windows.1', 'POST', '/today/plan', ['windows' => [[600, 620], [610, 630]]]);
        $this->refuse(422, 'windows.0', 'POST', '/today/plan', ['windows' => [[620, 600]]]);
        self::assertSame($day['windows'], $this->ask('GET', '/today')['windows']);
    }

    public function test_the_table_has_everything_a_set_up_needs(): void
    {
        $setUp = $this->plannedHouse();
        $table = $this->ask('GET', '/table/'.$setUp['id']);

        self::assertCount($setUp['sittings'][0]['questions'], $table['turns']);
        foreach ($table['turns'] as $turn) {
            self::assertNotSame('', $turn['ask']);
            self::assertNotSame('', $turn['answer']);
            self::assertMatchesRegularExpression('/^(<svg [^>]*role="img" aria-label="[^"]+"|$)/', $turn['picture']);
            self::assertStringNotContainsString('style=', $turn['picture']);
            self::assertDoesNotMatchRegularExpression('/\{\w/', $turn['ask'].$turn['answer'].$turn['picture'], 'every value is filled in');
        }
    }

    public function test_the_whole_round_plan_table_outcomes_decision_next_plan_and_map(): void
    {
        $setUp = $this->plannedHouse();
        $sitting = $setUp['sittings'][0];
        $table = $this->ask('GET', '/table/'.$setUp['id']);
        $before = $this->ask('GET', '/map/'.$sitting['childId'].'/'.$sitting['step']['id']);
        self::assertSame('not-met', $before['standing']['mark']);

        for ($number = 0; $number < \count($table['turns']); ++$number) {
            $answer = $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, $number, 'at-once'));
        }
        self::assertContains($answer['mark'] ?? '', ['begun', 'nearly']);
        $end = $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done'])['ends'][0];
        self::assertSame(['rest-it', 'not-met', 'nearly'], [$end['kind'], $end['markBefore'], $end['markAfter']]);
        self::assertMatchesRegularExpression(
            '/^\d+ of \d+ without help: nearly there. It rests 6 days, so that you see whether it stays\.$/',
            $end['sentence'],
        );

        $day = $this->ask('GET', '/today');
        $done = array_values(array_filter($day['setUps'], static fn (array $one): bool => 'done' === $one['state']));
        self::assertSame([$setUp['id']], array_column($done, 'id'), 'what is done stays');
        self::assertSame('rest-it', $done[0]['sittings'][0]['decision']['kind']);
        foreach ($day['setUps'] as $other) {
            if ('planned' === $other['state']) {
                self::assertNotSame($sitting['step']['id'], $other['sittings'][0]['step']['id'], 'not the same step again today');
            }
        }

        $after = $this->ask('GET', '/map/'.$sitting['childId'].'/'.$sitting['step']['id']);
        self::assertSame('nearly', $after['standing']['mark']);
        self::assertMatchesRegularExpression('/^This rests on \d+ tries\.$/', $after['restsOn']);
        self::assertCount(
            \count(array_keys(array_column($table['turns'], 'stepId'), $sitting['step']['id'], true)),
            $after['history']['seen'],
            'the others were about steps that are there already',
        );
        self::assertSame('2026-03-04', $after['history']['seen'][0]['day']);
    }

    public function test_a_lay_out_of_what_is_spoken_or_drawn_never_says_nought_things(): void
    {
        $this->addChild('Wim', '2018-06-01');
        $this->ask('POST', '/today/plan', ['windows' => [[540, 640]]]);
        $this->ask('POST', '/activities/tower-chant/use', [], 204);
        $chant = array_values(array_filter($this->ask('GET', '/today')['setUps'], static fn (array $setUp): bool => 'tower-chant' === $setUp['activityId']))[0];

        self::assertSame([], $chant['laid']);
        self::assertSame('Nothing to lay out: hands, feet or fingers do.', $this->ask('GET', '/table/'.$chant['id'])['layOut']);
    }

    public function test_sending_a_try_twice_records_it_once(): void
    {
        $setUp = $this->plannedHouse();
        $tap = $this->tap($setUp, 0, 'at-once');
        $first = $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap);

        self::assertSame($first, $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap));
        self::assertCount(1, array_filter($this->ask('GET', '/table/'.$setUp['id'])['turns'], static fn (array $turn): bool => null !== $turn['done']));
    }

    public function test_two_devices_do_not_answer_one_question_twice(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));

        $this->refuse(409, 'questionId', 'POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'not-yet', '0195a000-0000-4000-8000-00000000eeee'));
    }

    public function test_a_try_taken_back_counts_no_more_but_stays_visible(): void
    {
        $setUp = $this->plannedHouse();
        $step = $this->ask('GET', '/table/'.$setUp['id'])['turns'][0]['stepId'];
        $path = '/map/'.$setUp['sittings'][0]['childId'].'/'.$step;
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'not-yet'));
        self::assertSame('begun', $this->ask('GET', $path)['standing']['mark']);

        $this->ask('DELETE', '/table/attempts/'.$this->tap($setUp, 0, 'x')['id']);
        $evidence = $this->ask('GET', $path);
        self::assertSame('not-met', $evidence['standing']['mark']);
        self::assertTrue($evidence['history']['seen'][0]['removed']);
        // The question can be answered again.
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once', '0195a000-0000-4000-8000-00000000ffff'));
    }

    public function test_what_is_begun_outlives_a_new_plan_and_finishing_twice_changes_nothing(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', '/today/plan', ['wet' => true]);
        $first = $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'had-enough']);

        self::assertSame('rest-it', $first['ends'][0]['kind']);
        self::assertSame($first, $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']));

        // What waited on another device is still kept, and nobody is advised any more; what was decided stays.
        $late = $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 1, 'not-yet'));
        self::assertNull($late['advice']);
        self::assertSame($first['ends'], $this->ask('GET', '/table/'.$setUp['id'])['ends']);
        self::assertCount(2, array_filter(array_column($this->ask('GET', '/table/'.$setUp['id'])['turns'], 'done')));
    }

    public function test_minutes_already_sat_are_taken_off_the_day(): void
    {
        $childId = (string) $this->ask('POST', '/children', ['name' => 'Wim', 'born' => '2020-06-01', 'minutesADay' => 20, 'longestSitting' => 8], 201)['id'];
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['corks', 'clothes-pegs', 'jar-lids']]);
        $sat = static fn (array $setUps): int => array_sum(array_map(static fn (array $setUp): int => $setUp['end'] - $setUp['start'], $setUps));
        $setUps = $this->ask('POST', '/today/plan', ['windows' => [[540, 600], [780, 900]]])['setUps'];
        self::assertLessThanOrEqual(20, $sat($setUps));
        self::assertGreaterThan(8, $sat($setUps), 'and the day is used: more than one sitting');

        $this->ask('POST', '/table/'.$setUps[0]['id'].'/attempts', $this->tap($setUps[0], 0, 'at-once'));
        self::assertLessThanOrEqual(20, $sat($this->ask('POST', '/today/plan', [])['setUps']), 'what is begun counts');
        $this->ask('POST', '/table/'.$setUps[0]['id'].'/finish', ['ending' => 'done']);
        self::assertLessThanOrEqual(20, $sat($this->ask('GET', '/today')['setUps']), 'and what is done');
        self::assertSame(
            [$childId],
            array_values(array_unique(array_merge(...array_map(static fn (array $setUp): array => array_column($setUp['sittings'], 'childId'), $setUps)))),
        );
    }

    public function test_what_is_done_with_need_not_be_brought(): void
    {
        $childId = $this->addChild('Wim', '2023-06-01');
        $this->ask('POST', '/map/'.$childId.'/wanted', ['on' => true, 'stepId' => 'count-out@5']);
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['clothes-pegs']]);
        foreach (['fetch-me', 'sort-then-see', 'squash-count', 'moved-again'] as $known) {
            $this->ask('PUT', '/activities/'.$known.'/known', ['known' => true], 204);
        }
        $day = $this->ask('POST', '/today/plan', ['windows' => [[540, 552]]]);
        $with = array_values(array_filter($day['setUps'], static fn (array $setUp): bool => [] !== $setUp['laid']))[0];
        self::assertSame(['clothes pegs'], array_column($day['bring'], 'name'));

        $this->ask('POST', '/table/'.$with['id'].'/attempts', $this->tap($with, 0, 'at-once'));
        self::assertSame(['clothes pegs'], array_column($this->ask('GET', '/today')['bring'], 'name'), 'begun, so it is on the table still');
        $this->ask('POST', '/table/'.$with['id'].'/finish', ['ending' => 'done']);
        self::assertSame([], array_column($this->ask('GET', '/today')['bring'], 'name'));
    }

    public function test_frames_are_filled_the_same_way_until_the_step_is_can_do_and_in_other_ways_from_then_on(): void
    {
        $childId = (string) $this->ask('POST', '/children', ['name' => 'Wim', 'born' => '2022-01-01', 'longestSitting' => 20, 'minutesADay' => 40], 201)['id'];
        $this->ask('POST', '/map/'.$childId.'/wanted', ['on' => true, 'stepId' => 'ten-frame@10']);
        $this->ask('POST', '/cupboard/tick', ['shipped' => ['wooden-blocks', 'jar-lids']]);
        $setUp = array_values(array_filter(
            $this->ask('POST', '/today/plan', ['windows' => [[540, 640]]])['setUps'],
            static fn (array $one): bool => 'ten-frame@10' === $one['sittings'][0]['step']['id'],
        ))[0];
        $pictures = fn (): array => array_column(
            array_filter($this->ask('GET', '/table/'.$setUp['id'])['turns'], static fn (array $turn): bool => 'ten-frame@10' === $turn['stepId']),
            'picture',
            'questionId',
        );
        // Begun, so that the questions stay.
        $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $this->tap($setUp, 0, 'at-once'));
        $before = $pictures();
        $this->ask(
            'POST',
            "/map/$childId/ten-frame@10/mark",
            [
                'id' => '0195a000-0000-4000-8000-0000000000ab',
                'mark' => 'can-do',
                'note' => '',
                'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
                'at' => 1000 * time(),
            ],
        );

        self::assertSame(array_keys($before), array_keys($pictures()));
        self::assertNotSame($before, $pictures());
        $varied = $pictures();
        $version = $this->ask('PUT', '/house', ['settings' => ['frame-filling' => 'upright'], 'version' => 0])['version'];
        self::assertSame($varied, $pictures(), 'no way of the house\'s any more');
        $this->ask('PUT', '/house', ['settings' => [], 'version' => $version]);
        $this->ask(
            'POST',
            "/map/$childId/ten-frame@10/mark",
            [
                'id' => '0195a000-0000-4000-8000-0000000000ac',
                'mark' => 'nearly',
                'note' => '',
                'deviceId' => '0195a000-0000-4000-8000-00000000dddd',
                'at' => 1000 * time(),
            ],
        );
        self::assertSame($before, $pictures());
    }

    public function test_an_idea_about_a_sitting_that_is_not_there_is_refused_and_one_that_comes_after_the_end_changes_nothing(): void
    {
        $setUp = $this->plannedHouse();
        $idea = ['sittingId' => $setUp['sittings'][0]['id'], 'idea' => 'finish-easy', 'taken' => true];
        $this->refuse(422, 'sittingId', 'POST', '/table/'.$setUp['id'].'/advice', ['sittingId' => '0195a000-0000-7000-8000-000000000000'] + $idea);
        $this->refuse(422, 'idea', 'POST', '/table/'.$setUp['id'].'/advice', ['idea' => 'a-biscuit'] + $idea);
        $done = $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']);
        self::assertSame($done, $this->ask('POST', '/table/'.$setUp['id'].'/advice', $idea));
    }

    public function test_an_idea_sent_twice_is_taken_once_and_a_tap_sent_twice_must_say_the_same(): void
    {
        $setUp = $this->plannedHouse();
        $tap = $this->tap($setUp, 0, 'at-once', '0195a000-0000-4000-8000-00000000abcd');
        $first = $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap);
        self::assertSame($first['id'], $this->ask('POST', '/table/'.$setUp['id'].'/attempts', ['id' => strtoupper($tap['id'])] + $tap)['id']);
        foreach ([['outcome' => 'not-yet'], ['help' => 'shown'], ['method' => 'fingers'], ['questionId' => $this->questions($setUp)[1]]] as $other) {
            $this->refuse(409, 'id', 'POST', '/table/'.$setUp['id'].'/attempts', $other + $tap);
        }
        self::assertCount(1, array_filter(array_column($this->ask('GET', '/table/'.$setUp['id'])['turns'], 'done')));

        $idea = ['id' => '0195A000-0000-4000-8000-0000000000AC', 'sittingId' => $setUp['sittings'][0]['id'], 'idea' => 'show-and-ask-again', 'taken' => true];
        $once = $this->ask('POST', '/table/'.$setUp['id'].'/advice', $idea);
        self::assertSame($once, $this->ask('POST', '/table/'.$setUp['id'].'/advice', ['id' => strtolower($idea['id'])] + $idea));
        self::assertNotSame($once, $this->ask('POST', '/table/'.$setUp['id'].'/advice', ['id' => '0195a000-0000-4000-8000-0000000000ad'] + $idea));
    }

    public function test_a_set_up_keeps_its_address_when_the_day_is_planned_again(): void
    {
        $setUp = $this->plannedHouse();
        $turns = $this->ask('GET', '/table/'.$setUp['id'])['turns'];
        $again = $this->ask('POST', '/today/plan', [])['setUps'];

        self::assertSame($setUp['id'], $again[0]['id']);
        self::assertSame($turns, $this->ask('GET', '/table/'.$setUp['id'])['turns'], 'nothing changed, so every question is still itself');
    }

    public function test_what_is_planned_away_can_still_be_tapped_on_a_device_that_shows_it_and_is_in_the_plan_again(): void
    {
        $this->plannedHouse();
        $withThings = array_filter($this->ask('GET', '/today')['setUps'], static fn (array $one): bool => [] !== $one['laid']);
        self::assertNotSame([], $withThings);
        $setUp = array_values($withThings)[0];
        $tap = $this->tap($setUp, 0, 'at-once');
        foreach ($this->ask('GET', '/cupboard')['things'] as $thing) {
            $this->ask('DELETE', '/cupboard/'.$thing['id'], null, 204);
        }
        $day = $this->ask('POST', '/today/plan', ['quiet' => true, 'windows' => [[1200, 1206]]]);
        self::assertNotContains($setUp['id'], array_column($day['setUps'], 'id'));

        self::assertSame('bare', $this->ask('POST', '/table/'.$setUp['id'].'/attempts', $tap)['help']);
        self::assertContains(
            [$setUp['id'], 'begun'],
            array_map(static fn (array $one): array => [$one['id'], $one['state']], $this->ask('GET', '/today')['setUps']),
        );
    }

    /**
     * @param array<string, mixed> $setUp
     *
     * @return array<string, mixed>
     */
    private static function essence(array $setUp): array
    {
        return [
            'activity' => $setUp['activityId'],
            'start' => $setUp['start'],
            'step' => $setUp['sittings'][0]['step']['id'],
            'laid' => $setUp['laid'],
            'picture' => $setUp['picture'],
        ];
    }
}
