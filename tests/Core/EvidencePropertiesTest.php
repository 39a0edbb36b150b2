<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Child\CanDoRule;
use Pindle\Core\Child\Settings;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Seen;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Evidence\Witness;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What must hold of any history whatever. */
final class EvidencePropertiesTest extends TestCase
{
    private const STEPS = [
        'say-count@3', 'say-count@5', 'touch-count@5', 'see-at-once@3', 'how-many@5', 'count-out@5', 'put-together@5',
        'guess-count@10', 'name-numeral@5',
    ];

    public function test_the_record_does_not_depend_on_the_order_of_arrival(): void
    {
        foreach (self::histories(12) as $seed => [$evidence, $random]) {
            self::assertEquals(Make::record($evidence)->states(), Make::record($random->shuffleArray($evidence))->states(), "history $seed");
        }
    }

    public function test_evidence_that_comes_late_or_goes_changes_what_it_can_touch_and_gives_the_whole_record(): void
    {
        foreach (self::histories(12) as $seed => [$evidence, $random]) {
            $late = $evidence[$random->getInt(0, \count($evidence) - 1)];
            $without = array_values(array_filter($evidence, static fn (Seen $seen): bool => $seen !== $late));
            [$whole, $less] = [Make::record($evidence), Make::record($without)];

            self::assertEquals($whole->states(), self::again($less, $late, $evidence)->states(), "history $seed, come late");
            // Taking it back equals never having had it, but that its step may be left with an untouched state.
            $after = self::again($whole, $late, $without);
            foreach (array_keys($whole->map->steps) as $id) {
                self::assertEquals($less->state($id), $after->state($id), "history $seed, taken back, $id");
            }
            self::assertEquals($less->lastSittings, $after->lastSittings);
        }
    }

    public function test_a_step_becomes_can_do_by_tries_only_with_its_clauses_met(): void
    {
        $count = 0;
        foreach (CanDoRule::cases() as $rule) {
            foreach (self::histories(30, 0.97) as [$evidence]) {
                $record = ChildRecord::blank(Make::wholeMap(), new Settings(canDoRule: $rule));
                foreach ($evidence as $seen) {
                    $before = $record->state($seen->stepId);
                    $record = $record->with($seen);
                    $after = $record->state($seen->stepId);
                    $became = $after->standing->isCanDo() && !$before->standing->isCanDo();
                    if ($became && ($seen instanceof Attempt || $seen instanceof Closing)) {
                        ++$count;
                        self::assertTrue(CanDoClauses::areMet($rule, $record->map->step($seen->stepId), $after));
                    }
                    self::assertFalse(
                        $became && $seen instanceof Witness,
                        'a witness makes nothing Can do',
                    );
                }
            }
        }
        self::assertGreaterThan(10, $count, 'and some do');
    }

    public function test_adding_a_success_never_lowers_what_is_believed_of_any_step(): void
    {
        foreach (self::histories(6) as [$evidence, $random]) {
            $record = Make::record($evidence);
            $step = self::STEPS[$random->getInt(0, \count(self::STEPS) - 1)];
            $more = $record->with(Make::anAttempt(
                $step,
                60,
                $random->getInt(0, 1) ? Outcome::AtOnce : Outcome::WorkedItOut,
                [null, 2][$random->getInt(0, 1)],
                help: Help::cases()[$random->getInt(0, 2)],
            ));
            foreach (array_keys($record->map->steps) as $id) {
                self::assertGreaterThanOrEqual($record->state($id)->p, $more->state($id)->p, $id);
            }
        }
    }

    public function test_beliefs_and_half_lives_stay_in_their_ranges(): void
    {
        foreach (self::histories(8) as [$evidence]) {
            foreach (Make::record($evidence)->states() as $state) {
                self::assertTrue($state->p >= 0.001 && $state->p <= 0.999);
                self::assertTrue(null === $state->memory->halfLife || ($state->memory->halfLife >= 1.0 && $state->memory->halfLife <= 365.0));
                self::assertLessThanOrEqual(CanDoRule::LONGEST_WINDOW, \count($state->window->places));
            }
        }
    }

    /** @param list<Seen> $evidence all there is now */
    private static function again(ChildRecord $record, Seen $changed, array $evidence): ChildRecord
    {
        $touched = $record->touchedBy($changed->stepId);
        // As if all had been kept just before what changed.
        $before = array_values(array_filter($evidence, static fn (Seen $seen): bool => Seen::compare($seen, $changed) < 0));
        $since = array_values(array_filter($evidence, static fn (Seen $seen): bool => Seen::compare($seen, $changed) >= 0));

        return $record->withStatesOf(Make::record($before)->extendedFor($touched, $since), $touched);
    }

    /** @return iterable<int, array{list<Seen>, Randomizer}> histories over sixty days: mostly tries, some notes, some marks by hand, some first looks */
    private static function histories(int $count, float $good = 0.65): iterable
    {
        for ($seed = 1; $seed <= $count; ++$seed) {
            $random = new Randomizer(new Xoshiro256StarStar($seed));
            $evidence = [];
            for ($i = 0; $i < 90; ++$i) {
                $step = self::STEPS[$random->getInt(0, \count(self::STEPS) - 1)];
                $day = intdiv($i * 2, 3);
                $right = $random->getInt(0, 99) < 100 * $good;
                $outcome = $right
                    ? [Outcome::AtOnce, Outcome::WorkedItOut][$random->getInt(0, 1)]
                    : [Outcome::WithHelp, Outcome::NotYet][$random->getInt(0, 1)];
                $evidence[] = match ($random->getInt(0, 19)) {
                    0 => Make::witness($step, $day, $outcome, $i),
                    1 => Make::handMark($step, $day, Mark::cases()[$random->getInt(0, 3)], $i),
                    2, 3 => Make::closing(
                        $step,
                        $day,
                        ClosingMark::cases()[$random->getInt(0, 3)],
                        $random->getInt(0, 4),
                        'activity-'.$random->getInt(0, 2),
                        minute: $i,
                    ),
                    default => Make::anAttempt(
                        $step,
                        $day,
                        $outcome,
                        [null, 3, 2][$random->getInt(0, 2)],
                        Help::cases()[max(0, $random->getInt(-3, 2))],
                        'activity-'.$random->getInt(0, 2),
                        slip: $right ? null : Slip::cases()[$random->getInt(0, 13)],
                        thing: 'thing-'.$random->getInt(0, 2),
                        minute: $i,
                        error: 'guess-count@10' === $step ? ($right ? 0.1 : 0.8) : null,
                        purpose: [Purpose::Look, Purpose::Check][$random->getInt(0, 14)] ?? Purpose::Sitting,
                    ),
                };
            }
            yield $seed => [$evidence, $random];
        }
    }
}
