<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Bench\SmallDays;
use Pindle\Core\Planning\Chance;
use Pindle\Core\Planning\Company;
use Pindle\Core\Planning\Greedy;
use Pindle\Core\Planning\Placed;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Search;
use Pindle\Tests\ExactDay;
use Pindle\Tests\Filled;
use Pindle\Tests\Make;

/** What the search for a day finds beside the best there is, and for how long it looks. */
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
        $prospects = $day->prospects(Filled::planner());
        $worth = Filled::planner()->plan($day->request, $prospects)->goal->total();
        $best = (new ExactDay($day->request, $prospects, Filled::filling($day->request, $prospects), 20_000))->worth(0.0);

        self::assertNotNull($best, 'solved');
        self::assertGreaterThan(0.0, $best);
        self::assertLessThanOrEqual($best + 1e-6, $worth);
        self::assertGreaterThanOrEqual(0.97 * $best, $worth);
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

    /** So short a search finds little; what comes of filling the day up again and again is there before it. */
    public function test_what_was_found_is_never_given_up_for_less(): void
    {
        $planner = static fn (float $times): Planner => new Planner(Make::map(), Make::catalogue(), Make::cautions(), times: $times);
        $allowed = 0;
        foreach (range(0, 11) as $number) {
            $request = SmallDays::small($number)->request;
            $filling = Filled::filling($request);
            $filled = $filling->laidOut((new Greedy($filling))->filled());
            $allowed += 0 === $filling->room->excess($filled) ? 1 : 0;
            $worth = $filling->room->excess($filled) > 0 ? 0.0 : $filling->worth($filled);
            foreach ([0.0, 0.02, 0.1] as $times) {
                self::assertGreaterThanOrEqual($worth - 1e-6, $planner($times)->plan($request)->goal->total(), $number.' '.$times);
            }
        }
        self::assertGreaterThan(6, $allowed);
    }

    public function test_more_children_are_searched_for_longer_and_three_little_ones_longer_still(): void
    {
        self::assertSame([320, 1900, 5700], array_map(Search::steps(...), [1, 2, 6], [1, 2, 2]));
        self::assertSame([8550, 11400], array_map(Search::steps(...), [6, 6], [3, 4]));
    }

    /** Two of Maren and one of the little one: in this order the last of Maren's comes too late, in another it does not. */
    public function test_other_times_are_found_at_which_a_little_one_has_company(): void
    {
        $filling = Filled::filling(Filled::withLittle());
        [$first, $second] = Filled::first($filling, 'maren');
        [$little] = Filled::first($filling, 'lark');
        $placed = Filled::placed($filling, [[$little, 540], [$first, 550], [$second, 565]]);

        self::assertSame(['lark'], $filling->room->lonely($placed));
        self::assertGreaterThan(0, $filling->room->excess($placed));
        $arranged = $filling->room->arranged($placed, 60);
        self::assertNotNull($arranged);
        self::assertCount(3, $arranged);
        $again = Filled::placed($filling, array_map(static fn (array $one): array => [$one[0]->option, $one[1]], $arranged));
        self::assertSame([0, []], [$filling->room->excess($again), $filling->room->lonely($again)]);
        self::assertNull($filling->room->arranged($placed, 2), 'three are to be put somewhere');
        self::assertNull($filling->room->arranged(Filled::placed($filling, [[$first, 540], [$second, 560]]), 60), 'nothing of the little one');
    }

    public function test_a_little_one_gets_a_place_or_a_set_up_where_no_other_time_helps(): void
    {
        $helped = 0;
        for ($seed = 0; $seed < 40; ++$seed) {
            $filling = Filled::filling(Filled::withLittle());
            [$first, $second] = Filled::first($filling, 'maren');
            $placed = Filled::placed($filling, [[$first, 540], [$second, 560]]);
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
}
