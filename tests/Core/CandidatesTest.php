<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Place;
use Pindle\Core\Advice\Reason;
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

    public function test_an_activity_wears_off_for_a_step_by_the_share_of_its_last_tries(): void
    {
        $elsewhere = [Make::anAttempt('say-count@3', 5, activity: 'pass-it-on'), Make::anAttempt('say-count@3', 6, activity: 'start-from')];
        $by = static fn (string ...$activities): array => array_map(static fn (string $activity): Attempt => Make::anAttempt(self::STEP, 0, Outcome::NotYet, activity: $activity), array_values($activities));
        $freshness = static fn (array $attempts): float => self::of(self::learner([...array_values($attempts), ...$elsewhere]), 9, self::STEP)['book-cast']->worth->freshness;

        self::assertSame(0.5, $freshness($by('book-cast', 'book-cast', 'book-cast', 'book-cast')));
        self::assertSame(0.75, $freshness($by('book-cast', 'drop-count', 'book-cast', 'drop-count')));
        self::assertSame(1.0, $freshness($by('drop-count', 'drop-count', 'moved-again', 'drop-count')));
    }

    public function test_equal_activities_take_turns_from_day_to_day(): void
    {
        $learner = self::learner();
        $first = array_map(static fn (int $day): ?string => array_key_first(self::of($learner, $day, self::STEP)), range(0, 9));

        self::assertGreaterThan(2, \count(array_unique($first)));
        self::assertSame($first, array_map(static fn (int $day): ?string => array_key_first(self::of($learner, $day, self::STEP)), range(0, 9)), 'and the same day gives the same');
    }

    public function test_a_step_that_rests_waits_for_its_day(): void
    {
        $learner = self::learner(resting: [self::STEP => Make::day(3)]);

        self::assertSame([], self::of($learner, 2, self::STEP));
        self::assertNotSame([], self::of($learner, 3, self::STEP));
    }

    public function test_a_quiet_day_and_a_wet_one_leave_out_what_does_not_do(): void
    {
        $activities = static fn (array $places, bool $quiet): array => array_map(static fn (Candidate $candidate): string => $candidate->activity->id, (new Candidates(Make::catalogue()))->of(self::learner(believed: 4), Make::day(0), array_values($places), $quiet, ['dance-count']));

        self::assertContains('dance-count', $activities(Place::cases(), false));
        self::assertNotContains('dance-count', $activities(Place::cases(), true));
        foreach ((new Candidates(Make::catalogue()))->of(self::learner(), Make::day(0), [Place::Table], false) as $candidate) {
            self::assertNotSame([], Candidates::placesOf($candidate->activity, [Place::Table]), $candidate->activity->id);
        }
    }

    public function test_what_the_parent_wants_today_goes_before_the_rest_of_its_step(): void
    {
        $found = (new Candidates(Make::catalogue()))->of(self::learner(), Make::day(0), Place::cases(), false, ['spread-and-gather']);

        self::assertSame('spread-and-gather', $found[0]->activity->id);
    }

    public function test_a_quick_check_is_only_for_what_was_there_before(): void
    {
        $learner = self::learner(believed: 12);
        foreach ((new Candidates(Make::catalogue()))->of($learner, Make::day(0), Place::cases(), false) as $candidate) {
            self::assertFalse($candidate->activity->checksOnly && !\in_array($candidate->ranked->reason, [Reason::Due, Reason::Slipped], true), $candidate->ranked->step->id);
        }
        $secure = array_map(static fn (int $i): Attempt => Make::anAttempt('to-five@5', $i, Outcome::AtOnce, form: Make::map()->step('to-five@5')->lastForm(), activity: ['quick-peek', 'five-strip', 'quick-cards'][$i % 3], thing: ['pegs', 'lids'][$i % 2]), range(0, 9));
        $activities = self::of(self::learner($secure, 12), 90, 'to-five@5');

        self::assertArrayHasKey('last-slip', $activities, 'months later a slip of paper will do');
    }

    /**
     * @param list<Attempt>                                         $attempts
     * @param array<string, \Pindle\Core\Calendar\LocalDate> $resting
     */
    private static function learner(array $attempts = [], int $believed = 0, array $resting = []): Learner
    {
        $map = Make::map();
        $priors = [];
        foreach ($map->steps as $step) {
            if ($step->size <= $believed || \in_array($step->id, $map->step(self::STEP)->needs, true)) {
                $priors[$step->id] = 0.9;
            }
        }
        $child = Make::child('Tobin', 54, minutes: 24, longest: 12);

        return new Learner($child, ChildRecord::replay($map, $attempts, priors: $priors), 24, [], $resting);
    }

    /** @return array<string, Candidate> activity id => candidate of the step, best first */
    private static function of(Learner $learner, int $day, string $stepId): array
    {
        $found = [];
        foreach ((new Candidates(Make::catalogue()))->of($learner, Make::day($day), Place::cases(), false) as $candidate) {
            if ($candidate->ranked->step->id === $stepId) {
                $found[$candidate->activity->id] = $candidate;
            }
        }

        return $found;
    }
}
