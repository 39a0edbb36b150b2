<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\GrowingChild;
use Pindle\Core\Simulation\SimulatedChild;
use Pindle\Core\Simulation\SimulatedParent;
use Pindle\Core\Simulation\Simulator;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

final class SimulationTest extends TestCase
{
    /** @return iterable<string, array{Simulator}> */
    public static function simulators(): iterable
    {
        foreach (Simulator::cases() as $simulator) {
            yield $simulator->value => [$simulator];
        }
    }

    #[DataProvider('simulators')]
    public function test_the_same_seed_makes_the_same_child(Simulator $simulator): void
    {
        [$one, $same, $other] = [self::child($simulator, 54, 1), self::child($simulator, 54, 1), self::child($simulator, 54, 2)];
        self::assertSame(self::chances($one), self::chances($same));
        self::assertNotSame(self::chances($one), self::chances($other));
    }

    #[DataProvider('simulators')]
    public function test_an_elder_child_knows_more_than_a_little_one(Simulator $simulator): void
    {
        [$little, $elder] = [0, 0];
        for ($seed = 0; $seed < 12; ++$seed) {
            $little += self::known(self::child($simulator, 36, $seed));
            $elder += self::known(self::child($simulator, 84, $seed));
        }
        self::assertGreaterThan(2 * $little, $elder);
    }

    /** Practice over some days brings a step that is within reach; it stays for as many days as it is said to, and fades then unless age keeps it. */
    #[DataProvider('simulators')]
    public function test_practice_brings_a_step_and_idleness_takes_it_away(Simulator $simulator): void
    {
        [$learnt, $gone] = [0, 0];
        for ($seed = 0; $seed < 20; ++$seed) {
            $child = self::child($simulator, 60, $seed);
            $random = new Randomizer(new Xoshiro256StarStar($seed));
            $stepId = self::withinReach($child);
            for ($day = 1; $day <= 12; ++$day) {
                for ($i = 0; $i < 5; ++$i) {
                    $child->answer(self::question($stepId), Help::Bare, Make::day($day), $i, $random);
                }
            }
            if ($child->knows($stepId, Make::day(12))) {
                ++$learnt;
                $left = (int) floor($child->daysLeft($stepId, Make::day(12)));
                self::assertTrue($child->knows($stepId, Make::day(12)->plusDays($left)));
                $gone += $child->knows($stepId, Make::day(12)->plusDays($left + 1)) ? 0 : 1;
            }
        }
        self::assertGreaterThanOrEqual(14, $learnt);
        self::assertGreaterThanOrEqual(8, $gone);
    }

    public function test_a_growing_child_knows_what_goes_well_four_times_in_five(): void
    {
        $child = self::child(Simulator::Growing, 60, 3);
        foreach (array_keys(Make::wholeMap()->steps) as $stepId) {
            self::assertSame($child->chance($stepId, Make::day(0)) >= GrowingChild::KNOWN, $child->knows($stepId, Make::day(0)), $stepId);
        }
    }

    public function test_one_simulator_misses_days_and_the_other_none(): void
    {
        $missed = static fn (SimulatedChild $child): int => \count(array_filter(range(1, 60), static fn (int $day): bool => $child->isMissed(Make::day($day))));
        self::assertSame(0, $missed(self::child(Simulator::Stepwise, 60, 1)));
        $days = array_map(static fn (int $seed): int => $missed(self::child(Simulator::Growing, 60, $seed)), range(1, 10));
        // At least the holiday, which has four days and more.
        self::assertGreaterThanOrEqual(4, min($days));
        self::assertLessThan(45, max($days));
    }

    public function test_five_parents_note_the_same_answers_differently(): void
    {
        $noted = static function (SimulatedParent $parent, Outcome $seen): array {
            $random = new Randomizer(new Xoshiro256StarStar(7));

            return array_map(static fn (): ?Outcome => $parent->tap($seen, $random), range(1, 1000));
        };
        $share = static fn (array $noted, ?Outcome $what): float => \count(array_filter($noted, static fn (?Outcome $one): bool => $one === $what)) / 1000;
        self::assertSame(1.0, $share($noted(SimulatedParent::TapsAll, Outcome::NotYet), Outcome::NotYet));
        self::assertEqualsWithDelta(0.3, $share($noted(SimulatedParent::ThreeInTen, Outcome::NotYet), Outcome::NotYet), 0.04);
        self::assertEqualsWithDelta(0.7, $share($noted(SimulatedParent::ThreeInTen, Outcome::NotYet), null), 0.04);
        self::assertSame(1.0, $share($noted(SimulatedParent::OnlyCloses, Outcome::AtOnce), null));
        self::assertSame(1.0, $share($noted(SimulatedParent::OnlyGoodDays, Outcome::AtOnce), null));
        self::assertEqualsWithDelta(0.45, $share($noted(SimulatedParent::TooKindly, Outcome::WithHelp), Outcome::WorkedItOut), 0.04);
        self::assertSame(1.0, $share($noted(SimulatedParent::TooKindly, Outcome::AtOnce), Outcome::AtOnce), 'nothing is made better than it was but a miss');
    }

    public function test_a_good_day_is_written_down_from_three_of_five_done_alone(): void
    {
        $seen = [Outcome::AtOnce, Outcome::WorkedItOut, Outcome::WithHelp, Outcome::NotYet, Outcome::WorkedItOut];
        self::assertTrue(SimulatedParent::OnlyGoodDays->writesDown($seen));
        $seen[4] = Outcome::WithHelp;
        self::assertFalse(SimulatedParent::OnlyGoodDays->writesDown($seen));
        self::assertFalse(SimulatedParent::OnlyGoodDays->writesDown([]));
        self::assertFalse(SimulatedParent::TapsAll->writesDown([Outcome::AtOnce]));
    }

    private static function child(Simulator $simulator, int $months, int $seed): SimulatedChild
    {
        return $simulator->child(Make::wholeMap(), $months, new Randomizer(new Xoshiro256StarStar($seed)), Make::day(0));
    }

    /** @return array<string, float> */
    private static function chances(SimulatedChild $child): array
    {
        $chances = [];
        foreach (array_keys(Make::wholeMap()->steps) as $stepId) {
            $chances[$stepId] = $child->chance($stepId, Make::day(0));
        }

        return $chances;
    }

    private static function known(SimulatedChild $child): int
    {
        return \count(array_filter(array_keys(Make::wholeMap()->steps), static fn (string $stepId): bool => $child->knows($stepId, Make::day(0))));
    }

    private static function withinReach(SimulatedChild $child): string
    {
        [$best, $most] = ['', -1.0];
        foreach (array_keys(Make::wholeMap()->steps) as $stepId) {
            $learning = $child->knows($stepId, Make::day(0)) ? -1.0 : $child->learning($stepId, Make::day(0), 6);
            [$best, $most] = $learning > $most ? [$stepId, $learning] : [$best, $most];
        }

        return $best;
    }

    private static function question(string $stepId): Question
    {
        return new Question($stepId, new TellHowMany('how-many', 4), Level::At);
    }
}
