<?php

declare(strict_types=1);

namespace Pindle\Tests\Core;

use PHPUnit\Framework\TestCase;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Step;
use Pindle\Tests\Make;
use Pindle\Tests\Promises;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Every activity with every step it serves, twenty seeds each. */
final class QuestionSetTest extends TestCase
{
    private const SEEDS = 20;

    public function test_every_question_is_inside_the_reach_and_true(): void
    {
        $wrong = [];
        foreach (self::served() as [$activity, $step]) {
            foreach ($activity->serves[$step->skill->id]->prompts($step) as $prompt) {
                $n = $prompt->values();
                $most = max(19, $step->size + ('say-on' === $prompt->ask ? 5 : 0));
                foreach (['n', 'a', 'b', 'to'] as $name) {
                    if (($prompt->numbers()[$name] ?? 0) < 0 || ($prompt->numbers()[$name] ?? 0) > $most) {
                        $wrong[] = $step->id.' '.$prompt->key().' '.$name;
                    }
                }
                $number = static fn (string $name): int => \is_int($n[$name] ?? null) ? $n[$name] : -1;
                $right = match ($prompt->ask) {
                    'join', 'join-sentence', 'story-join', 'sum-at-once', 'add-zero', 'turn-around',
                    'add-on', 'near-double', 'hop-on', 'bridge-ten', 'add-two-figure' => $number('a') + $number('b'),
                    'take', 'take-sentence', 'story-take', 'difference-at-once', 'hop-back',
                    'bridge-back', 'take-two-figure', 'missing-start' => $number('n') - $number('b'),
                    'other-part', 'how-many-to', 'count-up', 'the-rest', 'missing-change', 'makes-whole' => $number('n') - $number('a'),
                    'how-many-more', 'make-same', 'chart-more' => $number('a') - $number('b'),
                    'both-sides' => $number('a') + $number('b') - $number('c'),
                    'to-next' => $number('to') - $number('n'),
                    'half-of', 'half-how' => intdiv($number('n'), 2),
                    'double' => 2 * $number('a'),
                    'equal-piles' => $number('piles') * $number('each'),
                    'count-bundles' => 10 * $number('t'),
                    'ten-more' => $number('n') + 10,
                    'ten-fewer' => $number('n') - 10,
                    'share-out' => intdiv($number('n'), max(1, $number('plates'))),
                    'which-more', 'put-sign', 'balance-which' => Comparison::of($number('a'), $number('b')),
                    default => $prompt->answer(),
                };
                if ($right !== $prompt->answer() || (\is_int($right) && ($right < 0 || $right > max(19, $step->size + 5)))) {
                    $wrong[] = $step->id.' '.$prompt->key();
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_a_set_keeps_its_promises(): void
    {
        $broken = [];
        foreach (Promises::asked() as [$kind, $step]) {
            for ($seed = 1; $seed <= self::SEEDS; ++$seed) {
                $count = 3 + $seed % 10;
                foreach (Promises::broken($kind, $step, $count, Promises::set($kind, $step, $count, $seed)) as $promise) {
                    $broken[] = \sprintf('%s, %s, seed %d: %s', $kind->id, $step->id, $seed, $promise);
                }
            }
        }
        self::assertSame([], $broken);
    }

    public function test_what_was_seen_least_comes_first(): void
    {
        $step = Make::map()->step('put-together@5');
        $asked = [];
        foreach (Kind::named('join')->prompts($step) as $prompt) {
            if (4 !== $prompt->answer()) {
                $asked[$prompt->key()] = ['seen' => 5, 'unaided' => 5];
            }
        }
        $questions = QuestionSet::choose(Kind::named('join'), $step, $asked, 9, null, null, new Randomizer(new Xoshiro256StarStar(3)))->questions;
        $fresh = array_filter(\array_slice($questions, 1, -1), static fn (Question $question): bool => 4 === $question->prompt->answer());

        self::assertGreaterThanOrEqual(3, \count($fresh));
    }

    public function test_the_same_seed_asks_the_same(): void
    {
        [$kind, $step] = Promises::asked()[7];

        self::assertEquals(Promises::set($kind, $step, 9, 5), Promises::set($kind, $step, 9, 5));
        self::assertNotEquals(Promises::set($kind, $step, 9, 5), Promises::set($kind, $step, 9, 6));
    }

    /** @return list<array{Activity, Step}> */
    private static function served(): array
    {
        $served = [];
        foreach (Make::catalogue()->activities as $activity) {
            foreach (Make::map()->steps as $step) {
                if ($activity->shows($step, $step->firstForm()) || $activity->shows($step, $step->lastForm())) {
                    $served[] = [$activity, $step];
                }
            }
        }
        self::assertGreaterThan(60, \count($served));

        return $served;
    }
}
