<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Bench\Lessons;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Gear;
use Pindle\Core\Activity\HouseRule;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\AcrossTen;
use Pindle\Core\Child\Asking;
use Pindle\Core\Child\ComparingSign;
use Pindle\Core\Child\FrameFilling;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Child\WholeInBond;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Question;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Thing;
use Pindle\Tests\Make;

/** What a house and a child are taught by changes what it says it changes, in every activity it touches; and nothing else. */
final class TaughtTest extends TestCase
{
    /** @var list<array{SetUp, Question, int}>|null every question of every sitting there can be with sixty things */
    private static ?array $all = null;

    public function test_through_fives_changes_sums_over_the_ten_where_both_parts_have_a_five_and_no_others(): void
    {
        $this->changesJust(
            new Settings(),
            new Settings(acrossTen: AcrossTen::ThroughFives),
            static fn (SetUp $setUp, Question $question): bool => match (true) {
                $question->prompt instanceof Kind\BridgeTen => Kind\BridgeTen::areFives($question->prompt->a, $question->prompt->b),
                $question->prompt instanceof Kind\BridgeBack => Kind\BridgeTen::areFives(
                    $question->prompt->n - $question->prompt->b,
                    $question->prompt->b,
                ),
                default => false,
            },
        );
    }

    public function test_each_sign_is_drawn_and_said_its_own_way_wherever_signs_are_asked_for(): void
    {
        foreach ([ComparingSign::AnimalMouth, ComparingSign::Balance, ComparingSign::WordsOnly] as $way) {
            $this->changesJust(
                new Settings(),
                new Settings(comparingSign: $way),
                static fn (SetUp $setUp, Question $question): bool => $question->prompt instanceof Kind\CompareSigns,
            );
        }
        $asks = array_unique(array_map(static fn (array $one): string => $one[1]->prompt->ask, array_filter(
            self::all(),
            static fn (array $one): bool => $one[1]->prompt instanceof Kind\CompareSigns,
        )));
        self::assertCount(3, $asks, 'with words only there are three questions, too');
    }

    public function test_every_frame_of_ten_that_is_not_full_in_rows_is_filled_the_chosen_way(): void
    {
        $frames = static fn (Drawing $drawing): int => \count(array_filter($drawing->items, static fn ($item): bool => Gear::Frame->value === $item->what));
        foreach ([FrameFilling::Pairs, FrameFilling::Upright] as $way) {
            $seen = 0;
            foreach (self::all() as [$setUp, $question]) {
                $usual = self::lessons()->draw($setUp, $question);
                if ($frames($usual) >= 10 && \count(self::lies($usual)) > 1) {
                    ++$seen;
                    $other = self::lessons()->draw($setUp, $question, new Settings(frameFilling: $way));
                    // Full frames look the same in rows and in pairs.
                    if (0 === \count(self::lies($usual)) % 10 && FrameFilling::Pairs === $way) {
                        self::assertSame(self::sorted($usual), self::sorted($other), $question->prompt->key());
                    } else {
                        self::assertNotSame(self::lies($usual), self::lies($other), $question->prompt->key());
                    }
                }
            }
            self::assertGreaterThan(100, $seen);
        }
    }

    public function test_a_bond_has_its_whole_at_the_left_everywhere(): void
    {
        $this->changesJust(
            new Settings(),
            new Settings(wholeInBond: WholeInBond::AtLeft),
            static fn (SetUp $setUp, Question $question): bool => str_starts_with(self::lessons()->draw($setUp, $question)->alt, 'bond'),
        );
    }

    public function test_the_way_in_changes_every_picture_of_an_amount_in_lines_and_says_how_to_look(): void
    {
        $changed = $all = 0;
        foreach ([WayIn::TouchAndCount, WayIn::Bars, WayIn::MoveAndTell] as $way) {
            foreach (self::all() as [$setUp, $question]) {
                $usual = self::lessons()->draw($setUp, $question);
                if (\in_array($usual->alt, ['row', 'bowls', 'take-from', 'pile', 'plates'], true) && \count(self::lies($usual)) > 1) {
                    ++$all;
                    $changed += $usual == self::lessons()->draw($setUp, $question, new Settings(wayIn: $way)) ? 0 : 1;
                }
            }
        }
        self::assertSame($all, $changed);
        self::assertGreaterThan(1000, $all);
        self::assertCount(4, array_unique(array_map(static fn (WayIn $way): string => Make::words()->say('looking', $way), WayIn::cases())));
    }

    public function test_where_the_child_says_along_nothing_is_asked_and_the_answer_is_said(): void
    {
        $along = new Settings(asking: Asking::SayAlong);
        foreach (self::all() as [$setUp, $question, $i]) {
            $said = self::lessons()->asks($setUp, $along)[$i];
            $asked = self::lessons()->asks($setUp)[$i];
            self::assertNotSame($asked, $said);
            if (\is_int($question->prompt->answer()) && str_contains($asked, 'How many')) {
                self::assertMatchesRegularExpression('/\d|none|one/i', $said);
            }
        }
        self::assertSame(Asking::SayAlong, Settings::chosen([], [], 47)->asking, 'the usual way under four');
        self::assertSame(Asking::Ask, Settings::chosen([], [], 48)->asking);
        self::assertSame(Asking::Ask, Settings::chosen([], ['asking' => 'ask'], 30)->asking, 'but the house may choose');
    }

    public function test_each_house_rule_keeps_out_what_it_says_and_the_rest_stays(): void
    {
        $keeps = static fn (HouseRule $rule): array => array_values(array_filter(
            Make::catalogue()->activities,
            static fn (Activity $activity): bool => HouseRule::allow([$rule], $activity),
        ));
        $props = static fn (Activity $activity): string => implode(' ', array_map(static fn (Prop $prop): string => $prop->id, $activity->props));
        foreach ($keeps(HouseRule::NoCoins) as $activity) {
            self::assertStringNotContainsString('coin', $props($activity));
        }
        foreach ($keeps(HouseRule::NoDiceOrCards) as $activity) {
            self::assertDoesNotMatchRegularExpression('/\b(dice|number-die|move-cards)\b/', $props($activity), $activity->id);
        }
        $all = \count(Make::catalogue()->activities);
        foreach (HouseRule::cases() as $rule) {
            $left = \count($keeps($rule));
            self::assertGreaterThan($all - 15, $left, $rule->value);
            self::assertSame(\in_array($rule, [HouseRule::NoScreen, HouseRule::NoNoting], true), $all === $left, $rule->value);
        }
        $eaten = array_filter(
            HouseRule::allowed([HouseRule::NoFood], array_values(Make::things()->things())),
            static fn (Thing $thing): bool => $thing->canAny([Ability::Edible]),
        );
        self::assertSame([], $eaten);
    }

    public function test_what_the_house_does_without_is_no_candidate_and_lies_on_no_table(): void
    {
        $learner = new Learner(Make::child('Maren', 40), Make::record([Make::handMark('say-count@3', 0, Mark::CanDo)]), 30);
        $wanted = array_map(static fn (Activity $activity): string => $activity->id, Make::catalogue()->activities);
        $ids = static fn (HouseRule ...$rules): array => array_map(
            static fn (Candidate $candidate): string => $candidate->activity->id,
            Make::candidates($learner, Make::day(0), Place::cases(), false, array_values($wanted), [], array_values($rules)),
        );
        foreach ([HouseRule::NoDiceOrCards, HouseRule::NoCoins, HouseRule::NoFood, HouseRule::NoWinners] as $rule) {
            self::assertNotSame([], $ids($rule));
            foreach ($ids($rule) as $id) {
                self::assertTrue(HouseRule::allow([$rule], Make::catalogue()->activity($id)), $id);
            }
        }
        self::assertNotSame($ids(), $ids(HouseRule::NoDiceOrCards));

        $things = array_values(Make::things()->things());
        $with = new DayRequest(Make::day(0), 1, [$learner], [new Span(540, 600)], $things, Place::cases(), rules: [HouseRule::NoFood]);
        self::assertLessThan(\count($things), \count($with->things));
        self::assertCount(\count($things), (new DayRequest(Make::day(0), 1, [$learner], [new Span(540, 600)], $things, Place::cases()))->things);
    }

    /**
     * Where a setting is meant to change something, sentence and picture both do, unless there is no picture; elsewhere neither.
     *
     * @param callable(SetUp, Question): bool $touches
     */
    private function changesJust(Settings $usual, Settings $chosen, callable $touches): void
    {
        $touched = 0;
        foreach (self::all() as [$setUp, $question, $i]) {
            [$here, $there] = [self::lessons()->draw($setUp, $question, $usual), self::lessons()->draw($setUp, $question, $chosen)];
            $where = $setUp->activity->id.' '.$question->prompt->key();
            if ($touches($setUp, $question)) {
                ++$touched;
                $says = self::lessons()->asks($setUp, $usual)[$i] !== self::lessons()->asks($setUp, $chosen)[$i];
                self::assertTrue($says || $here != $there || [] === $here->marks, $where);
                self::assertTrue([] === $here->marks || $here != $there || !self::isDrawnItsWay($here), $where.' is drawn');
            } else {
                self::assertEquals($here, $there, $where);
            }
        }
        self::assertGreaterThan(20, $touched);
    }

    /** Whether the picture shows what the setting is about, and not only the numerals of it. */
    private static function isDrawnItsWay(Drawing $drawing): bool
    {
        return 1 === preg_match('/^(bridge|bond|sign)/', $drawing->alt);
    }

    /** @return list<string> where things lie in a drawing */
    private static function lies(Drawing $drawing): array
    {
        $lies = [];
        foreach ($drawing->items as $item) {
            if (null === Gear::tryFrom($item->what)) {
                $lies[] = serialize($item->marks[0] ?? null);
            }
        }

        return $lies;
    }

    /** @return list<string> */
    private static function sorted(Drawing $drawing): array
    {
        $lies = self::lies($drawing);
        sort($lies);

        return $lies;
    }

    /** @return list<array{SetUp, Question, int}> */
    private static function all(): array
    {
        if (null === self::$all) {
            self::$all = [];
            foreach (self::lessons()->sittings(60, false, 1) as $setUp) {
                if (null !== $setUp) {
                    foreach ($setUp->sittings[0]->questions as $i => $question) {
                        self::$all[] = [$setUp, $question, $i];
                    }
                }
            }
        }

        return self::$all;
    }

    private static function lessons(): Lessons
    {
        static $lessons = new Lessons();

        return $lessons;
    }
}
