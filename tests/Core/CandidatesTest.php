<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\RankedStep;
use Pindle\Core\Advice\Reason;
use Pindle\Core\Advice\Resting;
use Pindle\Core\Advice\Worth;
use Pindle\Core\Child\NamingNumerals;
use Pindle\Core\Child\Settings;
use Pindle\Core\Child\WayIn;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Planning\Candidate;
use Pindle\Core\Planning\Candidates;
use Pindle\Core\Planning\Learner;
use Pindle\Tests\Make;

final class CandidatesTest extends TestCase
{
    /** A step of a child of four, with all it builds on believed. */
    private const STEP = 'how-many@3';

    public function test_at_a_planned_time_things_to_handle_go_before_what_is_for_moments(): void
    {
        $suits = static fn (string $activity): float => self::of(
            self::learner(settings: new Settings(WayIn::SeeIt)),
            0,
            'say-count@3',
        )[$activity]->worth->suits;

        self::assertSame([1.0, 0.4, 0.4], [$suits('froth-count'), $suits('steps-to-bed'), $suits('whisper-count')]);
    }

    public function test_the_childs_own_way_in_and_way_of_naming_count_for_an_activity(): void
    {
        $suits = static fn (Settings $settings, string $step, string $activity): float => self::of(
            self::learner(settings: $settings, believed: 3),
            0,
            $step,
        )[$activity]->worth->suits;

        self::assertSame(
            [1.1, 1.0],
            [$suits(new Settings(WayIn::MoveAndTell), self::STEP, 'book-cast'), $suits(new Settings(WayIn::SeeIt), self::STEP, 'book-cast')],
        );
        $named = static fn (NamingNumerals $naming): float => $suits(new Settings(namingNumerals: $naming), 'name-numeral@3', 'name-find-tell');
        self::assertSame(NamingNumerals::ThreeParts, Make::catalogue()->activity('name-find-tell')->naming);
        self::assertEqualsWithDelta(1.2, $named(NamingNumerals::ThreeParts) / $named(NamingNumerals::LittleAndOften), 1e-9);
    }

    public function test_another_activity_counts_more_while_the_rule_wants_variety(): void
    {
        $elsewhere = [Make::anAttempt('say-count@3', 5, activity: 'pass-it-on'), Make::anAttempt('say-count@3', 6, activity: 'start-from')];
        $suits = static fn (array $attempts): array => array_map(
            static fn (Candidate $candidate): float => $candidate->worth->suits,
            self::of(self::learner([...array_values($attempts), ...$elsewhere]), 9, self::STEP),
        );
        $once = $suits([Make::anAttempt(self::STEP, 0, activity: 'drop-count')]);

        self::assertEqualsWithDelta(1.25, $once['book-cast'] / $once['drop-count'], 1e-9);
        self::assertEqualsWithDelta(1.0, $suits([])['book-cast'] / $suits([])['drop-count'], 1e-9, 'nothing to vary yet');
        $varied = $suits([Make::anAttempt(self::STEP, 0, activity: 'drop-count'), Make::anAttempt(self::STEP, 1, activity: 'moved-again')]);
        self::assertEqualsWithDelta(1.0, $varied['book-cast'] / $varied['drop-count'], 1e-9, 'two are enough');
    }

    public function test_what_is_worth_little_beside_the_best_is_no_sitting_unless_it_is_wanted(): void
    {
        $learner = self::learner(believed: 4);
        $ranked = (new Candidates(Make::catalogue()))->ranked($learner, Make::day(0));
        $part = static fn (Candidate $candidate): float => $candidate->ranked->value() / $ranked[0]->value();
        $usual = array_map($part, Make::candidates($learner, Make::day(0), Place::cases()));
        $wanted = array_map($part, Make::candidates($learner, Make::day(0), Place::cases(), held: array_keys(Make::catalogue()->activities)));

        self::assertGreaterThanOrEqual(0.15, min([1.0, ...$usual]));
        self::assertLessThan(0.15, min([1.0, ...$wanted]));
    }

    public function test_what_is_held_is_a_candidate_however_far_down_it_stands(): void
    {
        $learner = self::learner(believed: 4);
        $of = static fn (array $held): array => array_values(array_unique(array_map(
            static fn (Candidate $candidate): string => $candidate->activity->id,
            Make::candidates($learner, Make::day(0), Place::cases(), false, [], array_values($held)),
        )));
        $possible = array_values(array_unique(array_map(
            static fn (Candidate $candidate): string => $candidate->activity->id,
            Make::candidates($learner, Make::day(0), Place::cases(), false, array_keys(Make::catalogue()->activities)),
        )));
        $far = array_values(array_diff($possible, $of([])));

        self::assertNotSame([], $far);
        self::assertContains($far[0], $of([$far[0]]));
    }

    public function test_equal_activities_take_turns_from_day_to_day(): void
    {
        $learner = self::learner();
        $first = array_map(static fn (int $day): ?string => array_key_first(self::of($learner, $day, self::STEP)), range(0, 9));

        self::assertGreaterThan(2, \count(array_unique($first)));
        self::assertSame(
            $first,
            array_map(static fn (int $day): ?string => array_key_first(self::of($learner, $day, self::STEP)), range(0, 9)),
            'and the same day gives the same',
        );
    }

    public function test_a_step_that_rests_waits_for_its_day(): void
    {
        $learner = self::learner(resting: [self::STEP => Make::day(3)]);

        self::assertSame([], self::of($learner, 2, self::STEP));
        self::assertNotSame([], self::of($learner, 3, self::STEP));
    }

    public function test_a_step_that_slipped_does_not_rest_nor_one_that_is_nearly_there_and_pinned(): void
    {
        $record = Make::record([
            ...array_map(static fn (int $i): Attempt => Make::anAttempt('say-count@5', 0, minute: $i), [1, 2]),
            Make::anAttempt('count-moves@3', 0, Outcome::WithHelp),
        ]);
        $until = ['say-count@5' => Make::day(6), 'count-moves@3' => Make::day(6)];
        $holds = static fn (string $step, Reason $reason, int $day): bool => Resting::holds(
            new RankedStep($record->map->step($step), new Worth(0.1, 0.0, 0.0, 0.0, 1.0, 1.0), false, $reason, []),
            $record,
            $until,
            Make::day($day),
        );

        self::assertSame([true, false], [$holds('say-count@5', Reason::AlmostThere, 5), $holds('say-count@5', Reason::AlmostThere, 6)]);
        self::assertFalse($holds('say-count@5', Reason::Pinned, 1));
        self::assertFalse($holds('say-count@5', Reason::Slipped, 1));
        self::assertTrue($holds('count-moves@3', Reason::Pinned, 1), 'the child had enough of it: a pin does not bring it back');
    }

    public function test_a_quiet_day_and_a_wet_one_leave_out_what_does_not_do(): void
    {
        $activities = static fn (array $places, bool $quiet): array => array_map(
            static fn (Candidate $candidate): string => $candidate->activity->id,
            Make::candidates(self::learner(believed: 4), Make::day(0), array_values($places), $quiet, ['dance-count']),
        );

        self::assertContains('dance-count', $activities(Place::cases(), false));
        self::assertNotContains('dance-count', $activities(Place::cases(), true));
        foreach (Make::candidates(self::learner(), Make::day(0), [Place::Table], false) as $candidate) {
            self::assertNotSame([], Candidates::placesOf($candidate->activity, [Place::Table]), $candidate->activity->id);
        }
    }

    public function test_what_the_parent_wants_today_goes_before_the_rest_of_its_step(): void
    {
        $found = Make::candidates(self::learner(), Make::day(0), Place::cases(), false, ['spread-and-gather']);

        self::assertSame('spread-and-gather', $found[0]->activity->id);
    }

    public function test_a_quick_check_is_only_for_what_was_there_before(): void
    {
        $learner = self::learner(believed: 12);
        foreach (Make::candidates($learner, Make::day(0), Place::cases(), false) as $candidate) {
            self::assertFalse(
                $candidate->activity->checksOnly && !\in_array($candidate->ranked->reason, [Reason::Due, Reason::Slipped], true),
                $candidate->ranked->step->id,
            );
        }
        $secure = array_map(
            static fn (int $i): Attempt => Make::anAttempt(
                'to-five@5',
                $i,
                Outcome::AtOnce,
                form: Make::map()->step('to-five@5')->lastForm(),
                activity: ['quick-peek', 'five-strip', 'quick-cards'][$i % 3],
                thing: ['pegs', 'lids'][$i % 2],
            ),
            range(0, 9),
        );
        $activities = self::of(self::learner($secure, 12), 90, 'to-five@5');

        self::assertArrayHasKey('last-slip', $activities, 'months later a slip of paper will do');
    }

    /**
     * @param list<Attempt>                                         $attempts
     * @param array<string, \Pindle\Core\Calendar\LocalDate> $resting
     */
    private static function learner(array $attempts = [], int $believed = 0, array $resting = [], Settings $settings = new Settings()): Learner
    {
        $map = Make::map();
        $priors = [];
        foreach ($map->steps as $step) {
            if ($step->size <= $believed || \in_array($step->id, $map->step(self::STEP)->needs, true)) {
                $priors[$step->id] = 0.9;
            }
        }
        $child = Make::child('Tobin', 54, minutes: 24, longest: 12)->taught($settings);

        return new Learner($child, ChildRecord::replay($map, $attempts, $settings, $priors), 24, [], $resting);
    }

    /** @return array<string, Candidate> activity id => candidate of the step, best first */
    private static function of(Learner $learner, int $day, string $stepId): array
    {
        $found = [];
        $all = array_keys(Make::catalogue()->activities);
        foreach (Make::candidates($learner, Make::day($day), Place::cases(), held: $all) as $candidate) {
            if ($candidate->ranked->step->id === $stepId) {
                $found[$candidate->activity->id] = $candidate;
            }
        }

        return $found;
    }
}
