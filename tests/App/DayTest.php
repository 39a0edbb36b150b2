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
            self::assertThat($setUp['start'], self::logicalOr(self::logicalAnd(self::greaterThanOrEqual(600), self::lessThan(615)), self::greaterThanOrEqual(900)));
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
            self::assertNotSame('', $turn['scene']['alt']);
            self::assertDoesNotMatchRegularExpression('/\{\w/', $turn['ask'].$turn['answer'].$turn['scene']['alt'], 'every value is filled in');
        }
    }

    public function test_the_whole_round_plan_table_outcomes_decision_next_plan_and_map(): void
    {
        $setUp = $this->plannedHouse();
        $sitting = $setUp['sittings'][0];
        $table = $this->ask('GET', '/table/'.$setUp['id']);
        $before = $this->ask('GET', '/map/'.$sitting['childId'].'/'.$sitting['step']['id']);
        self::assertSame('new', $before['mark']);

        for ($place = 0; $place < \count($table['turns']); ++$place) {
            $answer = $this->ask('POST', '/table/'.$setUp['id'].'/tries', $this->tap($setUp, $place, 'at-once'));
        }
        self::assertContains($answer['mark'] ?? '', ['trying', 'steady']);
        $end = $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done'])['ends'][0];
        self::assertSame(['further', 'new', 'steady'], [$end['kind'], $end['markBefore'], $end['markAfter']]);
        self::assertSame('The last five without help. Next time it goes a little further.', $end['sentence']);

        $day = $this->ask('GET', '/today');
        $done = array_values(array_filter($day['setUps'], static fn (array $one): bool => 'done' === $one['state']));
        self::assertSame([$setUp['id']], array_column($done, 'id'), 'what is done stays');
        self::assertSame('further', $done[0]['sittings'][0]['decision']['kind']);
        foreach ($day['setUps'] as $other) {
            if ('planned' === $other['state']) {
                self::assertNotSame($sitting['step']['id'], $other['sittings'][0]['step']['id'], 'not the same step again today');
            }
        }

        $after = $this->ask('GET', '/map/'.$sitting['childId'].'/'.$sitting['step']['id']);
        self::assertSame('steady', $after['mark']);
        self::assertCount(\count($table['turns']), $after['seen']);
        self::assertSame('2026-03-04', $after['seen'][0]['day']);
    }

    public function test_sending_a_try_twice_records_it_once(): void
    {
        $setUp = $this->plannedHouse();
        $tap = $this->tap($setUp, 0, 'at-once');
        $first = $this->ask('POST', '/table/'.$setUp['id'].'/tries', $tap);

        self::assertSame($first, $this->ask('POST', '/table/'.$setUp['id'].'/tries', $tap));
        self::assertCount(1, array_filter($this->ask('GET', '/table/'.$setUp['id'])['turns'], static fn (array $turn): bool => null !== $turn['done']));
    }

    public function test_two_devices_do_not_answer_one_question_twice(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/tries', $this->tap($setUp, 0, 'at-once'));

        $this->refuse(409, 'place', 'POST', '/table/'.$setUp['id'].'/tries', $this->tap($setUp, 0, 'not-yet', '0195a000-0000-4000-8000-00000000eeee'));
    }

    public function test_a_try_taken_back_counts_no_more_but_stays_visible(): void
    {
        $setUp = $this->plannedHouse();
        $step = $this->ask('GET', '/table/'.$setUp['id'])['turns'][0]['stepId'];
        $path = '/map/'.$setUp['sittings'][0]['childId'].'/'.$step;
        $this->ask('POST', '/table/'.$setUp['id'].'/tries', $this->tap($setUp, 0, 'not-yet'));
        self::assertSame('trying', $this->ask('GET', $path)['mark']);

        $this->ask('DELETE', '/table/tries/'.$this->tap($setUp, 0, 'x')['id']);
        $evidence = $this->ask('GET', $path);
        self::assertSame('new', $evidence['mark']);
        self::assertTrue($evidence['seen'][0]['removed']);
        // The question can be answered again.
        $this->ask('POST', '/table/'.$setUp['id'].'/tries', $this->tap($setUp, 0, 'at-once', '0195a000-0000-4000-8000-00000000ffff'));
    }

    public function test_what_is_begun_outlives_a_new_plan_and_finishing_twice_changes_nothing(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/table/'.$setUp['id'].'/tries', $this->tap($setUp, 0, 'at-once'));
        $this->ask('POST', '/today/plan', ['wet' => true]);
        $first = $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'had-enough']);

        self::assertSame('rest-it', $first['ends'][0]['kind']);
        self::assertSame($first, $this->ask('POST', '/table/'.$setUp['id'].'/finish', ['ending' => 'done']));
        $this->refuse(409, 'setUpId', 'POST', '/table/'.$setUp['id'].'/tries', $this->tap($setUp, 1, 'at-once'));
    }

    public function test_a_set_up_that_was_planned_away_says_so(): void
    {
        $setUp = $this->plannedHouse();
        $this->ask('POST', '/today/plan', []);

        $this->refuse(404, 'setUpId', 'GET', '/table/'.$setUp['id']);
    }

    /**
     * @param array<string, mixed> $setUp
     *
     * @return array<string, mixed>
     */
    private static function essence(array $setUp): array
    {
        return ['family' => $setUp['familyId'], 'start' => $setUp['start'], 'step' => $setUp['sittings'][0]['step']['id'], 'laid' => $setUp['laid'], 'scene' => $setUp['scene']['alt']];
    }
}
