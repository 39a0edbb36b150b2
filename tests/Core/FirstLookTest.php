<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\FirstLook\Answer;
use Pindle\Core\FirstLook\FirstLook;
use Pindle\Core\Question\Kind\TellHowMany;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Simulation\StepwiseChild;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What holds of every first look; how well it places children is measured by ./pindle bench learners. */
final class FirstLookTest extends TestCase
{
    public function test_it_begins_with_the_age_and_never_believes_a_step_more_than_what_it_needs(): void
    {
        [$young, $old] = [self::look(36)->chances(), self::look(84)->chances()];

        self::assertLessThan($old['put-together@5'], $young['put-together@5']);
        foreach (Make::wholeMap()->steps as $step) {
            foreach ($step->needs as $need) {
                self::assertLessThanOrEqual($old[$need], $old[$step->id], $step->id.' and '.$need);
            }
        }
    }

    public function test_an_answer_speaks_for_what_it_needs_and_a_miss_against_what_builds_on_it(): void
    {
        $before = self::look(60)->chances();
        $right = self::look(60, [new Answer('put-together@10', Outcome::AtOnce)])->chances();
        $wrong = self::look(60, [new Answer('put-together@5', Outcome::NotYet)])->chances();

        self::assertGreaterThan($before['count-out@10'], $right['count-out@10']);
        self::assertLessThan($before['add-sentence@5'], $wrong['add-sentence@5']);
    }

    public function test_what_the_parent_ticked_is_believed_more(): void
    {
        $random = new Randomizer(new Xoshiro256StarStar(1));

        self::assertGreaterThan(
            self::look(54)->chances()['say-count@20'] + 0.2,
            FirstLook::of(Make::wholeMap(), 54, ['say-count@20'], [], $random)->chances()['say-count@20'],
        );
    }

    public function test_it_goes_on_from_its_answers_on_another_day_just_as_it_would_have(): void
    {
        $answers = [new Answer('count-out@5', Outcome::AtOnce), new Answer('put-together@5', Outcome::NotYet)];
        $random = new Randomizer(new Xoshiro256StarStar(9));
        $atOnce = self::look(54, [], $random)->with($answers[0], $random)->with($answers[1], $random);

        self::assertSame($atOnce->chances(), self::look(54, $answers, new Randomizer(new Xoshiro256StarStar(9)))->chances());
    }

    public function test_it_begins_with_something_easy_comes_back_to_it_after_three_that_did_not_go_and_ends_on_it(): void
    {
        $ids = array_keys(Make::wholeMap()->steps);
        $chance = static fn (FirstLook $look): float => $look->chances()[$look->next($ids) ?? ''] ?? 0.0;
        $isEasy = static fn (FirstLook $look): bool => $chance($look) >= FirstLook::EASY_FROM && $chance($look) <= FirstLook::EASY_TO;
        self::assertTrue($isEasy(self::look(66)));
        $answers = [];
        foreach (range(1, 11) as $number) {
            $look = self::look(66, $answers);
            self::assertSame(\in_array($number, [4], true), $look->isHard(), (string) $number);
            self::assertSame(\in_array($number, [1, 4], true), $isEasy($look), (string) $number);
            $answers[] = new Answer((string) $look->next($ids), $number <= 3 || 11 === $number ? Outcome::NotYet : Outcome::WorkedItOut);
        }
        self::assertTrue($isEasy(self::look(66, $answers)), 'the twelfth, after one that did not go');
    }

    public function test_it_asks_at_most_twelve_different_steps_and_places_a_child_better_than_age_alone(): void
    {
        $map = Make::wholeMap();
        $day = LocalDate::parse('2026-01-01');
        $random = new Randomizer(new Xoshiro256StarStar(17));
        [$byAge, $byLook] = [0, 0];
        foreach ([42, 66] as $months) {
            $child = StepwiseChild::ofAge($map, $months, $random, $day);
            $look = FirstLook::of($map, $months, [], [], $random);
            $right = static fn (FirstLook $look): int => \count(array_filter(
                $look->chances(),
                static fn (float $chance, string $id): bool => ($chance >= 0.5) === $child->knows($id, $day),
                \ARRAY_FILTER_USE_BOTH,
            ));
            $byAge += $right($look);
            $asked = [];
            while (null !== $stepId = $look->next(array_keys($map->steps))) {
                $asked[] = $stepId;
                [$outcome] = $child->answer(new Question($stepId, new TellHowMany('how-many', 1), Level::At), Help::Bare, $day, \count($asked), $random);
                $look = $look->with(new Answer($stepId, $outcome), $random);
            }
            self::assertCount(FirstLook::MOST_TASKS, $asked);
            // Where an easy one is wanted, what went well may come once more.
            self::assertGreaterThanOrEqual(FirstLook::MOST_TASKS - 3, \count(array_unique($asked)));
            $byLook += $right($look);
        }

        self::assertGreaterThan($byAge, $byLook);
    }

    /** @param list<Answer> $answers */
    private static function look(int $months, array $answers = [], ?Randomizer $random = null): FirstLook
    {
        return FirstLook::of(Make::wholeMap(), $months, [], $answers, $random ?? new Randomizer(new Xoshiro256StarStar(1)));
    }
}
