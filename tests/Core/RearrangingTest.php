<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\HowItGoesOn;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Rearranging;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Planning\Swap;
use Pindle\Core\Planning\Woken;
use Pindle\Core\Skill\Form;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;

/** What a parent changes by hand: the change is as asked, what it does not touch stays, and no hard rule is broken. */
final class RearrangingTest extends TestCase
{
    public function test_swaps_are_the_next_best_best_first_and_never_the_same(): void
    {
        $request = self::planned();
        foreach ($request->held as $setUp) {
            $swaps = self::rearranging()->swaps($request, $setUp);
            self::assertLessThanOrEqual(3, \count($swaps));
            $gains = array_map(static fn (Swap $swap): float => $swap->gain, $swaps);
            $sorted = $gains;
            rsort($sorted);
            self::assertSame($sorted, $gains);
            self::assertNotContains($setUp->activity->id, array_map(static fn (Swap $swap): string => $swap->setUp->activity->id, $swaps));
            foreach ($swaps as $swap) {
                self::assertGreaterThanOrEqual($setUp->span->start, $swap->setUp->span->start);
                self::assertEqualsCanonicalizing($setUp->childIds(), $swap->setUp->childIds());
                self::assertSame($swap->setUp->span->minutes() - $setUp->span->minutes(), $swap->minutes);
                self::assertSame(\count($swap->setUp->thingIds()) - \count($setUp->thingIds()), $swap->kinds);
                $others = array_values(array_filter($request->held, static fn (SetUp $other): bool => $other !== $setUp));
                self::assertSame([], self::problems($request, [...$others, $swap->setUp]));
            }
        }
    }

    public function test_no_swap_leaves_a_little_one_long_without_company(): void
    {
        $children = [Make::child('Maren', 78, minutes: 30, longest: 15), Make::child('Lark', 42, minutes: 20)];
        $boat = self::request($children);
        $planned = $boat->holding((new Planner(Make::map(), Make::catalogue(), Make::cautions()))->plan($boat)->setUps);
        $offered = 0;
        foreach ($planned->held as $setUp) {
            $others = array_values(array_filter($planned->held, static fn (SetUp $other): bool => $other !== $setUp));
            foreach (self::rearranging()->swaps($planned, $setUp) as $swap) {
                self::assertSame([], self::problems($planned, [...$others, $swap->setUp]), $setUp->key.' for '.$swap->setUp->key);
                ++$offered;
            }
        }
        self::assertGreaterThan(3, $offered);
    }

    /** Each was company for the little one while the others were there; where one has to go, the others may have to move or go as well. */
    public function test_what_is_held_breaks_no_rule_when_a_part_of_it_has_to_go(): void
    {
        $boat = self::request([Make::child('Maren', 78, minutes: 30, longest: 15), Make::child('Lark', 42, minutes: 20)]);
        $planner = new Planner(Make::map(), Make::catalogue(), Make::cautions());
        $held = $planner->plan($boat)->setUps;
        $larks = array_values(array_filter($held, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf('lark')));
        self::assertNotSame([], $larks);
        $not = ['lark' => array_map(static fn (SetUp $setUp): string => $setUp->activity->id, $larks)];
        $without = new DayRequest(
            $boat->date,
            1,
            $boat->learners,
            $boat->windows,
            $boat->things,
            $boat->places,
            held: $held,
            most: 0,
            repertoire: $boat->repertoire,
            notToday: $not,
        );
        $plan = $planner->plan($without);

        self::assertNotSame([], $plan->setUps, 'Maren stays where she can');
        self::assertSame([], array_filter($plan->setUps, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf('lark')));
        self::assertSame([], (new PlanCheck(Make::cautions()))->problems($without, $plan));
    }

    public function test_other_things_are_all_others(): void
    {
        $request = self::planned();
        $changed = 0;
        foreach ($request->held as $setUp) {
            $all = self::rearranging()->otherThings($request, $setUp);
            if (null !== $all) {
                ++$changed;
                $again = array_values(array_filter($all, static fn (SetUp $other): bool => $other->key === $setUp->key))[0];
                self::assertSame([], array_intersect($setUp->thingIds(), $again->thingIds()));
                self::assertEquals($setUp->span, $again->span);
                self::assertSame([], self::problems($request, $all));
            }
        }
        self::assertGreaterThan(0, $changed);
    }

    public function test_what_is_moved_is_there_and_the_rest_makes_room(): void
    {
        $request = self::planned();
        $last = $request->held[\count($request->held) - 1];
        $moved = self::rearranging()->moved($request, $last, 540);

        self::assertNotNull($moved);
        self::assertSame(540, array_values(array_filter($moved, static fn (SetUp $other): bool => $other->key === $last->key))[0]->span->start);
        self::assertSame([], self::problems($request, $moved));
        self::assertNull(self::rearranging()->moved($request, $last, 500), 'outside the time of the parent');
        self::assertNull(self::rearranging()->moved($request, $last, -5));
        $first = array_values(array_filter($request->held, static fn (SetUp $other): bool => 540 === $other->span->start))[0];
        self::assertNull(self::rearranging()->moved($request, $last, 540, [$first->key]), 'what is held does not give way');
    }

    public function test_one_pile_is_one_thing_for_as_many_as_can_be(): void
    {
        $request = self::request();
        $pile = self::rearranging()->pile($request, new Span(900, 920), 'blocks');

        self::assertNotNull($pile);
        self::assertGreaterThan(1, \count($pile->sittings));
        self::assertSame(['blocks'], $pile->thingIds());
        self::assertTrue((new Span(900, 920))->holds($pile->span));
        self::assertNull(self::rearranging()->pile($request, new Span(900, 902), 'blocks'), 'two minutes are too few');
    }

    public function test_one_who_joins_gets_a_step_of_their_own(): void
    {
        $request = self::request();
        $pile = self::rearranging()->pile($request, new Span(540, 570), 'blocks') ?? self::fail('There is a pile.');
        $without = array_values(array_filter($pile->sittings, static fn (Sitting $sitting): bool => 'tobin' !== $sitting->childId));
        if ([] === $without) {
            self::fail('Somebody sits there without Tobin.');
        }
        $alone = new SetUp($pile->key, $pile->activity, $pile->place, Part::With, $pile->span, $without, $pile->laid, [], $pile->props);
        $joined = self::rearranging()->joined($request->holding([$alone]), $alone, 'tobin');

        self::assertNotNull($joined);
        self::assertContains('tobin', $joined[0]->childIds());
        self::assertNull(self::rearranging()->joined($request->holding([$alone]), $alone, 'nobody'));
    }

    public function test_five_minutes_take_nothing_but_what_is_there(): void
    {
        $request = self::request()->during([new Span(1000, 1012)]);
        $bare = self::rearranging()->now($request->withThings([]), 'maren', 1000, []);
        self::assertSame([[], 1000, ['maren']], [$bare?->thingIds(), $bare?->span->start, $bare?->childIds()]);
        $there = self::rearranging()->now($request, 'maren', 1000, ['lids']);
        self::assertSame([], array_diff($there?->thingIds() ?? ['nothing'], ['lids']));
    }

    public function test_when_someone_wakes_what_could_harm_them_leaves_and_what_is_spoken_goes_on(): void
    {
        $lark = Make::child('Lark', 20);
        $corks = Make::thing('corks', 18, [25, 25, 40], Shape::Tube);
        $lids = Make::thing('lids', 24, [12, 70, 70], Shape::Disc);
        $at = static fn (string $activity, ?Form $form, Thing ...$things): Woken => Woken::at(
            new SetUp(
                'a',
                Make::catalogue()->activity($activity),
                Place::Table,
                Part::Near,
                new Span(540, 550),
                [new Sitting('maren', [new Course('count-out@10', $form, Help::Bare, Reason::Ready)], [])],
                array_map(static fn (Thing $thing): Laid => new Laid('things', $thing, 5), array_values($things)),
            ),
            $lark,
            self::request(),
            Make::cautions(),
        );

        self::assertSame(HowItGoesOn::AsItIs, $at('fetch-me', Form::Things, $lids)->goesOn);
        self::assertSame(HowItGoesOn::Stops, $at('fetch-me', Form::Things, $lids, $corks)->goesOn);
        self::assertSame([$corks], $at('fetch-me', Form::Things, $lids, $corks)->leaves);
        self::assertSame(HowItGoesOn::ByVoice, $at('fetch-me', null, $corks)->goesOn);
    }

    public function test_in_a_low_week_one_thing_is_planned_and_looks_wait(): void
    {
        $request = self::request();
        $low = new DayRequest(
            $request->date,
            1,
            $request->learners,
            $request->windows,
            $request->things,
            $request->places,
            repertoire: $request->repertoire,
            low: true,
        );
        $planner = new Planner(Make::map(), Make::catalogue(), Make::cautions());

        self::assertGreaterThan(1, \count($planner->plan($request)->setUps));
        self::assertCount(1, $planner->plan($low)->setUps);
        self::assertSame([1, 0], [$low->mostSetUps(), $low->holding([], 0)->mostSetUps()]);
    }

    private static function planned(): DayRequest
    {
        $request = self::request();

        return $request->holding((new Planner(Make::map(), Make::catalogue(), Make::cautions()))->plan($request)->setUps);
    }

    /** @param list<Child>|null $children */
    private static function request(?array $children = null): DayRequest
    {
        $children ??= [Make::child('Maren', 78, minutes: 30, longest: 15), Make::child('Tobin', 54, minutes: 24, longest: 12)];

        return new DayRequest(
            Make::day(0),
            1,
            array_map(static fn (Child $child): Learner => new Learner($child, ChildRecord::blank(Make::map()), 30), $children),
            [new Span(540, 600)],
            [
                Make::thing('corks', 24, [25, 25, 40], Shape::Tube),
                Make::thing('pegs', 36, [10, 15, 75], Shape::Long),
                Make::thing('lids', 24, [12, 70, 70], Shape::Disc),
                Make::thing('blocks', 24, [40, 40, 40]),
                Make::thing('socks', 20, [60, 90, 200], Shape::Soft),
            ],
            [Place::Table, Place::Floor],
            repertoire: new Repertoire(array_fill_keys(array_keys(Make::catalogue()->activities), 2)),
        );
    }

    /**
     * @param list<SetUp> $setUps
     *
     * @return list<string>
     */
    private static function problems(DayRequest $request, array $setUps): array
    {
        $plan = (new Planner(Make::map(), Make::catalogue(), Make::cautions()))->planOf($request, $setUps);

        return array_map(
            static fn (array $problem): string => $problem[0]->value.' '.$problem[1],
            (new PlanCheck(Make::cautions()))->problems($request, $plan),
        );
    }

    private static function rearranging(): Rearranging
    {
        return new Rearranging(Make::map(), Make::catalogue(), Make::cautions());
    }
}
