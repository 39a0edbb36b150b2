<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Catalogue;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\InvalidRepertoire;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Opening;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SetUp;
use Pindle\Tests\Make;

final class RepertoireTest extends TestCase
{
    public function test_a_game_is_new_before_its_first_use_and_known_after_two_or_when_told(): void
    {
        [$used, $other] = [Make::catalogue()->activity('fetch-me'), Make::catalogue()->activity('squash-count')];
        $moment = Make::catalogue()->activity('pass-it-on');
        $of = static fn (int $uses): Repertoire => new Repertoire(['fetch-me' => $uses], told: ['squash-count']);

        self::assertSame([true, false, false], [$of(0)->isNew($used), $of(1)->isNew($used), $of(2)->isNew($used)]);
        self::assertSame([false, false, true], [$of(0)->isKnown($used), $of(1)->isKnown($used), $of(2)->isKnown($used)]);
        self::assertSame([false, true], [$of(0)->isNew($other), $of(0)->isKnown($other)]);
        self::assertFalse((new Repertoire())->isNew($moment), 'there is nothing to learn of what goes on in daily life');
    }

    /** Six used is enough to go slowly; a house with five takes one more and then goes slowly too. */
    #[TestWith([0, 0, 2, 2])]
    #[TestWith([4, 4, 2, 2])]
    #[TestWith([5, 5, 2, 1])]
    #[TestWith([6, 0, 2, 1])]
    #[TestWith([6, 1, 2, 1])]
    #[TestWith([6, 2, 2, 0])]
    #[TestWith([9, 4, 5, 1])]
    #[TestWith([9, 0, 0, 0])]
    #[TestWith([3, 0, 0, 2])]
    public function test_how_many_new_games_a_day_may_bring(int $used, int $newWeek, int $aWeek, int $may): void
    {
        $uses = [];
        for ($i = 0; $i < $used; ++$i) {
            $uses['game-'.$i] = 1;
        }

        self::assertSame($may, (new Repertoire($uses, $newWeek, [], $aWeek))->newToday());
    }

    public function test_from_none_to_five_a_week(): void
    {
        self::assertSame([0, 5], [(new Repertoire(aWeek: 0))->aWeek, (new Repertoire(aWeek: 5))->aWeek]);
        foreach ([-1, 6] as $wrong) {
            try {
                new Repertoire(aWeek: $wrong);
                self::fail((string) $wrong);
            } catch (InvalidRepertoire $e) {
                self::assertStringContainsString((string) $wrong, $e->getMessage());
            }
        }
    }

    public function test_what_the_house_knows_follows_from_what_was_laid_out_before(): void
    {
        $game = static fn (string $id, int $times, int $first): array => [Make::catalogue()->activity($id), $times, Make::day($first)];
        $repertoire = Repertoire::on(Make::day(10), [$game('fetch-me', 2, 3), $game('squash-count', 1, 4), $game('pass-it-on', 1, 9)], ['froth-count']);

        self::assertSame(['fetch-me' => 2, 'squash-count' => 1], $repertoire->uses);
        self::assertSame(1, $repertoire->newWeek, 'six days before is this week, seven is not');
        self::assertSame(['froth-count'], $repertoire->told);
    }

    public function test_what_would_open_most_is_what_serves_what_nothing_else_does(): void
    {
        $learner = new Learner(Make::child('Tobin', 54), ChildRecord::blank(Make::map()), 24);
        $ranked = static fn (float $count, float $sort): array => ['tobin' => array_map(
            static fn (string $id, float $worth): RankedStep => new RankedStep(
                Make::map()->step($id),
                new Worth($worth, 0.0, 0.0, 0.0, 1.0, 1.0),
                false,
                Reason::Ready,
                [],
            ),
            ['say-count@5', 'sort-groups@two'],
            [$count, $sort],
        )];
        $some = array_map(Make::catalogue()->activity(...), ['start-from', 'sort-then-see', 'froth-count']);
        $most = static fn (Repertoire $repertoire, array $of, int $most = 3): array => (new Opening(Catalogue::of(array_values($some), [])))->most(
            ['tobin' => $learner],
            $of,
            array_values($some),
            $repertoire,
            array_values(Make::things()->things()),
            $most,
        );
        $of = $ranked(0.2, 0.1);

        $opens = $most(new Repertoire(), $of);
        self::assertSame('start-from', array_key_first($opens), 'of equals the first');
        self::assertEqualsWithDelta(log(2.0), $opens['start-from'], 1e-9);
        // Half as good as the best, and nothing else serves it.
        self::assertEqualsWithDelta(log(2.5) - log(2.0), $opens['sort-then-see'], 1e-9);
        self::assertEqualsWithDelta(log(2.8) - log(2.5), $opens['froth-count'], 1e-9, 'a second way counts three tenths');
        self::assertSame('sort-then-see', array_key_first($most(new Repertoire(['start-from' => 1]), $of)));
        self::assertArrayNotHasKey('start-from', $most(new Repertoire(['start-from' => 1]), $of));
        self::assertCount(1, $most(new Repertoire(), $of, 1));
        self::assertSame([], $most(new Repertoire(), ['tobin' => []]));
    }

    public function test_plans_bring_no_more_new_games_than_the_house_can_take(): void
    {
        $children = [Make::child('Maren', 78, minutes: 30, longest: 15), Make::child('Tobin', 54, minutes: 24, longest: 12)];
        $plan = static fn (Repertoire $repertoire, array $wanted = []): array => array_unique(array_map(
            static fn (SetUp $setUp): string => $setUp->activity->id,
            array_values(array_filter(
                (new Planner(Make::map(), Make::catalogue(), Make::cautions()))->plan(new DayRequest(
                    Make::day(0),
                    1,
                    array_map(static fn ($child): Learner => new Learner($child, ChildRecord::blank(Make::map()), 30), $children),
                    [new Span(540, 600)],
                    array_values(Make::things()->things()),
                    Place::cases(),
                    wanted: array_values($wanted),
                    repertoire: $repertoire,
                ))->setUps,
                static fn (SetUp $setUp): bool => $repertoire->isNew($setUp->activity),
            )),
        ));
        $used = array_fill_keys(['fetch-me', 'squash-count', 'food-plate', 'quick-peek', 'froth-count', 'start-from'], 2);

        self::assertCount(2, $plan(new Repertoire()), 'a house that begins');
        self::assertLessThanOrEqual(1, \count($plan(new Repertoire($used))));
        self::assertSame([], $plan(new Repertoire($used, 2)), 'two this week already');
        self::assertSame(['sort-then-see'], array_values($plan(new Repertoire($used, 2), ['sort-then-see'])), 'what the parent wants is another matter');
    }
}
