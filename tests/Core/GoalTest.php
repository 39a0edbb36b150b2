<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Goal;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\Scale;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Kind\FormNumeral;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Tests\Make;

final class GoalTest extends TestCase
{
    private const ALL_KNOWN = ['fetch-me' => 2, 'squash-count' => 2];

    /** 10·ln(1 + V/A) with V = 0.5·(1 − e^(−8/4)) of one step and 0.2·(1 − e^(−4/4)) of another, A = 0.5. */
    public function test_learning_adds_up_over_the_steps_of_a_childs_day(): void
    {
        $setUp = self::laidOut('a', 540, 550, ['maren' => [self::course('say-count@5', 0.5), self::course('count-out@3', 0.2)]], questions: 8, second: 4);

        self::assertEqualsWithDelta(
            10 * log(1 + (0.5 * (1 - exp(-2.0)) + 0.2 * (1 - exp(-1.0))) / 0.5),
            self::goal([$setUp])->learning,
            1e-9,
        );
        self::assertSame(0.0, Goal::of(self::request(), new Scale(['maren' => 0.0]), [$setUp])->learning, 'who has nothing to learn today is left out');
    }

    public function test_tries_of_one_step_are_summed_over_the_day_those_done_among_them(): void
    {
        $one = self::laidOut('a', 540, 550, ['maren' => [self::course('say-count@5', 0.5)]], questions: 8);
        $two = self::laidOut('b', 560, 565, ['maren' => [self::course('say-count@5', 0.5)]], questions: 6);
        $twice = 10 * log(1 + (1 - exp(-14 / 4)));

        self::assertEqualsWithDelta($twice, self::goal([$one, $two])->learning, 1e-9);
        self::assertEqualsWithDelta($twice, Goal::of(self::request(kept: [$one]), new Scale(['maren' => 0.5]), [$two])->learning, 1e-9);
    }

    public function test_each_set_up_costs_its_lay_out_its_minutes_and_the_parents_hands_and_gains_by_company(): void
    {
        $goal = self::goal([
            self::laidOut('a', 540, 550, ['maren' => [self::course()], 'tobin' => [self::course()]]),
            self::laidOut('b', 560, 565, ['lark' => [self::course()]], Part::Alone, 'squash-count'),
        ]);

        self::assertSame([1.0, -3.5], [$goal->together, $goal->layingOut], 'the first costs 1, each further one 2.5');
        self::assertEqualsWithDelta([-1.5, -0.5], [$goal->minutes, $goal->parent], 1e-9);
        $done = self::laidOut('c', 520, 525, ['maren' => [self::course()]]);
        $more = Goal::of(self::request(kept: [$done]), new Scale(['maren' => 0.5]), [self::laidOut('a', 540, 550, ['maren' => [self::course()]])]);
        self::assertSame(-2.5, $more->layingOut, 'after one that is done it is not the first');
    }

    public function test_a_kind_to_fetch_costs_a_walk_unless_the_set_up_before_left_it_on_the_same_table(): void
    {
        $at = static fn (string $key, int $from, Place $place, string ...$things): SetUp => self::laidOut(
            $key,
            $from,
            $from + 5,
            ['maren' => [self::course()]],
            place: $place,
            things: array_values($things),
        );
        $fetching = static fn (SetUp ...$setUps): float => self::goal(array_values($setUps))->fetching;

        self::assertEqualsWithDelta(-0.6, $fetching($at('a', 540, Place::Table, 'pegs', 'lids')), 1e-9);
        self::assertEqualsWithDelta(-0.6, $fetching($at('b', 550, Place::Table, 'pegs'), $at('a', 540, Place::Table, 'pegs', 'lids')), 1e-9);
        self::assertEqualsWithDelta(-0.9, $fetching($at('a', 540, Place::Table, 'pegs', 'lids'), $at('b', 550, Place::Floor, 'pegs')), 1e-9);
        self::assertEqualsWithDelta(
            -0.3,
            Goal::of(self::request(kept: [$at('a', 540, Place::Table, 'pegs')]), new Scale(), [$at('b', 550, Place::Table, 'pegs', 'lids')])->fetching,
            1e-9,
            'what is done is fetched already',
        );
    }

    public function test_a_new_game_costs_once_and_gains_what_it_opens(): void
    {
        $twice = [self::laidOut('a', 540, 545, ['maren' => [self::course()]]), self::laidOut('b', 550, 555, ['tobin' => [self::course()]])];
        $goal = static fn (Repertoire $repertoire): Goal => Goal::of(self::request($repertoire), new Scale([], ['fetch-me' => 0.4]), $twice);

        $made = static fn (string $id): int => \count(array_filter(Make::catalogue()->activity($id)->props, static fn (Prop $prop): bool => $prop->made));
        self::assertSame([1, 0], [$made('fetch-me'), $made('sort-then-see')]);
        self::assertEqualsWithDelta([-2.0, 1.2], [$goal(new Repertoire())->new, $goal(new Repertoire())->opening], 1e-9, 'one thing has to be made');
        $other = self::laidOut('a', 540, 545, ['maren' => [self::course()]], activity: 'sort-then-see');
        self::assertSame(-1.5, Goal::of(self::request(new Repertoire()), new Scale(), [$other])->new);
        self::assertSame([0.0, 0.0], [$goal(new Repertoire(self::ALL_KNOWN))->new, $goal(new Repertoire(self::ALL_KNOWN))->opening]);
    }

    public function test_the_same_game_twice_a_day_is_stale_for_one_child_only(): void
    {
        $of = static fn (string $child): SetUp => self::laidOut($child, 550, 555, [$child => [self::course()]]);
        $first = self::laidOut('a', 540, 545, ['maren' => [self::course()]]);

        self::assertSame(-1.0, self::goal([$first, $of('maren')])->repeats);
        self::assertSame(0.0, self::goal([$first, $of('tobin')])->repeats);
        self::assertSame(-1.0, Goal::of(self::request(kept: [$first]), new Scale(), [$of('maren')])->repeats);
    }

    /** Maren 30 minutes asked, Tobin 24: in 60 minutes all of it, in 27 half. */
    public function test_who_has_the_smallest_part_of_their_minutes_counts_for_all(): void
    {
        $setUps = [
            self::laidOut('a', 540, 555, ['maren' => [self::course()]]),
            self::laidOut('b', 560, 566, ['tobin' => [self::course()]]),
        ];
        $fair = static fn (int $window, string ...$children): float => Goal::of(
            self::request(window: $window),
            new Scale(array_fill_keys($children, 0.5)),
            $setUps,
        )->fair;

        self::assertEqualsWithDelta(6 * 6 / 24, $fair(60, 'maren', 'tobin'), 1e-9);
        self::assertEqualsWithDelta(6 * 15 / 30, $fair(60, 'maren'), 1e-9, 'Tobin could not sit');
        self::assertEqualsWithDelta(6 * 6 / 12, $fair(27, 'maren', 'tobin'), 1e-9);
        self::assertEqualsWithDelta(6 * 15 / 25, $fair(25, 'maren'), 1e-9);
        self::assertEqualsWithDelta(12 * 15 / 24, $fair(24, 'maren'), 1e-9, 'a short day is a turn for everyone or nothing');
        self::assertSame(12.0, $fair(15, 'maren'), 'never more than all');
        self::assertSame(0.0, $fair(60));
        // And the mean of all: 15 of 30 and 6 of 24.
        $share = static fn (string ...$children): float => Goal::of(self::request(), new Scale(array_fill_keys($children, 0.5)), $setUps)->share;
        self::assertEqualsWithDelta(6 * (0.5 + 0.25) / 2, $share('maren', 'tobin'), 1e-9);
        self::assertSame(0.0, $share());
    }

    public function test_nothing_is_worth_nothing_and_the_total_is_the_sum_of_the_terms(): void
    {
        self::assertSame(0.0, Goal::of(self::request(), new Scale(['maren' => 0.5]), [])->total());
        $goal = self::goal([self::laidOut('a', 540, 550, ['maren' => [self::course()]], questions: 4)]);
        self::assertEqualsWithDelta(
            $goal->learning - 1.0 - 1.0 - 0.5 + 6 * 10 / 30 + 6 * 10 / 30,
            $goal->total(),
            1e-9,
        );
    }

    /** @param list<SetUp> $setUps */
    private static function goal(array $setUps): Goal
    {
        return Goal::of(self::request(), new Scale(['maren' => 0.5]), $setUps);
    }

    /** @param list<SetUp> $kept */
    private static function request(Repertoire $repertoire = new Repertoire(self::ALL_KNOWN), array $kept = [], int $window = 60): DayRequest
    {
        $learners = array_map(
            static fn (string $name, int $minutes): Learner => new Learner(
                Make::child($name, 78, minutes: $minutes),
                ChildRecord::blank(Make::map()),
                $minutes,
            ),
            ['Maren', 'Tobin'],
            [30, 24],
        );

        return new DayRequest(Make::day(0), 1, $learners, [new Span(540, 540 + $window)], [], Place::cases(), kept: $kept, repertoire: $repertoire);
    }

    private static function course(string $stepId = 'say-count@5', float $value = 0.5): Course
    {
        return new Course($stepId, null, Help::Bare, Reason::Ready, value: $value);
    }

    /**
     * @param non-empty-array<string, non-empty-list<Course>> $courses child id => courses
     * @param list<string>                          $things
     */
    private static function laidOut(
        string $key,
        int $from,
        int $to,
        array $courses,
        Part $part = Part::With,
        string $activity = 'fetch-me',
        int $questions = 0,
        int $second = 0,
        Place $place = Place::Table,
        array $things = [],
    ): SetUp {
        $asked = [];
        for ($i = 0; $i < $questions + $second; ++$i) {
            $asked[] = new Question($i < $questions ? 'say-count@5' : 'count-out@3', new FormNumeral($i), Level::At);
        }
        $sittings = array_map(static fn (string $id, array $ofChild): Sitting => new Sitting($id, $ofChild, $asked), array_keys($courses), $courses);

        return new SetUp(
            $key,
            Make::catalogue()->activity($activity),
            $place,
            $part,
            new Span($from, $to),
            $sittings,
            array_map(static fn (string $thing): Laid => new Laid('things', Make::thing($thing, 9, null), 3), $things),
        );
    }
}
