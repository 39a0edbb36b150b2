<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\AllowedCheck;
use Pindle\Core\Planning\Block;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\DayPlan;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Moment;
use Pindle\Core\Planning\ParentState;
use Pindle\Core\Planning\PlanCheck;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Problem;
use Pindle\Core\Planning\Prospects;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SettingOut;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Shape;
use Pindle\Core\Planning\Shortfall;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Planning\WhyLittle;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Tests\Make;

/** The shape of a good morning: what opens it, who goes first, what the parent can give, and why there is little. */
final class DayShapeTest extends TestCase
{
    public function test_nothing_starts_in_the_five_minutes_before_the_parent_is_there_for_nobody(): void
    {
        $block = new Block(ParentState::Settling, new Span(560, 570));
        $game = Make::catalogue()->activity('fetch-me');
        $allows = static fn (int $from, int $to, Part $part = Part::With): bool => $block->allows($game, $part, new Span($from, $to));

        self::assertSame([true, false], [$allows(554, 560), $allows(555, 559)]);
        self::assertFalse($allows(554, 561), 'the parent would have to leave');
        self::assertSame([false, true], [$allows(569, 575), $allows(570, 575)]);
        self::assertTrue($allows(553, 575, Part::Alone), 'what runs alone goes on');
        self::assertTrue($allows(553, 575, Part::Near));
        self::assertFalse($allows(553, 570, Part::Near), 'its last minute is the parent\'s');
    }

    public function test_with_arms_full_only_what_is_spoken_goes_on(): void
    {
        $block = new Block(ParentState::ArmsFull, new Span(560, 570));
        $allows = static fn (string $id, int $from): bool => $block->allows(Make::catalogue()->activity($id), Part::With, new Span($from, $from + 5));

        self::assertTrue($allows('whisper-count', 562));
        self::assertFalse($allows('fetch-me', 562));
        self::assertTrue($allows('fetch-me', 555), 'until the arms are full');
        self::assertFalse((new Block(ParentState::Away, new Span(560, 570)))->allows(
            Make::catalogue()->activity('whisper-count'),
            Part::With,
            new Span(562, 567),
        ));
    }

    public function test_after_an_opener_nobody_needs_a_break(): void
    {
        $child = Make::child('Maren', 78, minutes: 30);
        $day = new Day(Make::day(0), [$child], [new Span(540, 600)]);
        $of = static fn (string $id, int $from): SetUp => self::laidOut($id, $from, $from + 5, 'maren');
        $game = Make::catalogue()->activity('fetch-me');
        $allows = static fn (SetUp $before, int $from, ?Activity $activity = null): bool => $day->allows(
            [$before],
            [$child],
            new Span($from, $from + 8),
            Part::With,
            Place::Table,
            $activity ?? $game,
        );

        self::assertTrue($allows($of('whisper-count', 540), 545));
        self::assertFalse($allows($of('whisper-count', 541), 546), 'only at the start of a time at the table');
        self::assertFalse($allows($of('fetch-me', 540), 545), 'only with empty hands');
        self::assertTrue($allows($of('fetch-me', 548), 540, Make::catalogue()->activity('whisper-count')), 'also when it is put in later');
    }

    public function test_on_a_short_day_something_starts_as_soon_as_something_ends(): void
    {
        $child = Make::child('Maren', 78, minutes: 30);
        $earliest = static fn (int $window): ?Span => (new Day(Make::day(0), [$child], [new Span(540, 540 + $window)]))->earliest(
            [self::laidOut('fetch-me', 540, 547, 'tobin')],
            [$child],
            8,
            Part::With,
            Place::Table,
            Make::catalogue()->activity('fetch-me'),
        );

        self::assertEquals(new Span(547, 555), $earliest(24));
        self::assertEquals(new Span(550, 558), $earliest(25));
    }

    public function test_twenty_minutes_are_a_turn_for_everyone(): void
    {
        $plan = self::plan([new Span(540, 560)], self::three());

        foreach (['maren', 'tobin', 'lark'] as $childId) {
            self::assertNotSame([], array_filter($plan->setUps, static fn (SetUp $setUp): bool => null !== $setUp->sittingOf($childId)), $childId);
        }
    }

    public function test_the_little_ones_go_first_and_the_eldest_has_the_nap(): void
    {
        $maren = Make::child('Maren', 78, minutes: 30, longest: 15);
        $morning = self::plan([new Span(540, 600)], [$maren, Make::child('Tobin', 50, minutes: 12)])->setUps;
        $first = array_values(array_filter($morning, static fn (SetUp $setUp): bool => !$setUp->activity->needsNothing()))[0];
        self::assertContains('tobin', $first->childIds());

        $nap = new Span(560, 640);
        $withNap = self::plan([new Span(540, 640)], [$maren, Make::child('Lark', 30, [$nap])])->setUps;
        $hers = array_values(array_filter(
            $withNap,
            static fn (SetUp $setUp): bool => ['maren'] === $setUp->childIds() && !$setUp->activity->needsNothing(),
        ));
        self::assertNotSame([], $hers);
        foreach ($hers as $setUp) {
            self::assertTrue($nap->holds($setUp->span), $setUp->key);
        }
    }

    /** The nap is full before all of the eldest's are in it: then nothing is put there, and the rest begins as soon as it can all the same. */
    public function test_where_the_nap_has_no_room_for_all_each_begins_as_soon_as_it_can(): void
    {
        $children = [Make::child('Maren', 78, minutes: 30, longest: 15), Make::child('Tobin', 54, minutes: 24, longest: 12)];
        $request = static fn (Span ...$naps): DayRequest => self::request(
            [new Span(540, 580), new Span(780, 800)],
            [...$children, Make::child('Lark', 30, array_values($naps))],
            false,
            Place::cases(),
            [],
            new Repertoire(array_fill_keys(array_keys(Make::catalogue()->activities), 2)),
        );
        $starts = static fn (DayRequest $request, SetUp ...$setUps): array => array_map(
            static fn (SetUp $setUp): int => $setUp->span->start,
            (new Shape($request, Day::of($request), new SettingOut(Make::map(), Make::catalogue(), Make::cautions(), $request)))->of(array_values($setUps)),
        );
        $hers = self::laidOut('seven-jumps', 555, 563, 'maren', 2, Place::Floor, Part::Near);
        $his = self::laidOut('start-from', 781, 787, 'tobin', 2, Place::Table, Part::Near);
        $more = self::laidOut('by-ear', 790, 799, 'maren', 2, Place::Table, Part::Near);
        $nap = new Span(770, 870);

        self::assertSame([780], $starts($request($nap), $hers), 'her own time');
        self::assertSame([540, 780, 786], $starts($request($nap), $hers, $his, $more));
        self::assertSame([540, 780, 786], $starts($request(), $hers, $his, $more), 'the same where nobody sleeps');
    }

    public function test_what_takes_no_things_opens_a_time_or_goes_on_with_arms_full_and_is_not_put_in_between(): void
    {
        $moments = static fn (DayPlan $plan): array => array_values(array_filter(
            $plan->setUps,
            static fn (SetUp $setUp): bool => $setUp->activity->isMoment(),
        ));
        foreach ($moments(self::plan([new Span(540, 600)], self::three())) as $setUp) {
            self::assertSame(540, $setUp->span->start);
        }
        $full = new Block(ParentState::ArmsFull, new Span(540, 600));
        $plan = self::plan([new Span(540, 600)], [Make::child('Maren', 78)], blocks: [$full]);
        self::assertNotSame([], $plan->setUps);
        self::assertCount(\count($plan->setUps), $moments($plan));
    }

    public function test_any_time_today_there_is_something_for_each_child_two_for_one_under_three(): void
    {
        $plan = self::plan([new Span(540, 580)], [Make::child('Maren', 78), Make::child('Three', 36), Make::child('Lark', 35)]);
        $of = static fn (string $childId): array => array_filter($plan->moments, static fn (Moment $moment): bool => $moment->childId === $childId);

        self::assertSame([1, 1, 2], [\count($of('maren')), \count($of('three')), \count($of('lark'))]);
        foreach ($plan->moments as $moment) {
            self::assertTrue(Make::catalogue()->activity($moment->activityId)->isMoment());
            self::assertNotContains($moment->activityId, array_map(static fn (SetUp $setUp): string => $setUp->activity->id, $plan->setUps));
        }
    }

    public function test_the_reason_for_nothing_or_little_is_the_true_one(): void
    {
        $maren = Make::child('Maren', 78, minutes: 30);
        $why = static fn (DayPlan $plan): ?WhyLittle => $plan->little['maren'] ?? null;
        $none = new Repertoire(array_fill_keys(['a', 'b', 'c', 'd', 'e', 'f'], 1), 2);

        $all = new Repertoire(array_fill_keys(array_keys(Make::catalogue()->activities), 2));
        self::assertNull($why(self::plan([new Span(540, 600)], [$maren], repertoire: $all)));
        self::assertSame(WhyLittle::NoGame, $why(self::plan([new Span(540, 600)], [$maren], repertoire: $none)));
        self::assertSame(WhyLittle::Asleep, $why(self::plan([new Span(540, 560)], [Make::child('Maren', 78, [new Span(530, 570)], 30)])));
        self::assertSame(WhyLittle::NotWorthIt, $why(self::plan([new Span(540, 550)], [$maren], most: 0)));
        $away = new Block(ParentState::Away, new Span(500, 600));
        self::assertSame(WhyLittle::NoTime, $why(self::plan([new Span(540, 560)], [$maren], blocks: [$away])));
        self::assertSame(WhyLittle::NothingReady, $why(self::plan([new Span(540, 560)], [$maren], ready: false)));
    }

    public function test_less_than_half_of_the_minutes_is_little(): void
    {
        $request = self::request([new Span(540, 600)], [Make::child('Maren', 78, minutes: 30)], false, Place::cases(), [], new Repertoire());
        $all = (new Planner(Make::map(), Make::catalogue(), Make::cautions()))->prospects($request);
        $shortfall = new Shortfall(
            $request,
            Day::of($request),
            new SettingOut(Make::map(), Make::catalogue(), Make::cautions(), $request),
            new Prospects($all->learners, $all->ranked, [], $all->scale),
        );
        $sat = static fn (int $minutes): ?WhyLittle => $shortfall->of(
            $request->learners[0],
            [self::laidOut('fetch-me', 540, 540 + $minutes, 'maren')],
        );

        self::assertSame([WhyLittle::NoGame, null], [$sat(14), $sat(15)]);
    }

    public function test_the_check_notices_what_the_day_does_not_allow(): void
    {
        $children = [Make::child('Maren', 78, minutes: 30), Make::child('Tobin', 54, minutes: 24)];
        $found = static fn (SetUp $setUp, DayRequest $request): array => array_map(
            static fn (array $problem): Problem => $problem[0],
            (new PlanCheck(Make::cautions()))->problems($request, new DayPlan(
                $request->date,
                [$setUp],
                Day::of($request)->threads([$setUp]),
                self::plan([new Span(540, 541)], [])->goal,
            )),
        );
        $request = static fn (bool $quiet = false, array $places = [Place::Table], array $blocks = [], ?Repertoire $of = null): DayRequest => self::request(
            [new Span(540, 600)],
            $children,
            $quiet,
            array_values($places),
            array_values($blocks),
            $of ?? new Repertoire(['fetch-me' => 1, 'dance-count' => 1, 'froth-count' => 1]),
        );
        $setUp = static fn (string $id, Place $place = Place::Table): SetUp => self::laidOut($id, 540, 550, 'maren', place: $place);

        self::assertContains(Problem::PlaceNotToday, $found($setUp('fetch-me', Place::Outdoors), $request()));
        $there = $setUp('fetch-me', Make::catalogue()->activity('fetch-me')->places[0]);
        self::assertNotContains(Problem::PlaceNotToday, $found($there, $request(places: Place::cases())));
        self::assertContains(Problem::TooNoisy, $found($setUp('dance-count'), $request(quiet: true)));
        self::assertNotContains(Problem::TooNoisy, $found($setUp('dance-count'), $request()));
        self::assertContains(Problem::ParentNotThere, $found($setUp('fetch-me'), $request(blocks: [new Block(ParentState::Away, new Span(549, 560))])));
        self::assertContains(Problem::ParentNotThere, $found($setUp('fetch-me'), $request(blocks: [new Block(ParentState::Away, new Span(545, 546))])));
        self::assertNotContains(Problem::ParentNotThere, $found($setUp('fetch-me'), $request(blocks: [new Block(ParentState::Away, new Span(550, 560))])));
        $late = static fn (ParentState $state, int $from): bool => \in_array(
            Problem::ParentNotThere,
            $found(self::laidOut('fetch-me', 540, 544, 'maren'), $request(blocks: [new Block($state, new Span($from, 560))])),
            true,
        );
        self::assertSame([true, false], [$late(ParentState::Settling, 545), $late(ParentState::Settling, 546)], 'begun too late');
        self::assertFalse($late(ParentState::ArmsFull, 544));
        $near = static fn (int $from, int $to): bool => \in_array(
            Problem::ParentNotThere,
            $found(self::laidOut('fetch-me', 540, 550, 'maren', part: Part::Near), $request(blocks: [
                new Block(ParentState::ArmsFull, new Span($from, $to)),
            ])),
            true,
        );
        self::assertSame([true, false, false, true], [$near(541, 545), $near(542, 545), $near(548, 549), $near(549, 552)], 'two minutes and the last');
        $noneKnown = new Repertoire(array_fill_keys(['a', 'b', 'c', 'd', 'e', 'f'], 1), 2);
        self::assertContains(Problem::TooManyNew, $found($setUp('fetch-me'), $request(of: $noneKnown)));
        self::assertNotContains(Problem::TooManyNew, $found($setUp('fetch-me'), $request()));
    }

    public function test_the_check_notices_what_does_not_fit_its_time(): void
    {
        $children = [Make::child('Almost', 47), Make::child('Just', 48), Make::child('Maren', 78)];
        $request = self::request([new Span(540, 600)], $children, false, Place::cases(), [], new Repertoire());
        $fits = static fn (string $id, string $childId, int $asked, int $minutes): bool => [] === array_filter(
            (new AllowedCheck())->problems($request, $all = [self::laidOut($id, 540, 540 + $minutes, $childId, $asked)], $all),
            static fn (array $problem): bool => Problem::TooShort === $problem[0],
        );

        // A minute to lay out, one to tidy up, and four questions: of a minute each below four years.
        self::assertSame([false, true], [$fits('fetch-me', 'almost', 4, 5), $fits('fetch-me', 'almost', 4, 6)]);
        self::assertSame([false, true], [$fits('fetch-me', 'just', 4, 4), $fits('fetch-me', 'just', 4, 5)], 'of 40 seconds');
        self::assertSame([false, true], [$fits('beat-of-tens', 'maren', 6, 2), $fits('beat-of-tens', 'maren', 6, 3)], 'half a minute at least');
    }

    /**
     * @param list<Span>  $windows
     * @param list<Child> $children
     * @param list<Block> $blocks
     */
    private static function plan(
        array $windows,
        array $children,
        array $blocks = [],
        ?int $most = null,
        bool $ready = true,
        Repertoire $repertoire = new Repertoire(),
    ): DayPlan {
        $request = self::request($windows, $children, false, Place::cases(), $blocks, $repertoire, $most, $ready);
        $plan = (new Planner(Make::map(), Make::catalogue(), Make::cautions()))->plan($request);
        self::assertSame([], (new PlanCheck(Make::cautions()))->problems($request, $plan));

        return $plan;
    }

    /**
     * @param list<Span>  $windows
     * @param list<Child> $children
     * @param list<Place> $places
     * @param list<Block> $blocks
     */
    private static function request(
        array $windows,
        array $children,
        bool $quiet,
        array $places,
        array $blocks,
        Repertoire $repertoire,
        ?int $most = null,
        bool $ready = true,
    ): DayRequest {
        $resting = $ready ? [] : array_fill_keys(array_keys(Make::map()->steps), Make::day(9));

        return new DayRequest(
            Make::day(0),
            1,
            array_map(static fn (Child $child): Learner => new Learner(
                $child,
                ChildRecord::blank(Make::map()),
                $child->minutesOn(Make::day(0)),
                [],
                $resting,
            ), $children),
            $windows,
            array_values(Make::things()->things()),
            $places,
            $quiet,
            most: $most,
            repertoire: $repertoire,
            blocks: $blocks,
        );
    }

    /** @return list<Child> */
    private static function three(): array
    {
        return [Make::child('Maren', 78, minutes: 30, longest: 15), Make::child('Tobin', 54, minutes: 24, longest: 12), Make::child('Lark', 30)];
    }

    private static function laidOut(string $id, int $from, int $to, string $childId, int $ask = 0, Place $place = Place::Table, Part $part = Part::With): SetUp
    {
        $question = new Question('count-out@5', Kind::named('take-just-so')->prompts(Make::map()->step('count-out@5'))[0], Level::At);
        $sitting = new Sitting($childId, [new Course('say-count@5', null, Help::Bare, Reason::Ready)], array_fill(0, $ask, $question));

        return new SetUp($id, Make::catalogue()->activity($id), $place, $part, new Span($from, $to), [$sitting], []);
    }
}
