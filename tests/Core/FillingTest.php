<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Bench\SmallDays;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Option;
use Pindle\Core\Planning\Placed;
use Pindle\Core\Planning\Reckoning;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SetOuts;
use Pindle\Core\Planning\SettingOut;
use Pindle\Tests\Filled;
use Pindle\Tests\Make;

/** A day that is being filled: what an option brings and takes, only thought of and laid out. */
final class FillingTest extends TestCase
{
    public function test_what_an_option_gains_is_what_the_day_is_worth_more_once_it_is_laid_out(): void
    {
        $request = Filled::request();
        $filling = Filled::filling($request);
        $compared = 0;
        foreach (Filled::alone($filling) as $option) {
            $placed = $filling->with([], $option, 0, 540);
            if (null !== $placed) {
                $filling->look([]);
                self::assertEqualsWithDelta($filling->worth($placed) - $filling->worth([]), $filling->gains->of($option, 0), 1e-6, $option->key);
                ++$compared;
            }
        }
        self::assertGreaterThan(20, $compared);
    }

    /** The parent learns a game once. */
    public function test_a_game_that_is_new_costs_and_opens_nothing_more_the_second_time(): void
    {
        $request = Filled::withLittle()->knowing(new Repertoire([]));
        $filling = Filled::filling($request);
        $compared = 0;
        foreach ($filling->options->candidates['maren'] ?? [] as $candidate) {
            foreach ($filling->options->candidates['lark'] ?? [] as $other) {
                [$first, $second] = [$filling->options->usual($candidate), $filling->options->usual($other)];
                self::assertNotNull($first);
                self::assertNotNull($second);
                $day = $first->activity->id === $second->activity->id ? $filling->with([], $first, 0, 540) : null;
                $both = null === $day ? null : $filling->with($day, $second, 0, 580);
                if (null !== $day && null !== $both) {
                    $filling->look($day);
                    self::assertTrue($second->isNew);
                    // What lies there is not fetched again.
                    $gain = $filling->gains->of($second, 0) + 0.3 * \count(array_intersect_key($both[1]->counted->kinds, $day[0]->counted->kinds));
                    self::assertEqualsWithDelta($filling->worth($both) - $filling->worth($day), $gain, 1e-6, $second->key);
                    ++$compared;
                }
            }
        }
        self::assertGreaterThan(0, $compared);
    }

    public function test_what_was_thought_of_is_laid_out_and_what_the_house_lacks_is_left_away_and_not_thought_of_again(): void
    {
        $request = SmallDays::large(0)->request;
        $filling = Filled::filling($request);
        $at = $request->windows[0]->start;
        $counts = ['lies' => 0, 'lacks' => 0];
        foreach (array_merge(...array_values($filling->options->candidates)) as $candidate) {
            foreach ($filling->options->alone($candidate) as $option) {
                $thought = $filling->thought([], $option, 0, $at) ?? [];
                self::assertCount(1, $thought, $option->key);
                self::assertNull($thought[0]->setUp);
                $laid = $filling->laidOut($thought);
                if ([] !== $laid) {
                    self::assertFalse($filling->lacks($option));
                    self::assertNotNull($laid[0]->setUp);
                    self::assertEquals($thought[0]->stint, $laid[0]->stint);
                    self::assertSame($laid, $filling->laidOut($laid));
                    $again = $filling->thought([], $option, 0, $at);
                    self::assertEquals($laid[0]->counted, $again[0]->counted ?? null, 'it is known now what it brings');
                    ++$counts['lies'];
                } elseif ($filling->lacks($option)) {
                    self::assertNull($filling->thought([], $option, 0, $at), $option->key);
                    ++$counts['lacks'];
                }
            }
        }
        self::assertGreaterThan(50, $counts['lies']);
        self::assertGreaterThan(3, $counts['lacks']);
    }

    public function test_what_is_thought_of_at_another_time_brings_the_same_and_another_length_is_another(): void
    {
        $filling = Filled::filling(Filled::request());
        $longer = array_values(array_filter(Filled::alone($filling), static fn (Option $option): bool => \count($option->lengths) > 1))[0] ?? null;
        self::assertNotNull($longer);
        [$first] = $filling->thought([], $longer, 0, 540) ?? [];
        [$later] = $filling->thought([], $longer, 0, 565) ?? [];
        [$more] = $filling->thought([], $longer, 1, 540) ?? [];

        self::assertSame([540, 565], [$first->counted->start, $later->counted->start]);
        self::assertEquals($first->counted, $later->counted->at(540));
        self::assertSame($first->as, $later->as);
        self::assertNotSame($first->as, $more->as);
        self::assertSame($first, $filling->thought([], $longer, 0, 540)[0] ?? null, 'thought of once');
    }

    public function test_of_two_at_one_time_the_later_one_is_left_away_when_they_are_laid_out(): void
    {
        $filling = Filled::filling(Filled::request());
        [$first, $second] = Filled::first($filling, 'maren');
        $both = $filling->thought($filling->thought([], $second, 0, 545) ?? [], $first, 0, 540) ?? [];

        self::assertCount(2, $both);
        self::assertSame([540], array_map(static fn (Placed $one): int => $one->stint->start, $filling->laidOut($both)));
    }

    public function test_an_option_is_as_long_as_its_child_has_minutes_left(): void
    {
        $filling = Filled::filling(Filled::request());
        $room = $filling->room;
        $option = Filled::growing($filling);
        $most = \count($option->lengths) - 1;
        $now = Filled::placed($filling, [[$option, 540]]);

        self::assertSame(30, $room->left([], $option->who));
        self::assertSame(30 - $filling->minutes($option, 0), $room->left($now, $option->who));
        self::assertSame(\PHP_INT_MAX, $room->left($now, 0), 'nobody');
        self::assertSame($most, $room->length($option, $filling->minutes($option, $most)));
        self::assertSame($most - 1, $room->length($option, $filling->minutes($option, $most) - 1));
        self::assertSame(0, $room->length($option, $filling->minutes($option, 0)));
        self::assertNull($room->length($option, $filling->minutes($option, 0) - 1));
    }

    public function test_it_fits_as_long_as_there_is_time_and_at_the_shortest_where_that_alone_does(): void
    {
        $filling = Filled::filling(Filled::withLittle());
        $option = Filled::growing($filling);
        $most = \count($option->lengths) - 1;
        [$little] = Filled::first($filling, 'lark');
        $counted = Filled::placed($filling, [[$little, 540]])[0]->counted;
        $found = [];
        foreach (range($filling->minutes($option, 0) - 1, $filling->minutes($option, $most)) as $free) {
            // From then on the parent is with the little one.
            $stint = $filling->hands->stint(540 + $free, 60 - $free, Place::Table, Part::With, $little->who, $little->activity);
            $fitting = array_filter(array_keys($option->lengths), static fn (int $length): bool => $filling->minutes($option, $length) <= $free);
            $expected = [] === $fitting ? [$most, null] : [max($fitting), 540];
            self::assertSame($expected, $filling->room->fitted([new Placed(null, 0, null, $stint, $counted, 0)], $option, $most, null, false));
            $found[] = $expected;
        }
        self::assertSame([$most, null], $found[0]);
        self::assertSame([0, 540], $found[1]);
        self::assertSame([$most, 540], end($found));
        self::assertGreaterThan(3, \count($found), 'and between');
    }

    public function test_what_lies_out_is_the_same_in_the_same_circumstances_and_another_where_it_is_in_use(): void
    {
        $request = Filled::request();
        $filling = Filled::filling($request);
        foreach (Filled::alone($filling) as $option) {
            $first = $filling->with([], $option, 0, 540);
            $later = $filling->with([], $option, 0, 560);
            [$kept, $other] = [$first[0]->setUp ?? null, $later[0]->setUp ?? null];
            if (null === $first || null === $later || null === $kept || null === $other || [] === $kept->laid) {
                continue;
            }
            self::assertSame($first[0]->as, $later[0]->as);
            self::assertSame($kept->laid, $other->laid);
            self::assertSame([540, 560], [$kept->span->start, $other->span->start]);
            $beside = Filled::filling(Filled::request([$kept]));
            $again = null;
            foreach (Filled::alone($beside) as $same) {
                $again ??= $same->key === $option->key ? $beside->with([], $same, 0, 540) : null;
            }
            self::assertNotSame($first[0]->as, $again[0]->as ?? null);

            return;
        }
        self::fail('Nothing could be laid out.');
    }

    public function test_the_tries_that_are_hoped_for_are_those_that_are_asked(): void
    {
        $evidence = [];
        foreach (['say-count@3', 'say-count@5', 'touch-count@3', 'touch-count@5', 'name-numeral@3', 'name-numeral@5'] as $i => $stepId) {
            $evidence[] = Make::handMark($stepId, -9, Mark::CanDo, $i);
            $evidence[] = Make::anAttempt($stepId, -8, Outcome::AtOnce, minute: $i);
        }
        $others = [];
        foreach ([Make::record([]), Make::record($evidence)] as $of) {
            $request = Filled::request()->learning([new Learner(Make::child('Maren', 78, minutes: 30, longest: 15), $of, 30)]);
            $prospects = Filled::planner()->prospects($request);
            $settingOut = new SettingOut(Make::map(), Make::catalogue(), Make::cautions(), $request);
            $setOuts = new SetOuts($request, $settingOut, Day::of($request)->hands, new Reckoning($request, $prospects->scale));
            foreach (array_merge(...array_values($prospects->candidates)) as $candidate) {
                $sitting = $settingOut->asking->sitting($candidate, 6);
                if (6 === \count($sitting->questions) && !$candidate->isCheck()) {
                    $hoped = array_map(static fn (array $course): int => $course[2], $setOuts->courses($candidate, 6));
                    $asked = array_map(static fn (Course $course): int => $sitting->attempts($course->stepId), $candidate->courses($request->date));
                    self::assertSame($asked, $hoped, $candidate->activity->id.' '.$candidate->ranked->step->id);
                    $others[$settingOut->asking->ofOthers($candidate)] = true;
                }
            }
        }
        self::assertGreaterThan(1, \count($others), 'sure ones at the ends, and none');
    }

    public function test_minutes_are_those_of_the_questions_there_are(): void
    {
        $filling = Filled::filling(Filled::request());
        foreach (Filled::alone($filling) as $option) {
            foreach (array_keys($option->lengths) as $length) {
                $thought = $filling->minutes($option, $length);
                $placed = $filling->with([], $option, $length, 540);
                if (null !== $placed) {
                    self::assertSame($thought, $placed[0]->setUp?->span->minutes(), $option->key);
                }
            }
        }
    }
}
