<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Generator;
use Pindle\Core\Question\Ask;
use Pindle\Core\Question\Facts;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Step;
use Pindle\Tests\Make;
use Pindle\Tests\Promises;
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
        foreach (Promises::asked(Make::library()) as [$generator, $step]) {
            for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
                $count = 5 + $seed % 8;
                foreach (Promises::broken($generator, $step, $count, Promises::set($generator, $step, $count, $seed)) as $promise) {
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
        [$generator, $step] = Promises::asked(Make::library())[7];

        self::assertEquals(Promises::set($generator, $step, 9, 5), Promises::set($generator, $step, 9, 5));
        self::assertNotEquals(Promises::set($generator, $step, 9, 5), Promises::set($generator, $step, 9, 6));
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
