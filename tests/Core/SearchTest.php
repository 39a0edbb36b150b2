<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Bench\SmallDays;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Planning\Chance;
use Pindle\Core\Planning\Changing;
use Pindle\Core\Planning\Company;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Draw;
use Pindle\Core\Planning\Filling;
use Pindle\Core\Planning\Hands;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Option;
use Pindle\Core\Planning\Placed;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Prospects;
use Pindle\Core\Planning\Reckoning;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\Search;
use Pindle\Core\Planning\SetOuts;
use Pindle\Core\Planning\SettingOut;
use Pindle\Core\Planning\SmallChange;
use Pindle\Core\Planning\Stint;
use Pindle\Tests\ExactDay;
use Pindle\Tests\Make;

/** Filling a day: what the search finds beside the best there is, and the parts that make it quick. */
final class SearchTest extends TestCase
{
    /** @return iterable<string, array{int}> days that branch and bound solves in a second or two */
    public static function small(): iterable
    {
        yield 'one child' => [6];
        yield 'two' => [55];
        yield 'two others' => [61];
        yield 'two, best with two set-ups of one new game' => [43];
        yield 'three' => [17];
    }

    #[DataProvider('small')]
    public function test_a_small_day_is_as_good_as_can_be(int $number): void
    {
        $day = SmallDays::small($number);
        $prospects = $day->prospects(self::planner());
        $worth = self::planner()->plan($day->request, $prospects)->goal->total();
        $best = (new ExactDay($day->request, $prospects, self::filling($day->request, $prospects), 20_000))->worth(0.0);

        self::assertNotNull($best, 'solved');
        self::assertGreaterThan(0.0, $best);
        self::assertLessThanOrEqual($best + 1e-6, $worth);
        self::assertGreaterThanOrEqual(0.97 * $best, $worth);
    }

    /** A new game that came first once kept a better one away, for there was room for one; and what went with it left the day short. */
    public function test_one_new_game_gives_way_to_another_and_what_else_goes_with_it_is_filled_again(): void
    {
        $known = \array_slice(array_keys(Make::catalogue()->activities), 0, 60);
        $request = self::withLittle()->knowing(new Repertoire(array_fill_keys($known, 2)));
        $filling = self::filling($request);
        self::assertSame(1, $request->newLeft());
        [$hers, $theirs] = self::bothNew($filling);
        $known = static fn (string $childId): Option => array_values(array_filter(
            self::first($filling, $childId),
            static fn (Option $option): bool => !$option->isNew,
        ))[0];
        $stays = [$known('maren'), $known('lark')];
        $day = self::placed($filling, [[$theirs, 540], [$stays[0], 545], [$stays[1], 560], [$hers, 570]]);
        $setUps = [];
        foreach (self::changes($filling, $day) as $next) {
            $games = array_unique(array_map(
                static fn (Placed $one): string => $one->counted->activityId,
                array_filter($next, static fn (Placed $one): bool => $one->counted->isNew),
            ));
            self::assertLessThanOrEqual(1, \count($games));
            $kept = array_intersect(array_map(static fn (Option $option): string => $option->key, $stays), self::keys($next));
            if ([] !== $games && reset($games) !== $hers->activity->id && 2 === \count($kept)) {
                $setUps[] = \count($next);
            }
        }
        self::assertGreaterThan(5, \count($setUps), 'another in its place');
        self::assertSame(5, max([0, ...$setUps]), 'and others for those who lost theirs');
    }

    public function test_a_day_of_three_set_ups_is_now_and_then_filled_anew_and_one_of_four_never(): void
    {
        $filling = self::filling(self::withLittle());
        $maren = self::first($filling, 'maren');
        $lark = self::first($filling, 'lark');
        $three = self::placed($filling, [[$lark[0], 540], [$maren[0], 545], [$lark[1], 560]]);
        $four = self::placed($filling, [[$lark[0], 540], [$maren[0], 545], [$lark[1], 560], [$maren[1], 570]]);
        $anew = [0, 0];
        foreach ([$three, $four] as $i => $day) {
            foreach (self::changes($filling, $day) as $next) {
                $anew[$i] += \count($next) > 2 && [] === array_intersect(self::keys($day), self::keys($next)) ? 1 : 0;
            }
        }

        self::assertGreaterThan(0, $anew[0]);
        self::assertSame(0, $anew[1]);
    }

    public function test_what_comes_instead_is_as_often_for_any_child_as_for_the_one_who_gives_way(): void
    {
        $filling = self::filling(self::withLittle());
        [$option] = self::first($filling, 'maren');
        $gone = self::placed($filling, [[$option, 540]])[0];
        $draw = new Draw($filling, new Chance(11), ['maren', 'lark']);
        $alone = ['maren' => 0, 'lark' => 0];
        for ($time = 0; $time < 1_000; ++$time) {
            $drawn = $draw->some([], $gone, 0.1)[0][1] ?? null;
            if (null !== $drawn && 1 === \count($drawn->candidates)) {
                ++$alone[$drawn->candidates[0]->childId];
            }
        }
        // Half of the time hers, and half of the rest.
        self::assertEqualsWithDelta(0.75, $alone['maren'] / array_sum($alone), 0.06);
    }

    public function test_the_longer_the_search_the_better_the_day_and_no_rule_is_broken_on_the_way(): void
    {
        $totals = [];
        foreach ([0.0, 0.4] as $times) {
            $sum = 0.0;
            foreach ([0, 4] as $number) {
                $request = SmallDays::large($number)->request;
                $plan = (new Planner(Make::map(), Make::catalogue(), Make::cautions(), times: $times))->plan($request);
                self::assertSame([], (new PlanCheck(Make::cautions()))->problems($request, $plan));
                $sum += $plan->goal->total();
            }
            $totals[] = $sum;
        }
        self::assertGreaterThan(1.05 * $totals[0], $totals[1]);
    }

    public function test_what_an_option_gains_is_what_the_day_is_worth_more_once_it_is_laid_out(): void
    {
        $request = self::request();
        $filling = self::filling($request);
        $compared = 0;
        foreach (self::alone($filling) as $option) {
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
        $request = self::withLittle()->knowing(new Repertoire([]));
        $filling = self::filling($request);
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
        $filling = self::filling($request);
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
        $filling = self::filling(self::request());
        $longer = array_values(array_filter(self::alone($filling), static fn (Option $option): bool => \count($option->lengths) > 1))[0] ?? null;
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
        $filling = self::filling(self::request());
        [$first, $second] = self::first($filling, 'maren');
        $both = $filling->thought($filling->thought([], $second, 0, 545) ?? [], $first, 0, 540) ?? [];

        self::assertCount(2, $both);
        self::assertSame([540], array_map(static fn (Placed $one): int => $one->stint->start, $filling->laidOut($both)));
    }

    public function test_an_option_is_as_long_as_its_child_has_minutes_left(): void
    {
        $filling = self::filling(self::request());
        $room = $filling->room;
        $option = self::growing($filling);
        $most = \count($option->lengths) - 1;
        $now = self::placed($filling, [[$option, 540]]);

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
        $filling = self::filling(self::withLittle());
        $option = self::growing($filling);
        $most = \count($option->lengths) - 1;
        [$little] = self::first($filling, 'lark');
        $counted = self::placed($filling, [[$little, 540]])[0]->counted;
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

    public function test_what_is_drawn_brings_what_is_needed_for_one_child_or_for_some_who_meet(): void
    {
        $filling = self::filling(self::withLittle());
        $draw = new Draw($filling, new Chance(3), ['maren', 'lark']);
        $found = [];
        for ($time = 0; $time < 60; ++$time) {
            $all = $draw->some([], null, 0.1);
            $found[] = $all;
            self::assertLessThanOrEqual(3, \count($all));
            foreach ($draw->some([], null, 0.1, 5.0) as [$gain, $option, $length]) {
                self::assertGreaterThanOrEqual(5.0, $gain);
                self::assertEqualsWithDelta($gain, $filling->gains->of($option, $length), 1e-9);
            }
            self::assertSame([], $draw->some([], null, 0.1, 100.0));
        }
        $drawn = array_merge(...$found);
        self::assertContains(3, array_map(\count(...), $found));
        self::assertNotSame([], array_filter($drawn, static fn (array $one): bool => $one[0] < 5.0));
        $company = array_count_values(array_map(static fn (array $one): int => \count($one[1]->candidates), $drawn));
        self::assertGreaterThan(10, $company[1] ?? 0);
        self::assertGreaterThan(10, $company[2] ?? 0);
    }

    /** With the parent there throughout more may lie out; where it may anyway nobody is bound. */
    public function test_the_parent_is_there_throughout_only_where_it_could_not_be_laid_out_else(): void
    {
        $day = SmallDays::small(4);
        $all = $day->prospects(self::planner());
        $found = ['near' => 0, 'with' => 0];
        foreach (array_merge(...array_values($all->candidates)) as $candidate) {
            $prospects = new Prospects($all->learners, $all->ranked, [$candidate->childId => [$candidate]], $all->scale);
            $filling = self::filling($day->request, $prospects);
            [$usual, $throughout] = [$filling->options->usual($candidate), $filling->options->throughout($candidate)];
            if (null !== $usual && null !== $throughout) {
                $lies = null !== $filling->with([], $usual, 0, $day->request->windows[0]->start);
                foreach (Search::best(self::filling($day->request, $prospects), 1, 0.15) as $setUp) {
                    self::assertSame($lies ? $usual->part : $throughout->part, $setUp->part, $usual->key);
                    ++$found[$lies ? 'near' : 'with'];
                }
            }
        }
        self::assertGreaterThan(2, $found['near']);
        self::assertGreaterThan(0, $found['with']);
    }

    public function test_more_children_are_searched_for_longer_and_three_little_ones_longer_still(): void
    {
        self::assertSame([270, 1440, 4320], array_map(Search::steps(...), [1, 2, 6], [1, 2, 2]));
        self::assertSame([6480, 8640], array_map(Search::steps(...), [6, 6], [3, 4]));
    }

    public function test_what_lies_out_is_the_same_in_the_same_circumstances_and_another_where_it_is_in_use(): void
    {
        $request = self::request();
        $filling = self::filling($request);
        foreach (self::alone($filling) as $option) {
            $first = $filling->with([], $option, 0, 540);
            $later = $filling->with([], $option, 0, 560);
            [$kept, $other] = [$first[0]->setUp ?? null, $later[0]->setUp ?? null];
            if (null === $first || null === $later || null === $kept || null === $other || [] === $kept->laid) {
                continue;
            }
            self::assertSame($first[0]->as, $later[0]->as);
            self::assertSame($kept->laid, $other->laid);
            self::assertSame([540, 560], [$kept->span->start, $other->span->start]);
            $beside = self::filling(self::request([$kept]));
            $again = null;
            foreach (self::alone($beside) as $same) {
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
            $request = self::request()->learning([new Learner(Make::child('Maren', 78, minutes: 30, longest: 15), $of, 30)]);
            $prospects = self::planner()->prospects($request);
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

    public function test_of_a_hundred_small_changes_each_is_of_one_kind(): void
    {
        $found = array_count_values(array_map(static fn (int $number): string => SmallChange::at($number)->name, range(1, 100)));
        foreach (SmallChange::cases() as $change) {
            self::assertSame($change->often(), $found[$change->name] ?? 0, $change->name);
        }
    }

    public function test_minutes_are_those_of_the_questions_there_are(): void
    {
        $filling = self::filling(self::request());
        foreach (self::alone($filling) as $option) {
            foreach (array_keys($option->lengths) as $length) {
                $thought = $filling->minutes($option, $length);
                $placed = $filling->with([], $option, $length, 540);
                if (null !== $placed) {
                    self::assertSame($thought, $placed[0]->setUp?->span->minutes(), $option->key);
                }
            }
        }
    }

    public function test_the_parent_is_busy_all_through_what_is_done_near_in_three_minutes_and_at_its_ends_in_four(): void
    {
        $hands = new Hands(Make::day(0), [], [new Span(540, 600)], []);
        $busy = static fn (int $minutes, Part $part): array => self::stint($hands, 550, $minutes, 0, $part)->busy;

        self::assertSame([[550, 553]], $busy(3, Part::Near));
        self::assertSame([[550, 552], [553, 554]], $busy(4, Part::Near));
        self::assertSame([[550, 551]], $busy(9, Part::Alone));
        self::assertSame([[550, 559]], $busy(9, Part::With));
    }

    public function test_a_little_one_is_beside_from_the_start_of_a_time_to_the_end_of_its_last_set_up(): void
    {
        $lark = Make::child('Lark', 40, [new Span(590, 620)]);
        $hands = new Hands(Make::day(0), [Make::child('Maren', 78), $lark], [new Span(540, 600)], []);
        $stint = static fn (int $from, int $minutes, int $who): Stint => self::stint($hands, $from, $minutes, $who);

        self::assertSame([0], $hands->beside([]));
        self::assertSame([17], $hands->beside([$stint(550, 7, 1)]));
        self::assertSame([10], $hands->beside([$stint(550, 7, 2)]));
        self::assertSame([23], $hands->beside([$stint(580, 10, 1), $stint(563, 4, 2)]));
        self::assertSame([50], $hands->beside([$stint(580, 20, 1)]), 'asleep from 9:50');
    }

    public function test_a_little_one_may_be_beside_for_so_long_and_no_minute_longer_in_each_time_by_itself(): void
    {
        $children = [Make::child('Maren', 78), Make::child('Lark', 40), Make::child('Ode', 30)];
        $hands = new Hands(Make::day(0), $children, [new Span(540, 600), new Span(780, 805)], []);
        $stint = static fn (int $from, int $minutes, int $who): Stint => self::stint($hands, $from, $minutes, $who);
        $most = [15, 15, 15, 15];

        self::assertSame(0, $hands->lonely([$stint(540, 15, 1)], $most));
        self::assertSame(2 | 4, $hands->lonely([$stint(540, 16, 1)], $most));
        self::assertSame(4, $hands->lonely([$stint(540, 12, 1), $stint(552, 5, 2)], $most), 'the one who sat has had company');
        self::assertSame(2, $hands->lonely([$stint(780, 16, 1), $stint(790, 5, 4)], $most), 'in the second time');
        self::assertSame(0, $hands->lonely([$stint(540, 16, 1)], [16, 15, 16, 15]), 'what is kept brings more with it');
    }

    public function test_the_first_ones_come_more_often_or_the_last_and_never_one_that_is_not_there(): void
    {
        $chance = new Chance(7);
        $early = $late = [];
        for ($time = 0; $time < 400; ++$time) {
            $early[] = $chance->early(4);
            $late[] = $chance->late(4);
        }
        $count = static fn (array $all): array => array_map(static fn (int $one): int => \count(array_keys($all, $one, true)), [0, 1, 2, 3]);
        [$firsts, $lasts] = [$count($early), array_reverse($count($late))];

        self::assertSame([400, 400], [array_sum($firsts), array_sum($lasts)]);
        foreach ([$firsts, $lasts] as $often) {
            self::assertGreaterThan(150, $often[0], 'a half on the whole');
            self::assertGreaterThan(20, $often[3]);
            self::assertGreaterThan($often[3], $often[0]);
        }
    }

    /** Two of Maren and one of the little one: in this order the last of Maren's comes too late, in another it does not. */
    public function test_other_times_are_found_at_which_a_little_one_has_company(): void
    {
        $filling = self::filling(self::withLittle());
        [$first, $second] = self::first($filling, 'maren');
        [$little] = self::first($filling, 'lark');
        $placed = self::placed($filling, [[$little, 540], [$first, 550], [$second, 565]]);

        self::assertSame(['lark'], $filling->room->lonely($placed));
        self::assertGreaterThan(0, $filling->room->excess($placed));
        $arranged = $filling->room->arranged($placed, 60);
        self::assertNotNull($arranged);
        self::assertCount(3, $arranged);
        $again = self::placed($filling, array_map(static fn (array $one): array => [$one[0]->option, $one[1]], $arranged));
        self::assertSame([0, []], [$filling->room->excess($again), $filling->room->lonely($again)]);
        self::assertNull($filling->room->arranged($placed, 2), 'three are to be put somewhere');
        self::assertNull($filling->room->arranged(self::placed($filling, [[$first, 540], [$second, 560]]), 60), 'nothing of the little one');
    }

    public function test_a_little_one_gets_a_place_or_a_set_up_where_no_other_time_helps(): void
    {
        $helped = 0;
        for ($seed = 0; $seed < 40; ++$seed) {
            $filling = self::filling(self::withLittle());
            [$first, $second] = self::first($filling, 'maren');
            $placed = self::placed($filling, [[$first, 540], [$second, 560]]);
            $company = new Company($filling, new Chance($seed));
            $kept = $company->kept($placed);
            self::assertNull($company->kept($placed), 'tried before');
            if (null !== $kept) {
                self::assertSame(0, $filling->room->excess($kept));
                self::assertContains('lark', array_merge(...array_map(static fn (Placed $one): array => array_keys($one->option?->byChild() ?? []), $kept)));
                ++$helped;
            }
        }
        self::assertGreaterThan(5, $helped);
    }

    /**
     * One game that is new to the parent, for each of the two by themselves.
     *
     * @return array{Option, Option}
     */
    private static function bothNew(Filling $filling): array
    {
        foreach (self::first($filling, 'maren') as $hers) {
            foreach (self::first($filling, 'lark') as $theirs) {
                if ($hers->isNew && $hers->activity->id === $theirs->activity->id) {
                    return [$hers, $theirs];
                }
            }
        }
        self::fail('Nothing is new for both.');
    }

    /**
     * @param list<Placed> $day
     *
     * @return list<list<Placed>> what a day became by some hundred small changes
     */
    private static function changes(Filling $filling, array $day): array
    {
        $changing = new Changing($filling, new Chance(5), ['maren', 'lark'], [540, 550, 560, 570, 580]);
        $changed = array_map(static fn (): ?array => $changing->changed($day, -\INF, 1.0), range(1, 600));

        return array_values(array_filter($changed, static fn (?array $next): bool => null !== $next));
    }

    /**
     * @param list<Placed> $day
     *
     * @return list<string>
     */
    private static function keys(array $day): array
    {
        return array_map(static fn (Placed $one): string => $one->option->key ?? '', $day);
    }

    private static function stint(Hands $hands, int $from, int $minutes, int $who, Part $part = Part::With): Stint
    {
        return $hands->stint($from, $minutes, Place::Table, $part, $who, Make::catalogue()->activity('fetch-me'));
    }

    /** One of Maren's that takes longer with each length. */
    private static function growing(Filling $filling): Option
    {
        foreach (self::alone($filling) as $option) {
            $minutes = array_map(static fn (int $length): int => $filling->minutes($option, $length), array_keys($option->lengths));
            if (\count($minutes) > 2 && $minutes === array_unique($minutes) && !$option->isForMoments && null !== $filling->with([], $option, 0, 540)) {
                return $option;
            }
        }
        self::fail('Nothing grows.');
    }

    /** @return list<Option> of one child alone, one of each activity that can be first on the day */
    private static function first(Filling $filling, string $childId): array
    {
        $options = [];
        foreach ($filling->options->candidates[$childId] ?? [] as $candidate) {
            $option = $filling->options->usual($candidate);
            if (null !== $option && !$option->isForMoments && null !== $filling->with([], $option, 0, 540)) {
                $options[$option->activity->id] ??= $option;
            }
        }

        return array_values($options);
    }

    /**
     * @param list<array{Option|null, int}> $at each, with the fewest questions, and its start
     *
     * @return list<Placed>
     */
    private static function placed(Filling $filling, array $at): array
    {
        $placed = [];
        foreach ($at as [$option, $start]) {
            self::assertNotNull($option);
            $placed = $filling->with($placed, $option, 0, $start);
            self::assertNotNull($placed);
        }

        return $placed;
    }

    /** Maren and a little one, with the parent there throughout all the hour. */
    private static function withLittle(): DayRequest
    {
        $learner = static fn (Child $child): Learner => new Learner($child, ChildRecord::blank(Make::map()), 30);

        return self::request()->learning([
            $learner(Make::child('Maren', 78, minutes: 30, longest: 15)),
            $learner(Make::child('Lark', 41, minutes: 15, longest: 8)),
        ]);
    }

    /** @return list<Option> */
    private static function alone(Filling $filling): array
    {
        return array_merge(...array_map($filling->options->alone(...), $filling->options->candidates['maren'] ?? []));
    }

    private static function filling(DayRequest $request, ?Prospects $prospects = null): Filling
    {
        return new Filling(
            $request,
            Day::of($request),
            $prospects ?? self::planner()->prospects($request),
            new SettingOut(Make::map(), Make::catalogue(), Make::cautions(), $request),
        );
    }

    /** @param list<\Pindle\Core\Planning\SetUp> $kept */
    private static function request(array $kept = []): DayRequest
    {
        $child = Make::child('Maren', 78, minutes: 30, longest: 15);

        return new DayRequest(
            Make::day(0),
            1,
            [new Learner($child, ChildRecord::blank(Make::map()), 30)],
            [new Span(540, 600)],
            array_values(Make::things()->things()),
            [Place::Table],
            kept: $kept,
            repertoire: new Repertoire(array_fill_keys(array_keys(Make::catalogue()->activities), 2)),
        );
    }

    private static function planner(): Planner
    {
        return new Planner(Make::map(), Make::catalogue(), Make::cautions());
    }
}
