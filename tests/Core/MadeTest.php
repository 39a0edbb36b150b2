<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Answering;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Planning\Course;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Goal;
use Pindle\Core\Planning\Laid;
use Pindle\Core\Planning\MadeFor;
use Pindle\Core\Planning\Ready;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\Scale;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Printable\Fit;
use Pindle\Core\Printable\Made;
use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Printable\Want;
use Pindle\Core\Question\Kind\Join;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Tests\Make;

/** What is made once and kept: what it is good for again, and what the planner makes of it. */
final class MadeTest extends TestCase
{
    #[TestWith([SheetKind::NumeralCards, 20, 10, true])]
    #[TestWith([SheetKind::NumeralCards, 10, 10, true])]
    #[TestWith([SheetKind::NumeralCards, 10, 11, false])]
    #[TestWith([SheetKind::DiceNets, 10, 5, false])]
    #[TestWith([SheetKind::Spinner, 6, 6, true])]
    #[TestWith([SheetKind::Spinner, 6, 5, false])]
    #[TestWith([SheetKind::Trail, 20, 10, false])]
    #[TestWith([SheetKind::Frame, 10, 5, false])]
    #[TestWith([SheetKind::Frame, 5, 10, false])]
    #[TestWith([SheetKind::Frame, 10, 6, true])]
    #[TestWith([SheetKind::Frame, 10, 11, false])]
    #[TestWith([SheetKind::Frame, 11, 20, true])]
    #[TestWith([SheetKind::Frame, 20, 10, true])]
    #[TestWith([SheetKind::TurningSign, 5, 1000, true])]
    public function test_how_far_what_is_made_goes(SheetKind $kind, int $made, int $wanted, bool $serves): void
    {
        $fit = static fn (int $reach): Fit => Fit::of($kind, Variant::Usual, $reach, 25.0, new Settings());
        self::assertSame($serves, $fit($made)->serves($fit($wanted)));
    }

    /** A frame for lids holds corks; a line in steps of corks is no line for lids. */
    #[TestWith([SheetKind::Frame, 70.0, 25.0, true])]
    #[TestWith([SheetKind::Frame, 24.5, 25.0, true])]
    #[TestWith([SheetKind::Frame, 24.4, 25.0, false])]
    #[TestWith([SheetKind::Line, 25.5, 25.0, true])]
    #[TestWith([SheetKind::Line, 25.6, 25.0, false])]
    #[TestWith([SheetKind::Line, 24.4, 25.0, false])]
    #[TestWith([SheetKind::PileChart, 70.0, 25.0, false])]
    #[TestWith([SheetKind::NumeralCards, 70.0, 25.0, true])]
    public function test_for_which_things_it_is(SheetKind $kind, float $made, float $wanted, bool $serves): void
    {
        $fit = static fn (float $side): Fit => Fit::of($kind, Variant::Usual, 10, $side, new Settings());
        self::assertSame($serves, $fit($made)->serves($fit($wanted)));
    }

    public function test_another_way_of_teaching_other_coins_and_other_questions_want_their_own(): void
    {
        $frame = static fn (FrameFilling $filling): Fit => Fit::of(SheetKind::Frame, Variant::Usual, 10, 25.0, new Settings(frameFilling: $filling));
        self::assertFalse($frame(FrameFilling::Upright)->serves($frame(FrameFilling::Pairs)));
        $cards = static fn (Answering $answering): Fit => Fit::of(SheetKind::NumeralCards, Variant::Usual, 10, null, new Settings(answering: $answering));
        self::assertTrue($cards(Answering::Saying)->serves($cards(Answering::Tiles)), 'it does not show on cards');
        self::assertFalse($cards(Answering::Tiles)->serves(Fit::of(SheetKind::NumeralCards, Variant::Floor, 10, null, new Settings())));
        $coins = static fn (string $set): Fit => Fit::of(SheetKind::PlayCoins, Variant::Usual, 10, null, new Settings(coins: CoinSet::parse($set)));
        self::assertFalse($coins('1, 2')->serves($coins('1, 5')));
        $page = static fn (Prompt ...$prompts): Fit => Fit::of(SheetKind::SumPage, Variant::Usual, 10, null, new Settings(), array_values($prompts));
        $asked = [new Join('join', 2, 3), new Join('join', 4, 1)];
        self::assertTrue($page(...$asked)->serves($page(...array_reverse($asked))));
        self::assertFalse($page(...$asked)->serves($page($asked[0])));
    }

    public function test_the_best_there_is_counts_and_what_is_made_without_a_sheet_goes_by_its_prop(): void
    {
        $want = self::want('numeral-cards', 10);
        $fit = static fn (int $reach): Fit => Fit::of(SheetKind::NumeralCards, Variant::Usual, $reach, null, new Settings());
        $made = [new Made(null, $fit(20), MadeState::WornOut), new Made(null, $fit(10), MadeState::HalfMade), new Made(null, $fit(5), MadeState::Made)];
        self::assertSame(MadeState::HalfMade, Made::state($made, $want));
        self::assertSame(MadeState::Made, Made::state([...$made, new Made(null, $fit(10), MadeState::Made)], $want));
        self::assertNull(Made::state([], $want));
        $hanger = self::want('hanger-balance', 10);
        self::assertNull($hanger->fit);
        self::assertSame(MadeState::Made, Made::state([new Made('hanger-balance', null, MadeState::Made)], $hanger));
        self::assertNull(Made::state([new Made('hanger-rail', null, MadeState::Made)], $hanger));
    }

    public function test_what_was_never_spoken_of_is_there_when_its_game_was_played(): void
    {
        self::assertSame([true, false], [MadeState::isLacking(null, true), MadeState::isLacking(null, false)]);
        foreach (MadeState::cases() as $said) {
            self::assertSame(MadeState::Made !== $said, MadeState::isLacking($said, true));
            self::assertSame(MadeState::Made !== $said, MadeState::isLacking($said, false));
        }
    }

    public function test_three_years_to_the_day_is_not_under_three_and_who_knows_when_is(): void
    {
        $born = static fn (?string $born): Child => new Child('pip', 'Pip', null === $born ? null : LocalDate::parse($born));
        $on = LocalDate::parse('2026-03-04');
        $under = static fn (?string $of): bool => $born($of)->isUnderThree($on);
        self::assertSame([true, false, true], [$under('2023-03-05'), $under('2023-03-04'), $under(null)]);
    }

    public function test_as_few_sheets_as_do_for_all(): void
    {
        $far = static fn (Want ...$wants): array => array_map(
            static fn (Want $want): array => [$want->prop->id, $want->reach],
            Want::fewest(array_values($wants)),
        );
        self::assertSame([['numeral-cards', 20], ['hanger-balance', 5]], $far(
            self::want('numeral-cards', 10),
            self::want('numeral-cards', 20),
            self::want('hanger-balance', 5),
            self::want('numeral-cards', 20),
            self::want('hanger-balance', 10),
        ));
        self::assertSame([['frame-card', 10], ['five-strip-card', 5]], $far(self::want('frame-card', 10), self::want('five-strip-card', 5)));
        self::assertSame([], $far());
    }

    public function test_a_set_up_wants_its_props_for_its_things_its_questions_and_the_child_they_are_for(): void
    {
        $setUp = self::laidOut('two-colour-tray', ['lark' => 'add-sentence@5', 'maren' => 'add-sentence@10']);
        $wants = (new MadeFor(Make::map(), Make::things()->sheets()))->of($setUp, [
            'lark' => new Settings(answering: Answering::Saying),
            'maren' => new Settings(answering: Answering::Tiles),
        ]);
        self::assertSame(['frame-card', 'sign-tiles'], array_map(static fn (Want $want): string => $want->prop->id, $wants));
        self::assertSame([10, 10], array_column($wants, 'reach'));
        self::assertSame(['lark', 'maren'], array_column($wants, 'childId'), 'tiles are for her who is taught with tiles');
        self::assertSame([25.0, 'caps'], [$wants[0]->side(), $wants[0]->thing?->name]);
        self::assertSame(['pegs'], array_map(static fn ($thing): string => $thing->name, $wants[0]->others));
        self::assertSame($setUp->sittings[1]->questions[0]->prompt, $wants[1]->prompts[0]);
        // No further than the sheet goes, and as large as is usual where nothing lies on it.
        $die = array_column(
            (new MadeFor(Make::map(), Make::things()->sheets()))->of(self::laidOut('bundle-race', ['lark' => 'tens-ones@100']), []),
            'reach',
            'activityId',
        );
        self::assertSame(20, $die['bundle-race']);
        self::assertSame(25.0, self::want('number-line', 10, null)->side());
        // What any house has is not made.
        self::assertSame([], (new MadeFor(Make::map(), []))->of(self::laidOut('pick-up-count', ['lark' => 'say-count@5']), []));
    }

    public function test_what_has_to_be_made_costs_an_evening_and_on_the_day_itself_there_is_none(): void
    {
        $known = ['fetch-me' => 2];
        $cost = static fn (Ready $ready, array $uses): float => Goal::of(
            new DayRequest(Make::day(0), 1, [], [new Span(540, 600)], [], Place::cases(), repertoire: new Repertoire($uses), ready: $ready),
            new Scale(),
            [self::laidOut('fetch-me', ['lark' => 'name-numeral@10'])],
        )->new;
        $cards = static fn (int $reach, MadeState $state): Made => new Made(
            null,
            Fit::of(SheetKind::NumeralCards, Variant::Usual, $reach, null, new Settings()),
            $state,
        );

        self::assertSame(0.0, $cost(self::ready([]), $known), 'a game that was played has its cards');
        self::assertSame(-1.5 - 0.5, $cost(self::ready([]), []), 'a new one has none yet');
        self::assertSame(-1.5 - 8.0, $cost(self::ready([], isToday: true), []));
        self::assertSame(-1.5, $cost(self::ready([$cards(10, MadeState::Made)], isToday: true), []));
        self::assertSame(0.0, $cost(self::ready([$cards(10, MadeState::Made), $cards(5, MadeState::Made)]), $known), 'the furthest counts');
        self::assertSame(-0.5, $cost(self::ready([$cards(10, MadeState::WornOut)]), $known), 'worn out');
        self::assertSame(-0.5, $cost(self::ready([$cards(10, MadeState::HalfMade)]), $known));
        self::assertSame(-0.5, $cost(self::ready([$cards(9, MadeState::Made)]), $known), 'not far enough');
        self::assertSame(-8.0, $cost(self::ready([$cards(9, MadeState::Made)], isToday: true), $known));
        self::assertSame(0.0, $cost(self::ready([$cards(9, MadeState::Made)], ['numeral-cards'], true), $known), 'the parent was told the evening before');
        self::assertSame(-1.5, $cost(self::ready([new Made('numeral-cards', null, MadeState::Made)]), []), 'nobody said how far');
        // What the parent asked for is not held against itself.
        $asked = static fn (Reason $reason, string ...$wanted): float => Goal::of(
            new DayRequest(Make::day(0), 1, [], [new Span(540, 600)], [], Place::cases(), wanted: array_values($wanted), ready: self::ready([], isToday: true)),
            new Scale(),
            [self::laidOut('fetch-me', ['lark' => 'name-numeral@10'], $reason)],
        )->new;
        self::assertSame([-9.5, 0.0, -1.5, -1.5], [$asked(Reason::Ready), $asked(Reason::Ready, 'fetch-me'), $asked(Reason::Pinned), $asked(Reason::InFocus)]);
    }

    private static function want(string $propId, int $reach, ?float $long = 25.0): Want
    {
        $thing = null === $long ? null : Make::thing('cap', 9, [$long, $long, 4.0]);

        $prop = Make::things()->props()[$propId];
        $sheet = Make::things()->sheets()[$propId] ?? null;

        return new Want('set-up', 'fetch-me', 'lark', $prop, $sheet, $reach, $thing, [], new Settings(), []);
    }

    /** @param non-empty-array<string, string> $steps child id => step */
    private static function laidOut(string $activity, array $steps, Reason $reason = Reason::Ready): SetUp
    {
        $catalogue = Make::catalogue();
        $of = $catalogue->activity($activity);
        $sittings = [];
        foreach ($steps as $childId => $stepId) {
            $sittings[] = new Sitting(
                $childId,
                [new Course($stepId, null, Help::Bare, $reason, value: 0.5)],
                [new Question($stepId, new Join('join', 2, \count($sittings)), Level::At)],
            );
        }
        $things = [new Laid('things', Make::thing('caps', 9, [25.0, 25.0, 4.0]), 5), new Laid('others', Make::thing('pegs', 9, [70.0, 9.0, 9.0]), 5)];
        $props = array_values(array_map(static fn (Prop $prop): Prop => $prop, $of->props));

        return new SetUp('a', $of, Place::Table, Part::With, new Span(540, 550), $sittings, $things, [], $props);
    }

    /**
     * @param list<Made>   $made
     * @param list<string> $told
     */
    private static function ready(array $made, array $told = [], bool $isToday = false): Ready
    {
        return Ready::of(array_values(Make::things()->props()), Make::things()->sheets(), $made, $told, ['name-numeral@10' => 10], $isToday);
    }
}
