<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Planning\BringList;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Length;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Problem;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class PlannerTest extends TestCase
{
    public function test_plans_of_many_houses_hold_against_the_hard_rules(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(2));
        $sittings = 0;
        for ($house = 0; $house < 40; ++$house) {
            $request = self::randomHouse($random, $house);
            $plan = self::planner()->plan($request);
            $sittings += array_sum(array_map(static fn (SetUp $setUp): int => \count($setUp->sittings), $plan->setUps));

            self::assertSame([], self::problems($request, $plan), 'house '.$house);
        }
        self::assertGreaterThan(80, $sittings, 'and the plans are not empty');
    }

    public function test_a_step_is_looked_at_once_a_day(): void
    {
        $on = Make::day(60);
        $record = ChildRecord::replay(Make::map(), [Make::handMark('say-count@20', 0, Mark::CanDo), Make::handMark('say-count@100', 0, Mark::CanDo)]);
        $learner = new Learner(new Child('child', 'Child', $on->plusDays(-1900)), $record, 40);
        $things = array_values(Make::things()->things());
        $plan = self::planner()->plan(new DayRequest($on, $on->dayNumber, [$learner], [new Span(540, 660)], $things, [Place::Table, Place::Floor]));

        $met = [];
        foreach ($plan->setUps as $setUp) {
            $main = $setUp->sittings[0]->course();
            self::assertFalse($main->reason->isLook() && isset($met[$main->stepId]), $main->stepId.' was looked at already');
            foreach ($setUp->sittings[0]->courses as $course) {
                $met[$course->stepId] = true;
            }
        }
        self::assertArrayHasKey('say-count@100', $met);
    }

    public function test_the_same_request_gives_the_same_plan(): void
    {
        $request = self::boat();

        self::assertEquals(self::planner()->plan($request), self::planner()->plan($request));
    }

    public function test_every_child_of_the_boat_gets_a_sitting_and_small_things_stay_away_from_the_little_one(): void
    {
        $plan = self::planner()->plan(self::boat());

        foreach (['maren', 'tobin', 'lark'] as $childId) {
            self::assertNotSame([], array_filter($plan->setUps, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf($childId)), $childId);
        }
        foreach ($plan->setUps as $setUp) {
            $laid = array_map(static fn (Laid $laid): string => $laid->thing->id, $setUp->laid);
            if ($setUp->span->start < 780) {
                self::assertNotContains('corks', $laid, 'Lark is awake in the morning');
            }
            if (null !== $setUp->sittingOf('lark')) {
                self::assertSame(Part::With, $setUp->part);
            }
        }
    }

    public function test_an_empty_cupboard_still_finds_what_needs_nothing(): void
    {
        $boat = self::boat();
        $plan = self::planner()->plan(new DayRequest($boat->date, 1, $boat->learners, $boat->windows, [], $boat->places));

        self::assertNotSame([], $plan->setUps);
        foreach ($plan->setUps as $setUp) {
            self::assertSame([], $setUp->laid);
        }
    }

    public function test_no_children_no_windows_no_plan(): void
    {
        self::assertSame([], self::planner()->plan(new DayRequest(Make::day(0), 1, [], [new Span(540, 600)], [], [Place::Table]))->setUps);
        self::assertSame([], self::planner()->plan(new DayRequest(Make::day(0), 1, self::boat()->learners, [], [], [Place::Table]))->setUps);
    }

    public function test_a_wet_and_quiet_day_stays_in_and_quiet(): void
    {
        $boat = self::boat();
        $plan = self::planner()->plan(new DayRequest($boat->date, 1, $boat->learners, $boat->windows, $boat->things, [Place::Table], true));

        foreach ($plan->setUps as $setUp) {
            self::assertContains($setUp->place, [Place::Table, Place::Anywhere]);
            self::assertFalse($setUp->activity->noisy);
        }
    }

    public function test_what_was_kept_is_planned_around(): void
    {
        $boat = self::boat();
        $kept = self::planner()->plan($boat)->setUps[0];
        $request = new DayRequest($boat->date, 1, $boat->learners, $boat->windows, $boat->things, $boat->places, false, [$kept]);
        $plan = self::planner()->plan($request);

        self::assertContains($kept, $plan->setUps);
        self::assertSame([], self::problems($request, $plan));
    }

    public function test_what_comes_unasked_takes_the_place_of_what_was_there_and_is_no_more(): void
    {
        $boat = self::boat();
        $all = self::planner()->plan($boat)->setUps;
        $of = static fn (?int $most): int => \count(self::planner()->plan(new DayRequest(
            $boat->date,
            1,
            $boat->learners,
            $boat->windows,
            $boat->things,
            $boat->places,
            most: $most,
        ))->setUps);

        self::assertGreaterThan(1, \count($all));
        self::assertSame([0, 1, \count($all)], [$of(0), $of(1), $of(null)]);
    }

    /** Something done at any minute of 9:30 to 9:36 with a little one about, who sat nowhere near it. */
    public function test_what_was_done_late_in_a_window_does_not_empty_the_rest_of_the_day(): void
    {
        $boat = self::boat();
        $first = array_values(array_filter(
            self::planner()->plan($boat)->setUps,
            static fn (SetUp $setUp): bool => null !== $setUp->sittingOf('maren'),
        ))[0];
        $hers = $first->sittingOf('maren') ?? self::fail('Maren sits.');
        foreach (range(570, 576) as $start) {
            $kept = new SetUp($first->key, $first->activity, $first->place, $first->part, new Span($start, $start + 4), [$hers], $first->laid);
            $request = new DayRequest($boat->date, 1, $boat->learners, $boat->windows, $boat->things, $boat->places, false, [$kept]);
            $plan = self::planner()->plan($request);

            $lark = array_filter($plan->setUps, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf('lark'));
            self::assertNotSame([], $lark, 'done at '.$start);
            self::assertGreaterThan(1, \count($plan->setUps), 'done at '.$start);
            self::assertSame([], self::problems($request, $plan), 'and nobody is blamed for what was kept');
        }
    }

    public function test_the_check_blames_a_plan_for_what_it_adds_to_what_was_kept(): void
    {
        $boat = self::boat();
        $plan = self::planner()->plan($boat);
        $hers = array_values(array_filter($plan->setUps, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf('maren')))[0];
        $of = static fn (string $key, int $start, int $end): SetUp => new SetUp(
            $key,
            $hers->activity,
            Place::Table,
            Part::Alone,
            new Span($start, $end),
            [$hers->sittingOf('maren') ?? $hers->sittings[0]],
            [],
        );
        [$kept, $more] = [$of('kept', 560, 564), $of('more', 574, 580)];
        $request = new DayRequest($boat->date, 1, $boat->learners, $boat->windows, $boat->things, $boat->places, false, [$kept]);
        $found = static fn (SetUp ...$setUps): array => array_map(static fn (array $problem): string => $problem[0]->value.' '.$problem[1], array_filter(
            (new PlanCheck(Make::cautions()))->problems(
                $request,
                new DayPlan($plan->date, array_values($setUps), Day::of($request)->threads(array_values($setUps)), $plan->goal),
            ),
            static fn (array $problem): bool => Problem::BesideTooLong === $problem[0],
        ));

        self::assertSame([], $found($kept), 'Lark is beside for 24 minutes, as it came');
        self::assertCount(1, $found($kept, $more), 'and for 40 by the new one');
    }

    public function test_a_child_is_near_a_set_up_unless_asleep_all_through_it(): void
    {
        $near = static fn (int $from, int $to): array => array_map(
            static fn (Child $child): string => $child->name,
            self::boat()->nearby(new Span($from, $to), Place::Table),
        );

        self::assertSame(['Maren', 'Tobin'], $near(765, 775), 'asleep from 12:45');
        self::assertSame(['Maren', 'Tobin', 'Lark'], $near(764, 775));
        self::assertSame(['Maren', 'Tobin'], $near(850, 860), 'until 14:30, or a little sooner');
        self::assertSame(['Maren', 'Tobin', 'Lark'], $near(850, 861));
    }

    public function test_small_things_lie_out_while_the_little_one_sleeps(): void
    {
        $planner = self::planner();
        $boat = self::boat();
        $setUp = $planner->plan($boat)->setUps[0];
        $corks = static fn (int $from): SetUp => new SetUp(
            'corks',
            $setUp->activity,
            $setUp->place,
            $setUp->part,
            new Span($from, $from + 8),
            $setUp->sittings,
            [new Laid('things', Make::thing('corks', 18, [25, 25, 40], Shape::Tube), 5)],
        );
        $blocked = static fn (int $from): array => array_values(array_map(
            static fn (Caution $caution): string => $caution->childName,
            array_filter($planner->warned($boat, $corks($from))->warnings, static fn (Caution $caution): bool => $caution->blocks()),
        ));

        self::assertSame(['Lark'], $blocked(757), 'until 12:45 is not all of it');
        self::assertSame([], $blocked(765));
        self::assertSame([], $blocked(852), 'put away ten minutes before waking');
        self::assertSame(['Lark'], $blocked(853));
    }

    public function test_a_look_is_a_quick_one_unless_something_else_is_learnt_beside_it(): void
    {
        $learner = self::learner(Make::child('Maren', 78, longest: 15));
        $one = Make::candidates($learner, Make::day(0), Place::cases(), false)[0];
        $request = new DayRequest(Make::day(0), 1, [$learner], [new Span(540, 600)], self::things(), [Place::Table]);
        $length = new Length($request);
        $because = static fn (Reason $reason, ?Candidate $second = null): Candidate => new Candidate(
            $learner,
            new RankedStep($one->ranked->step, $one->ranked->worth, false, $reason, ['days' => 9]),
            $one->form,
            $one->activity,
            $one->worth,
            $second,
        );
        foreach ([Reason::Due, Reason::Slipped, Reason::OneMiss] as $look) {
            self::assertSame(6, $length->questions($because($look), []), $look->value);
        }
        self::assertSame(8, $length->questions($because(Reason::KeepGoing), []));
        self::assertSame(8, $length->questions($because(Reason::Due, $one), []));
    }

    /** Two and three questions of a minute, the rest as activities say; nobody is asked more often than goes by age. */
    public function test_a_sitting_has_as_many_questions_as_go_by_age(): void
    {
        foreach ([[30, 2, 4], [54, 2, 6], [78, 2, 8]] as [$months, $fewest, $most]) {
            $plan = self::planner()->plan(new DayRequest(
                Make::day(0),
                1,
                [self::learner(Make::child('Maren', $months, minutes: 60, longest: 30))],
                [new Span(540, 640)],
                self::things(),
                Place::cases(),
            ));
            self::assertNotSame([], $plan->setUps);
            foreach ($plan->setUps as $setUp) {
                $asked = \count($setUp->sittings[0]->questions);
                self::assertTrue($asked >= $fewest && $asked <= $most, $setUp->key.' asks '.$asked);
                $seconds = max($months < 48 ? 60 : 30, $setUp->activity->seconds);
                $around = $setUp->activity->setUp + ($setUp->activity->needsNothing() ? 0 : 1);
                self::assertSame((int) ceil($around + $asked * $seconds / 60), $setUp->span->minutes(), 'and lasts as long as they take, tidied up');
            }
        }
    }

    public function test_a_sitting_is_as_long_as_the_child_sits_and_no_longer(): void
    {
        $longest = static function (?int $minutes): int {
            $child = Make::child('Maren', 78, minutes: 60, longest: $minutes);
            $plan = self::planner()->plan(new DayRequest(Make::day(0), 1, [self::learner($child)], [new Span(540, 640)], self::things(), Place::cases()));

            return max(0, ...array_map(static fn (SetUp $setUp): int => $setUp->span->minutes(), $plan->setUps));
        };

        self::assertLessThanOrEqual(6, $longest(6));
        self::assertLessThanOrEqual(15, $longest(15));
        self::assertLessThanOrEqual(4, $longest(4));
        self::assertGreaterThan($longest(4), $longest(15), 'and longer where it can be');
    }

    public function test_what_a_child_showed_changes_the_next_plan(): void
    {
        $boat = self::boat();
        $first = self::planner()->plan($boat)->setUps[0];
        $childId = $first->sittings[0]->childId;
        $stepId = $first->sittings[0]->course()->stepId;
        $learners = array_map(static function (Learner $learner) use ($childId, $stepId): Learner {
            if ($learner->child->id !== $childId) {
                return $learner;
            }
            $record = $learner->record;
            for ($minute = 0; $minute < 6; ++$minute) {
                $record = $record->with(Make::anAttempt($stepId, 0, Outcome::AtOnce, activity: 'pass-it-on', minute: $minute));
            }

            return new Learner($learner->child, $record, $learner->minutes);
        }, $boat->learners);
        $next = self::planner()->plan(new DayRequest($boat->date, 1, $learners, $boat->windows, $boat->things, $boat->places));

        foreach ($next->setUps as $setUp) {
            self::assertNotSame($stepId, $setUp->sittingOf($childId)?->course()->stepId, 'done today already');
        }
    }

    public function test_the_check_notices_what_is_wrong(): void
    {
        $boat = self::boat();
        $plan = self::planner()->plan($boat);
        $first = $plan->setUps[0];
        $cork = Make::thing('corks', 18, [25, 25, 40], Shape::Tube);
        $change = static fn (?Span $span = null, ?Part $part = null, ?array $laid = null): SetUp => new SetUp(
            $first->key,
            $first->activity,
            $first->place,
            $part ?? $first->part,
            $span ?? $first->span,
            $first->sittings,
            array_values($laid ?? $first->laid),
        );
        $found = static fn (SetUp $changed): array => array_map(
            static fn (array $problem): Problem => $problem[0],
            (new PlanCheck(Make::cautions()))->problems(
                $boat,
                new DayPlan($plan->date, [$changed, ...\array_slice($plan->setUps, 1)], $plan->threads, $plan->goal),
            ),
        );

        self::assertContains(Problem::OutsideWindows, $found($change(span: new Span(400, 410))));
        self::assertContains(Problem::SitsTooLong, $found($change(span: new Span(540, 580))));
        self::assertContains(Problem::Unsafe, $found($change(laid: [new Laid('things', $cork, 3)])));
        self::assertContains(Problem::MoreThanThereIs, $found($change(laid: [new Laid('things', $cork, 300)])));
        self::assertContains(Problem::WrongThread, $found($change(span: new Span(545, 549))));
        if (Part::With === $first->activity->part) {
            self::assertContains(Problem::PartLowered, $found($change(part: Part::Alone)));
        }
    }

    public function test_the_list_to_bring_adds_up_what_lies_out_together(): void
    {
        $pegs = Make::thing('pegs', 40, [10, 15, 75]);
        $activity = array_values(Make::catalogue()->activities)[0];
        $sittings = self::planner()->plan(self::boat())->setUps[0]->sittings;
        $at = static fn (string $key, int $from, int $to, int $count): SetUp => new SetUp(
            $key,
            $activity,
            Place::Table,
            Part::Near,
            new Span($from, $to),
            $sittings,
            [new Laid('things', $pegs, $count)],
        );

        self::assertSame(12, BringList::of([$at('a', 540, 550, 5), $at('b', 545, 555, 7), $at('c', 600, 610, 9)])[0]['count']);
        self::assertSame(9, BringList::of([$at('a', 540, 550, 5), $at('c', 600, 610, 9)])[0]['count']);
    }

    private static function planner(): Planner
    {
        return new Planner(Make::map(), Make::catalogue(), Make::cautions());
    }

    /** @return list<string> */
    private static function problems(DayRequest $request, DayPlan $plan): array
    {
        return array_map(
            static fn (array $problem): string => $problem[0]->value.' '.$problem[1],
            (new PlanCheck(Make::cautions()))->problems($request, $plan),
        );
    }

    private static function boat(): DayRequest
    {
        $children = [
            Make::child('Maren', 78, minutes: 30, longest: 15),
            Make::child('Tobin', 54, minutes: 24, longest: 12),
            Make::child('Lark', 30, [new Span(765, 870)], 10, 6),
        ];

        return new DayRequest(
            Make::day(0),
            1,
            array_map(self::learner(...), $children),
            [new Span(540, 580), new Span(780, 810)],
            self::things(),
            [Place::Table, Place::Floor, Place::Outdoors],
        );
    }

    private static function learner(Child $child): Learner
    {
        return new Learner($child, ChildRecord::blank(Make::map()), $child->minutesOn(Make::day(0)));
    }

    /** @return list<Thing> */
    private static function things(): array
    {
        return [
            Make::thing('corks', 18, [25, 25, 40], Shape::Tube),
            Make::thing('pegs', 36, [10, 15, 75], Shape::Long),
            Make::thing('lids', 24, [12, 70, 70], Shape::Disc),
            Make::thing('socks', 20, [60, 90, 200], Shape::Soft),
            Make::thing('mysteries', 9, null, Shape::Unknown),
        ];
    }

    /** Up to six children of any age with some of the map behind them, any windows, any cupboard. */
    private static function randomHouse(Randomizer $random, int $house): DayRequest
    {
        $map = Make::map();
        $learners = [];
        for ($i = 0, $count = $random->getInt(1, 6); $i < $count; ++$i) {
            $months = $random->getInt(12, 96);
            $child = Make::child('Child'.$i, $months, $months < 40 && 0 === $random->getInt(0, 1) ? [new Span(760, 860)] : []);
            $priors = [];
            $attempts = [];
            foreach ($map->steps as $step) {
                if ($step->size * 6 < $months && 0 !== $random->getInt(0, 4)) {
                    $priors[$step->id] = 0.9;
                    for ($day = $random->getInt(-9, 4); $day < 0; ++$day) {
                        $attempts[] = Make::anAttempt($step->id, $day, Outcome::AtOnce, form: $step->lastForm());
                    }
                }
            }
            $learners[] = new Learner($child, ChildRecord::replay($map, $attempts, priors: $priors), $child->minutesOn(Make::day(0)));
        }
        $windows = [new Span(540, 540 + $random->getInt(10, 70))];
        if (0 !== $random->getInt(0, 2)) {
            $windows[] = new Span(780, 780 + $random->getInt(10, 40));
        }
        $things = array_values(array_filter(self::things(), static fn (): bool => 0 !== $random->getInt(0, 3)));
        $places = 0 === $random->getInt(0, 2) ? [Place::Table] : [Place::Table, Place::Floor];

        return new DayRequest(Make::day(0), $house, $learners, $windows, $things, $places, 0 === $random->getInt(0, 3));
    }
}
