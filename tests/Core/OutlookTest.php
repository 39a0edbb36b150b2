<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Clause;
use Pindle\Core\Evidence\ClauseKind;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\Candidates;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayAhead;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Expected;
use Pindle\Core\Planning\InWeek;
use Pindle\Core\Planning\Lack;
use Pindle\Core\Planning\LackReason;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\LivedDay;
use Pindle\Core\Planning\Opening;
use Pindle\Core\Planning\Outlook;
use Pindle\Core\Planning\OutlookDay;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Planning\WhyWaits;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Tests\Make;

final class OutlookTest extends TestCase
{
    public function test_the_first_day_is_the_plan_it_would_have_and_the_same_days_give_the_same_outlook(): void
    {
        [$days, $waits] = self::outlook(self::week());
        $plan = self::planner()->plan(self::week()[0]->request);

        $short = static fn (SetUp $setUp): array => [$setUp->activity->id, $setUp->span, $setUp->childIds()];
        self::assertEquals(array_map($short, $plan->setUps), array_map($short, $days[0]->setUps));
        self::assertEquals([$days, $waits], self::outlook(self::week()));
        self::assertCount(5, array_filter($days, static fn (OutlookDay $day): bool => [] !== $day->setUps));
    }

    public function test_a_day_off_has_nothing_and_no_two_days_have_a_set_up_of_the_same_name(): void
    {
        $week = self::week();
        $week[2] = new DayAhead($week[2]->request->during([]));
        [$days] = self::outlook(array_values($week));

        self::assertSame([], $days[2]->setUps);
        self::assertSame([], $days[2]->due);
        $keys = array_map(
            static fn (SetUp $setUp): string => $setUp->key,
            array_merge(...array_map(static fn (OutlookDay $day): array => $day->setUps, $days)),
        );
        self::assertSame($keys, array_unique($keys));
    }

    public function test_what_is_planned_in_full_stays_and_is_expected_to_come_about(): void
    {
        $week = self::week();
        $planned = self::planner()->plan($week[0]->request)->setUps;
        [$days] = self::outlook([new DayAhead($week[0]->request, $planned), $week[1]]);
        [$without] = self::outlook([new DayAhead($week[0]->request, []), $week[1]]);

        self::assertSame($planned, $days[0]->setUps);
        self::assertTrue($days[0]->isPlanned);
        self::assertFalse($days[1]->isPlanned);
        self::assertNotSame($without[1]->stepsOf('child'), $days[1]->stepsOf('child'), 'the next day follows from it');
    }

    public function test_at_most_so_many_new_games_a_week_as_the_house_wants_once_it_knows_some(): void
    {
        $used = [];
        foreach (\array_slice(Make::catalogue()->activities, 0, 30) as $activity) {
            $used[] = [$activity, 3, LocalDate::parse('2025-12-01')];
        }
        $days = iterator_to_array((new Outlook(self::planner()))->of(self::week(), $used, []), false);

        self::assertLessThanOrEqual(2, \count(array_merge(...array_map(static fn (OutlookDay $day): array => $day->new, $days))));
    }

    public function test_a_game_is_new_once(): void
    {
        [$days] = self::outlook(self::week(10));
        $new = array_merge(...array_map(static fn (OutlookDay $day): array => $day->new, $days));

        self::assertGreaterThan(2, \count($new));
        self::assertSame($new, array_unique($new));
    }

    public function test_the_days_before_count(): void
    {
        $record = self::canDo('put-together@5');
        $on = $record->nextLook('put-together@5')?->plusDays(20) ?? self::fail('It can be done.');
        $looks = static function (LivedDay ...$lived) use ($on, $record): bool {
            $outlook = (new Outlook(self::planner()))->of([new DayAhead(self::request($on, $record, back: true))], [], array_values($lived));

            return [] !== array_filter(
                array_merge(...array_map(static fn (SetUp $setUp): array => $setUp->sittings[0]->courses, iterator_to_array($outlook, false)[0]->setUps)),
                static fn (Course $course): bool => $course->reason->isLook(),
            );
        };

        self::assertFalse($looks());
        self::assertTrue($looks(new LivedDay($on->plusDays(-1), [], 0)));
    }

    public function test_a_look_falls_due_on_its_day_and_once(): void
    {
        $record = self::canDo('put-together@5');
        $due = $record->nextLook('put-together@5') ?? self::fail('It can be done.');
        $ahead = static fn (LocalDate $on): DayAhead => new DayAhead(self::request($on, $record), []);
        $days = iterator_to_array((new Outlook(self::planner()))->of([$ahead($due->plusDays(-1)), $ahead($due), $ahead($due->plusDays(1))], [], []), false);

        self::assertNotContains('put-together@5', $days[0]->due['child'] ?? []);
        self::assertContains('put-together@5', $days[1]->due['child'] ?? []);
        self::assertNotContains('put-together@5', $days[2]->due['child'] ?? []);
    }

    public function test_it_says_what_waits_and_why(): void
    {
        [$days, $waits] = self::outlook([self::week()[0]]);
        $comes = [];
        foreach ($days[0]->stepsOf('child') as $stepId) {
            $comes[] = Make::map()->step($stepId)->skill->strand->value;
        }

        self::assertNotSame([], $waits['child']);
        self::assertSame([], array_intersect($comes, array_keys($waits['child'])));
        self::assertContains(WhyWaits::NoRoom, $waits['child']);
        // In a house that does nothing but what it knows, and knows nothing, no game serves anything.
        $knows = array_map(static fn (Activity $activity): string => $activity->id, \array_slice(Make::catalogue()->activities, 0, 6));
        $few = self::week()[0]->request->knowing(new Repertoire(array_fill_keys($knows, 2), 0, [], 0));
        self::assertContains(WhyWaits::NoGame, self::planner()->waiting($few, self::planner()->prospects($few))['child']);
    }

    public function test_what_rests_waits_because_it_rests(): void
    {
        $on = LocalDate::parse('2026-03-02');
        $record = ChildRecord::blank(Make::map());
        $all = array_fill_keys(array_keys($record->map->steps), $on->plusDays(9));
        $request = self::request($on, $record, $all);

        self::assertSame([WhyWaits::Rests], array_values(array_unique(
            self::planner()->waiting($request, self::planner()->prospects($request))['child'],
            \SORT_REGULAR,
        )));
        self::assertTrue(WhyWaits::NoRoom->isNearerThan(WhyWaits::NoGame));
        self::assertTrue(WhyWaits::NoGame->isNearerThan(WhyWaits::Rests));
        self::assertFalse(WhyWaits::Rests->isNearerThan(WhyWaits::Rests));
    }

    public function test_as_many_questions_go_well_as_the_belief_lets_expect(): void
    {
        foreach ([[0.95, 5], [0.5, 3], [0.05, 0]] as [$p, $alone]) {
            $record = ChildRecord::blank(Make::map(), priors: ['put-together@5' => $p]);
            $learner = self::learner(LocalDate::parse('2026-03-02'), $record);
            $after = Expected::after($learner, self::laidOut('put-together@5', 6), LocalDate::parse('2026-03-02'))->record;

            self::assertSame(6, $after->state('put-together@5')->timesSeen(), (string) $p);
            self::assertGreaterThanOrEqual($alone, $after->state('put-together@5')->window->unaidedIn($after->settings->canDoRule), (string) $p);
            self::assertEquals($after, Expected::after($learner, self::laidOut('put-together@5', 6), LocalDate::parse('2026-03-02'))->record);
        }
        $other = self::learner(LocalDate::parse('2026-03-02'), ChildRecord::blank(Make::map()), id: 'other');
        self::assertSame($other, Expected::after($other, self::laidOut('put-together@5', 6), LocalDate::parse('2026-03-02')), 'who does not sit');
    }

    public function test_help_lets_expect_more_and_what_has_faded_less(): void
    {
        $on = LocalDate::parse('2026-03-02');
        $after = static fn (float $p, int $questions): ChildRecord => Expected::after(
            self::learner($on, ChildRecord::blank(Make::map(), priors: ['put-together@5' => $p])),
            self::laidOut('put-together@5', $questions),
            $on,
        )->record;
        self::assertSame(Help::PartDone, Ladder::help($after(0.05, 1)->state('put-together@5')), 'shown it goes well every other time');
        self::assertSame(Help::PartDone, Ladder::help($after(0.2, 2)->state('put-together@5')));
        self::assertSame(Help::Bare, Ladder::help($after(0.2, 3)->state('put-together@5')), 'half done it does more often than without');

        $record = self::canDo('put-together@5');
        foreach ([1 => false, 300 => true] as $days => $isMissed) {
            $then = Expected::after(self::learner(Make::day($days), $record), self::laidOut('put-together@5', 1), Make::day($days))->record;
            self::assertSame($isMissed, $then->state('put-together@5')->hasOneMiss(), $days.' days later');
        }
    }

    public function test_what_is_to_be_quick_is_expected_at_once_and_a_good_guess_is_near(): void
    {
        foreach (Make::map()->steps as $step) {
            if ($step->skill->isQuick() || $step->skill->isGuess()) {
                $learner = self::learner(Make::day(0), ChildRecord::blank(Make::map(), priors: [$step->id => 0.9]));
                for ($day = 0; $day < 4; ++$day) {
                    $learner = Expected::after($learner, self::laidOut($step->id, 8), Make::day($day));
                }
                $state = $learner->record->state($step->id);
                $rule = $learner->record->settings->canDoRule;
                $met = array_filter(CanDoClauses::of($rule, $step, $state), static fn (Clause $clause): bool => $clause->met);
                $kinds = array_map(static fn (Clause $clause): ClauseKind => $clause->kind, $met);
                self::assertContains($step->skill->isQuick() ? ClauseKind::AtOnce : ClauseKind::GuessError, $kinds, $step->id);
            }
        }
    }

    public function test_what_is_expected_rests_and_answers_what_was_chosen(): void
    {
        $on = LocalDate::parse('2026-03-02');
        $record = ChildRecord::blank(Make::map(), priors: ['put-together@5' => 0.2]);
        $learner = new Learner(Make::child('child', 60), $record, 24, chosen: ['put-together@5' => DecisionKind::Again]);
        $after = $learner;
        for ($day = 0; $day < 2; ++$day) {
            $after = Expected::after($after, self::laidOut('put-together@5', 6), $on->plusDays($day));
        }

        self::assertSame([], $after->chosen);
        self::assertSame(Mark::Nearly, $after->record->mark('put-together@5'));
        self::assertSame('2026-03-09', ($after->resting['put-together@5'] ?? null)?->toString(), 'Nearly rests');
    }

    public function test_a_brand_new_step_comes_early_in_a_week_of_three_days_or_more(): void
    {
        $new = self::ranked(true);
        foreach ([
            ['1.0', [[2, 2], [1, 1], [1, 0], [0, 1], [0, 0]]],
            ['1.3', [[0, 4], [1, 3], [1, 2], [0, 2]]],
            ['0.8', [[4, 0], [3, 1], [2, 1], [2, 0]]],
        ] as [$worth, $places]) {
            foreach ($places as [$before, $ahead]) {
                self::assertSame((float) $worth, (new InWeek($before, $ahead))->worth('child', $new, Mark::NotMet), $before.' before, '.$ahead.' ahead');
            }
        }
        self::assertSame(1.0, (new InWeek(4, 0))->worth('child', self::ranked(false), Mark::Begun), 'one that goes on comes at any time');
    }

    public function test_a_step_met_once_in_the_week_is_worth_more_on_another_day(): void
    {
        $met = static fn (string $day): LivedDay => new LivedDay(LocalDate::parse($day), ['child' => ['put-together@5']], 0);
        $worth = static fn (InWeek $week, Mark $mark = Mark::Begun, Reason $reason = Reason::KeepGoing): float => $week->worth(
            'child',
            self::ranked(false, $reason),
            $mark,
        );
        $thursday = LocalDate::parse('2026-03-05');
        $once = (new InWeek(3, 1))->after([$met('2026-03-03')], $thursday);

        self::assertSame(1.15, $worth($once));
        self::assertSame(1.0, $worth($once, Mark::CanDo));
        self::assertSame(1.0, $worth($once, Mark::Begun, Reason::Due), 'a look is a look');
        self::assertSame(1.0, $once->worth('other', self::ranked(false), Mark::Begun));
        self::assertSame(1.0, $worth((new InWeek(3, 1))->after([$met('2026-03-02'), $met('2026-03-03')], $thursday)), 'twice is enough');
        self::assertSame(1.0, $worth((new InWeek(3, 1))->after([$met('2026-03-01')], $thursday)), 'another week');
        self::assertSame(1.0, $worth((new InWeek(3, 1))->after([$met('2026-03-05')], $thursday)), 'today is not another day');
    }

    public function test_what_is_planned_for_a_day_before_is_worth_less_until_that_day_is_over(): void
    {
        $week = (new InWeek(1, 3))->awaiting(['child' => ['put-together@5']]);

        self::assertSame(0.4, $week->worth('child', self::ranked(false), Mark::Begun));
        self::assertSame([true, false], [$week->isAwaiting(), $week->after([], LocalDate::parse('2026-03-05'))->isAwaiting()]);
        self::assertSame(0.4, $week->worth('child', self::ranked(true), Mark::NotMet));
        self::assertSame(1.0, $week->worth('other', self::ranked(false), Mark::Begun));
        self::assertSame(1.0, $week->after([], LocalDate::parse('2026-03-05'))->worth('child', self::ranked(false), Mark::Begun));
    }

    public function test_the_day_after_a_heavy_one_minutes_with_the_parent_weigh_more(): void
    {
        $with = static fn (string $day, int $minutes): LivedDay => new LivedDay(LocalDate::parse($day), [], $minutes);
        $weight = static fn (LivedDay ...$lived): float => (new InWeek())->after(array_values($lived), LocalDate::parse('2026-03-05'))->withWeight();

        self::assertSame(3.0, $weight($with('2026-03-04', 25)));
        self::assertSame(1.0, $weight($with('2026-03-04', 24)));
        self::assertSame(3.0, $weight($with('2026-03-02', 25)), 'three days ago');
        self::assertSame(1.0, $weight($with('2026-03-01', 25)));
        self::assertSame(1.0, $weight($with('2026-03-03', 40), $with('2026-03-04', 10)), 'they alternate');
        self::assertSame(1.0, $weight($with('2026-03-05', 40)));

        $request = self::week()[3]->request;
        $parent = static fn (DayRequest $of): float => self::planner()->planOf($of, [self::laidOut('put-together@5', 4, Part::With)])->goal->parent;
        self::assertLessThan(0.0, $parent($request));
        self::assertEqualsWithDelta(3.0 * $parent($request), $parent($request->after([$with('2026-03-04', 25)])), 1e-9);
    }

    public function test_the_week_shapes_the_plan(): void
    {
        $record = ChildRecord::replay(Make::map(), array_map(
            static fn (int $i) => Make::anAttempt('put-together@5', 0, Outcome::WorkedItOut, minute: $i),
            range(0, 2),
        ));
        $worth = static function (InWeek $week) use ($record): array {
            $learner = self::learner(LocalDate::parse('2026-03-05'), $record);
            $ranked = (new Candidates(Make::catalogue()))->ranked($learner, LocalDate::parse('2026-03-05'), $week);

            return array_combine(array_map(static fn (RankedStep $one): string => $one->step->id, $ranked), array_map(
                static fn (RankedStep $one): float => $one->value(),
                $ranked,
            ));
        };
        [$early, $late] = [$worth(new InWeek(0, 4)), $worth(new InWeek(4, 0))];
        $tried = $early['put-together@5'];

        self::assertSame($tried, $late['put-together@5']);
        foreach (array_diff_key($early, ['put-together@5' => 0]) as $id => $value) {
            self::assertEqualsWithDelta(0.8 / 1.3 * $value, $late[$id], 1e-9, $id);
        }
        self::assertGreaterThanOrEqual(array_search('put-together@5', array_keys($late), true), array_search('put-together@5', array_keys($early), true));
    }

    public function test_what_the_week_makes_of_a_step_makes_the_others_worth_no_more_and_no_less(): void
    {
        $best = static fn (InWeek $week): array => self::planner()->prospects(self::request(
            LocalDate::parse('2026-03-05'),
            ChildRecord::blank(Make::map()),
            week: $week,
        ))->scale->best;

        self::assertEqualsWithDelta($best(new InWeek(2, 2)), $best(new InWeek(0, 4)), 1e-9);
        self::assertEqualsWithDelta($best(new InWeek(2, 2)), $best(new InWeek(4, 0)), 1e-9);
    }

    public function test_a_day_counts_each_step_once_and_the_minutes_the_parent_was_there_throughout(): void
    {
        $with = self::laidOut('put-together@5', 3, Part::With);
        $day = LivedDay::of(LocalDate::parse('2026-03-02'), [$with, $with, self::laidOut('put-together@5', 3, Part::Near)]);

        self::assertSame(['child' => ['put-together@5']], $day->met);
        self::assertSame(20, $day->withMinutes);
        $outlook = new OutlookDay(LocalDate::parse('2026-03-02'), true, [$with, self::laidOut('put-together@5', 3, Part::Alone)], [], []);
        self::assertSame(10, $outlook->withMinutes());
        self::assertSame(['put-together@5'], $outlook->stepsOf('child'));
        self::assertSame([], $outlook->stepsOf('other'));
    }

    public function test_the_first_day_after_a_long_while_has_no_looks(): void
    {
        $record = self::canDo('put-together@5');
        $on = $record->nextLook('put-together@5')?->plusDays(20) ?? self::fail('It can be done.');
        $looks = static fn (DayRequest $request): int => \count(array_filter(
            self::planner()->prospects($request)->candidates['child'] ?? [],
            static fn (Candidate $candidate): bool => $candidate->isLook(),
        ));
        $request = self::request($on, $record);
        $back = self::request($on, $record, back: true);

        self::assertGreaterThan(0, $looks($request));
        self::assertSame(0, $looks($back));
        self::assertGreaterThan(0, $looks($back->after([new LivedDay($on->plusDays(-1), [], 0)])), 'once something was done it is as always');
    }

    public function test_a_few_things_more_are_worth_saving_up_and_many_are_not(): void
    {
        $lack = static fn (LackReason $reason, int $more = 0): bool => (new Lack($reason, 'things', 30, null, $more))->canBeSavedUp();

        self::assertTrue($lack(LackReason::TooFew, 20));
        self::assertFalse($lack(LackReason::TooFew, 21));
        self::assertTrue($lack(LackReason::Nothing));
        self::assertTrue($lack(LackReason::CannotDo));
        foreach ([LackReason::TooBig, LackReason::Unsafe, LackReason::PropUnsafe, LackReason::WantsParent, LackReason::TooMany] as $reason) {
            self::assertFalse($lack($reason), $reason->value);
        }
    }

    public function test_what_would_serve_most_comes_first_whether_the_house_has_the_things_or_not(): void
    {
        $request = self::week()[0]->request;
        $with = self::planner()->wouldServe($request);

        self::assertSame($with, self::planner()->wouldServe($request->withThings([])));
        $prospects = self::planner()->prospects($request);
        $worth = static fn (string $id): float => array_sum(
            Opening::serves(Make::catalogue()->activity($id), $prospects->learners, $prospects->ranked)['child'] ?? [],
        );
        $ids = array_keys($with);
        self::assertGreaterThanOrEqual($worth($ids[1]), $worth($ids[0]));
        self::assertGreaterThan($worth($ids[\count($ids) - 1]), $worth($ids[0]));
        self::assertTrue(Make::catalogue()->activity($ids[0])->shows($with[$ids[0]], Candidates::formOf($request->learners[0], $with[$ids[0]])));
    }

    /**
     * @param list<DayAhead> $days
     *
     * @return array{list<OutlookDay>, array<string, array<string, WhyWaits>>}
     */
    private static function outlook(array $days): array
    {
        $outlook = (new Outlook(self::planner()))->of($days, [], []);

        return [iterator_to_array($outlook, false), $outlook->getReturn()];
    }

    /** @return list<DayAhead> Monday to Friday */
    private static function week(int $days = 5): array
    {
        $monday = LocalDate::parse('2026-03-02');

        return array_map(
            static fn (int $day): DayAhead => new DayAhead(self::request($monday->plusDays($day), ChildRecord::blank(Make::map()))),
            range(0, $days - 1),
        );
    }

    /** @param array<string, LocalDate> $resting step id => until */
    private static function request(
        LocalDate $on,
        ChildRecord $record,
        array $resting = [],
        bool $back = false,
        InWeek $week = new InWeek(),
    ): DayRequest {
        return new DayRequest(
            $on,
            $on->dayNumber,
            [self::learner($on, $record, $resting)],
            [new Span(540, 600)],
            array_values(Make::things()->things()),
            [Place::Table, Place::Floor],
            inWeek: $week,
            isBack: $back,
        );
    }

    /** @param array<string, LocalDate> $resting step id => until */
    private static function learner(LocalDate $on, ChildRecord $record, array $resting = [], string $id = 'child'): Learner
    {
        $child = new Child($id, 'Child', $on->plusDays(-1900));

        return new Learner($child, $record, $child->minutesOn($on), [], $resting);
    }

    private static function laidOut(string $stepId, int $questions, Part $part = Part::Near): SetUp
    {
        $course = new Course($stepId, Make::map()->step($stepId)->firstForm(), Help::Bare, Reason::KeepGoing);
        $asked = array_map(static fn (int $i): Question => new Question($stepId, new TellHowMany('how-many', 1 + $i % 5), Level::At), range(1, $questions));

        return new SetUp('own', Make::catalogue()->activity('act-it'), Place::Table, $part, new Span(540, 550), [new Sitting('child', [$course], $asked)], []);
    }

    private static function ranked(bool $brandNew, Reason $reason = Reason::KeepGoing): RankedStep
    {
        return new RankedStep(Make::map()->step('put-together@5'), new Worth(0.5, 0.0, 0.0, 0.0, 1.0, 1.0), $brandNew, $reason, []);
    }

    private static function canDo(string $stepId): ChildRecord
    {
        return ChildRecord::replay(Make::map(), [Make::handMark($stepId, 0, Mark::CanDo)]);
    }

    private static function planner(): Planner
    {
        return new Planner(Make::map(), Make::catalogue(), Make::cautions());
    }
}
