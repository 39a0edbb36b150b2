<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Generator;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Fact;
use Pindle\Core\Question\Facts;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Step;
use Pindle\Tests\Make;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Every family with every step it serves, twenty seeds each. */
final class QuestionSetTest extends TestCase
{
    private const SEEDS = 20;

    public function test_every_fact_is_inside_the_reach_and_true(): void
    {
        $wrong = [];
        foreach (self::served() as [$family, $step]) {
            foreach (Facts::of($family->serves[$step->skill->id], $step) as $fact) {
                $n = $fact->numbers;
                $most = max(19, $step->size() + (Ask::SayOn === $fact->ask ? 5 : 0));
                foreach (['n', 'a', 'b', 'to'] as $name) {
                    if (($n[$name] ?? 0) < 0 || ($n[$name] ?? 0) > $most) {
                        $wrong[] = $step->id.' '.$fact->key().' '.$name;
                    }
                }
                $right = match ($fact->ask) {
                    Ask::Join, Ask::JoinSentence, Ask::StoryJoin, Ask::SumAtOnce, Ask::AddZero, Ask::TurnAround, Ask::AddOn, Ask::Double, Ask::NearDouble, Ask::HopOn, Ask::BridgeTen, Ask::AddTwoFigure => ($n['a'] ?? -1) + ($n['b'] ?? -1),
                    Ask::Take, Ask::TakeSentence, Ask::StoryTake, Ask::DifferenceAtOnce, Ask::HopBack, Ask::BridgeBack, Ask::TakeTwoFigure, Ask::MissingStart => ($n['n'] ?? -1) - ($n['b'] ?? -1),
                    Ask::OtherPart, Ask::HowManyTo, Ask::HowManyMore, Ask::MakeSame => ($n['n'] ?? $n['a'] ?? -1) - (isset($n['n']) ? $n['a'] ?? -1 : $n['b'] ?? -1),
                    Ask::CountUp, Ask::TheRest, Ask::MissingChange, Ask::MakesWhole => ($n['n'] ?? -1) - ($n['a'] ?? -1),
                    Ask::BothSides => ($n['a'] ?? -1) + ($n['b'] ?? -1) - ($n['c'] ?? -1),
                    Ask::ToNext => ($n['to'] ?? -1) - ($n['n'] ?? -1),
                    Ask::HalfOf, Ask::HalfHow => intdiv($n['n'] ?? -1, 2),
                    Ask::EqualPiles => ($n['piles'] ?? -1) * ($n['each'] ?? -1),
                    Ask::CountBundles => 10 * ($n['t'] ?? -1),
                    Ask::BuildTens, Ask::ReadTens => 10 * ($n['t'] ?? -1) + ($n['o'] ?? -1),
                    Ask::BuildHundreds, Ask::ReadHundreds => 100 * ($n['h'] ?? -1) + 10 * ($n['t'] ?? -1) + ($n['o'] ?? -1),
                    Ask::TenMore => ($n['n'] ?? -1) + 10,
                    Ask::TenFewer => ($n['n'] ?? -1) - 10,
                    Ask::ChartMore => ($n['a'] ?? -1) - ($n['b'] ?? -1),
                    Ask::ShareOut => intdiv($n['n'] ?? -1, max(1, $n['plates'] ?? 1)),
                    Ask::WhichMore, Ask::PutSign, Ask::BalanceWhich => ['fewer', 'same', 'more'][1 + (($n['a'] ?? 0) <=> ($n['b'] ?? 0))],
                    default => $fact->answer,
                };
                if ($right !== $fact->answer || (\is_int($right) && ($right < 0 || $right > max(19, $step->size() + 5)))) {
                    $wrong[] = $step->id.' '.$fact->key().' = '.$fact->answer;
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_a_set_keeps_its_promises(): void
    {
        $broken = [];
        foreach (self::asked() as [$generator, $step]) {
            $facts = Facts::of($generator, $step);
            $share = static fn (callable $is): float => \count(array_filter($facts, $is)) / \count($facts);
            [$noughts, $doubles] = [$share(static fn (Fact $fact): bool => $fact->hasNought()), $share(static fn (Fact $fact): bool => $fact->isDouble())];
            $compares = $facts[0]->ask->compares();
            for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
                $count = 5 + $seed % 8;
                $questions = self::set($generator, $step, $count, $seed);
                $levels = array_map(static fn (Question $question): Level => $question->level, $questions);
                $at = array_filter($questions, static fn (Question $question): bool => Level::At === $question->level);
                $open = array_filter($at, static fn (Question $question): bool => $question->fact->isOpen());
                $keys = array_map(static fn (Question $question): string => $question->fact->key(), $questions);
                $middle = \array_slice($questions, 1, -1);
                $of = static fn (callable $is): int => \count(array_filter($middle, static fn (Question $question): bool => $is($question->fact)));
                $about = static fn (int $number, float $rate): bool => abs($number - \count($middle) * $rate) <= 1.5;
                $promises = [
                    'as many as wanted' => $count === \count($questions),
                    'sure first and last' => [0, $count - 1] === array_keys($levels, Level::Sure, true),
                    'half of them open' => 2 * \count($open) >= \count($at),
                    'about six in ten at the step' => abs(0.6 - \count($at) / ($count - 2)) <= 0.28,
                    'never the same twice running' => [] === array_filter(array_keys($keys), static fn (int $i): bool => $i > 0 && $keys[$i] === $keys[$i - 1]),
                    // Where there are enough to choose from and the kind does not make up the step.
                    'noughts at their rate' => \count($facts) < 12 || 0.0 === $noughts || $noughts >= 0.4 || $about($of(static fn (Fact $fact): bool => $fact->hasNought()), 1 / 6),
                    'doubles at their rate' => $compares || \count($facts) < 12 || 0.0 === $doubles || $doubles >= 0.5 || $about($of(static fn (Fact $fact): bool => $fact->isDouble()), 1 / 6),
                    'equals one in five' => !$compares || \count($facts) < 12 || 0.0 === $doubles || $about($of(static fn (Fact $fact): bool => $fact->isDouble()), 1 / 5),
                ];
                foreach (array_keys($promises, false, true) as $promise) {
                    $broken[] = \sprintf('%s, %s, seed %d: %s', $generator->value, $step->id, $seed, $promise);
                }
            }
        }
        self::assertSame([], $broken);
    }

    public function test_what_was_seen_least_comes_first(): void
    {
        $step = Make::library()->map()->step('put-together@5');
        $asked = [];
        foreach (Facts::of(Generator::Join, $step) as $fact) {
            if (4 !== $fact->answer) {
                $asked[$fact->key()] = ['seen' => 5, 'unaided' => 5];
            }
        }
        $questions = QuestionSet::choose(Generator::Join, $step, $asked, 9, null, null, new Randomizer(new Xoshiro256StarStar(3)))->questions;
        $fresh = array_filter(\array_slice($questions, 1, -1), static fn (Question $question): bool => 4 === $question->fact->answer);

        self::assertGreaterThanOrEqual(3, \count($fresh));
    }

    public function test_the_same_seed_asks_the_same(): void
    {
        [$generator, $step] = self::asked()[7];

        self::assertEquals(self::set($generator, $step, 9, 5), self::set($generator, $step, 9, 5));
        self::assertNotEquals(self::set($generator, $step, 9, 5), self::set($generator, $step, 9, 6));
    }

    /** @return list<Question> of a step that was met before */
    private static function set(Generator $generator, Step $step, int $count, int $seed): array
    {
        return QuestionSet::choose($generator, $step, ['met:before' => ['seen' => 1, 'unaided' => 1]], $count, null, null, new Randomizer(new Xoshiro256StarStar($seed)))->questions;
    }

    /** @return list<array{Generator, Step}> each kind of question with each step that a family asks it about: what a family asks depends on nothing else */
    private static function asked(): array
    {
        $asked = [];
        foreach (self::served() as [$family, $step]) {
            $asked[$family->serves[$step->skill->id]->value.' '.$step->id] = [$family->serves[$step->skill->id], $step];
        }

        return array_values($asked);
    }

    /** @return list<array{Family, Step}> */
    private static function served(): array
    {
        $served = [];
        foreach (Make::library()->catalogue()->families as $family) {
            foreach (Make::library()->map()->steps as $step) {
                if ($family->shows($step, $step->firstForm()) || $family->shows($step, $step->lastForm())) {
                    $served[] = [$family, $step];
                }
            }
        }
        self::assertGreaterThan(60, \count($served));

        return $served;
    }
}
