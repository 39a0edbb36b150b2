<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Bench\SmallDays;
use Pindle\Core\Planning\Chance;
use Pindle\Core\Planning\Changing;
use Pindle\Core\Planning\Draw;
use Pindle\Core\Planning\Filling;
use Pindle\Core\Planning\Option;
use Pindle\Core\Planning\Placed;
use Pindle\Core\Planning\Prospects;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\Search;
use Pindle\Core\Planning\SmallChange;
use Pindle\Core\Planning\Weighed;
use Pindle\Tests\Filled;
use Pindle\Tests\Make;

/** The small changes of a search, and what they draw from. */
final class ChangingTest extends TestCase
{
    /** A new game that came first once kept a better one away, for there was room for one; and what went with it left the day short. */
    public function test_one_new_game_gives_way_to_another_and_what_else_goes_with_it_is_filled_again(): void
    {
        $known = \array_slice(array_keys(Make::catalogue()->activities), 0, 60);
        $request = Filled::withLittle()->knowing(new Repertoire(array_fill_keys($known, 2)));
        $filling = Filled::filling($request);
        self::assertSame(1, $request->newLeft());
        [$hers, $theirs] = self::bothNew($filling);
        $known = static fn (string $childId): Option => array_values(array_filter(
            Filled::first($filling, $childId),
            static fn (Option $option): bool => !$option->isNew,
        ))[0];
        $stays = [$known('maren'), $known('lark')];
        $day = Filled::placed($filling, [[$theirs, 540], [$stays[0], 545], [$stays[1], 560], [$hers, 570]]);
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
        $filling = Filled::filling(Filled::withLittle());
        $maren = Filled::first($filling, 'maren');
        $lark = Filled::first($filling, 'lark');
        $three = Filled::placed($filling, [[$lark[0], 540], [$maren[0], 545], [$lark[1], 560]]);
        $four = Filled::placed($filling, [[$lark[0], 540], [$maren[0], 545], [$lark[1], 560], [$maren[1], 570]]);
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
        $filling = Filled::filling(Filled::withLittle());
        [$option] = Filled::first($filling, 'maren');
        $gone = Filled::placed($filling, [[$option, 540]])[0];
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

    public function test_what_is_drawn_brings_what_is_needed_for_one_child_or_for_some_who_meet(): void
    {
        $filling = Filled::filling(Filled::withLittle());
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
        $all = $day->prospects(Filled::planner());
        $found = ['near' => 0, 'with' => 0];
        foreach (array_merge(...array_values($all->candidates)) as $candidate) {
            $prospects = new Prospects($all->learners, $all->ranked, [$candidate->childId => [$candidate]], $all->scale);
            $filling = Filled::filling($day->request, $prospects);
            [$usual, $throughout] = [$filling->options->usual($candidate), $filling->options->throughout($candidate)];
            if (null !== $usual && null !== $throughout) {
                $lies = null !== $filling->with([], $usual, 0, $day->request->windows[0]->start);
                foreach (Search::best(Filled::filling($day->request, $prospects), 1, 0.15) as $setUp) {
                    self::assertSame($lies ? $usual->part : $throughout->part, $setUp->part, $usual->key);
                    ++$found[$lies ? 'near' : 'with'];
                }
            }
        }
        self::assertGreaterThan(2, $found['near']);
        self::assertGreaterThan(0, $found['with']);
    }

    public function test_what_comes_in_brings_about_what_the_day_has_to_be_worth_more(): void
    {
        $filling = Filled::filling(Filled::withLittle());
        $day = Filled::placed($filling, [[Filled::first($filling, 'lark')[0], 540], [Filled::first($filling, 'maren')[0], 550]]);
        $worth = $filling->worth($day);
        $added = $replaced = [];
        foreach (self::changes($filling, $day, $worth) as $next) {
            if ($day === \array_slice($next, 0, 2)) {
                $added[] = $filling->worth($next) - $worth;
            } elseif (2 === \count($next) && \in_array($next[0], $day, true) && !\in_array($next[1], $day, true)) {
                $replaced[] = $filling->worth($next) - $worth;
            }
        }
        self::assertGreaterThan(20, min(\count($added), \count($replaced)));
        self::assertEqualsWithDelta(-0.5, min(0.0, ...$added), 0.4, 'what is known is known roughly');
        self::assertEqualsWithDelta(-0.5, min(0.0, ...$replaced), 0.4);
    }

    public function test_of_a_hundred_small_changes_each_is_of_one_kind(): void
    {
        $found = array_count_values(array_map(static fn (int $number): string => SmallChange::at($number)->name, range(1, 100)));
        foreach (SmallChange::cases() as $change) {
            self::assertSame($change->often(), $found[$change->name] ?? 0, $change->name);
        }
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

    /**
     * One game that is new to the parent, for each of the two by themselves.
     *
     * @return array{Option, Option}
     */
    private static function bothNew(Filling $filling): array
    {
        foreach (Filled::first($filling, 'maren') as $hers) {
            foreach (Filled::first($filling, 'lark') as $theirs) {
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
    private static function changes(Filling $filling, array $day, float $least = -\INF): array
    {
        $changing = new Changing($filling, new Chance(5), ['maren', 'lark'], [540, 550, 560, 570, 580]);
        $weighed = new Weighed($day, $filling->worth($day), 0);
        $changed = array_map(static fn (): ?array => $changing->changed($weighed, $least, 1.0), range(1, 600));

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
}
