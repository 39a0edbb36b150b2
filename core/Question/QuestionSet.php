<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

use Pindle\Core\Skill\Step;
use Random\Randomizer;

/**
 * Chooses what to ask: something sure first and last, and between them, where there are more than five, about six in ten at the step,
 * two easier, two harder; what was least seen and is least sure comes first, with nothing and doubles at their rate, at least half of what
 * is asked at the step is open, and no fact is asked twice: a step with fewer facts has a shorter set.
 */
final readonly class QuestionSet
{
    /** So many labels lie out at a time. */
    public const LABELS = 5;

    /** Once met, one in so many questions has a nought in it, one in so many is a double; of two amounts to compare one in so many are equal. */
    public const NOUGHT_ONE_IN = 6;
    public const DOUBLE_ONE_IN = 6;
    public const EQUAL_ONE_IN = 5;

    /** In a set of up to so many the first question is the easy one, and all that stands before the last is at the step. */
    public const SHORT = 5;

    /** @param list<Question> $questions */
    private function __construct(public array $questions)
    {
    }

    /**
     * @param array<string, array{seen: int, unaided: int}> $asked   what the child was asked at this step, by question key
     * @param int                                           $count   questions wanted, 2 and up
     * @param Sure|null                                     $opening what to begin with; the smallest numbers of the step where there is nothing sure
     * @param Sure|null                                     $closing what to end with
     * @param Tilt                                          $tilt    whether smaller or bigger numbers are wanted
     */
    public static function choose(
        Kind $kind,
        Step $step,
        array $asked,
        int $count,
        ?Sure $opening,
        ?Sure $closing,
        Randomizer $random,
        Tilt $tilt = Tilt::Even,
    ): self {
        $own = Pool::of($kind, $step);
        $pool = $own->prompts;
        $first = new Question($opening->step->id ?? $step->id, $random->shuffleArray(self::sure($opening, $own))[0], Level::Sure);
        $last = null;
        foreach ($random->shuffleArray(self::sure($closing, $own)) as $prompt) {
            $end = new Question($closing->step->id ?? $step->id, $prompt, Level::Sure);
            if ($end->stepId !== $first->stepId || $prompt->key() !== $first->prompt->key()) {
                $last = $end;
                break;
            }
        }
        $used = [];
        foreach (array_filter([$first, $last]) as $end) {
            $used += $end->stepId === $step->id ? [$end->prompt->key() => true] : [];
        }
        $order = self::leastSureFirst($pool, $asked, $random);
        $between = min($count - 2, \count($pool) - \count($used));
        // After a sitting under half unaided, half of what is asked at the step is easier; where more is wanted, half is harder.
        [$easier, $harder] = match (true) {
            Tilt::Smaller === $tilt => [(int) ceil($between * 0.5), 0],
            Tilt::Bigger === $tilt => [0, (int) ceil($between * 0.5)],
            $between + 2 <= self::SHORT => [0, 0],
            default => [(int) round($between * 0.2), (int) round($between * 0.2)],
        };
        $rates = self::rates($own, [] !== $asked);
        $phase = ['nought' => $random->getInt(0, 99) / 100, 'double' => $random->getInt(0, 99) / 100];
        $had = ['nought' => 0, 'double' => 0];
        [$open, $closed] = [0, 0];
        $chosen = [$first];
        foreach (self::inOrder($between - $easier - $harder, $easier, $harder) as $i => $level) {
            $due = null;
            foreach ($rates as $of => $rate) {
                // Due as soon as the rate has one more by this question than there were; a short set has its share now and then.
                $due ??= floor(($i + 1) * $rate + $phase[$of]) > $had[$of] ? $of : null;
            }
            $left = [];
            foreach ($order as $prompt) {
                if (!isset($used[$prompt->key()]) && ($prompt->isOpen() || $open > $closed || Level::At !== $level)) {
                    $left[] = $prompt;
                }
            }
            $prompt = self::next($left, $own->parts[$level->value] ?? [], $rates, $due);
            if (null === $prompt) {
                continue;
            }
            $used[$prompt->key()] = true;
            $had['nought'] += $prompt->hasNought() ? 1 : 0;
            $had['double'] += $prompt->isDouble() ? 1 : 0;
            if (Level::At === $level) {
                $prompt->isOpen() ? ++$open : ++$closed;
            }
            $chosen[] = new Question($step->id, $prompt, $level);
        }

        return new self(null === $last ? $chosen : [...$chosen, $last]);
    }

    /**
     * The questions of a check: open ones at the step, what was least seen and is least sure first. A step with few facts is asked one of them twice.
     *
     * @param array<string, array{seen: int, unaided: int}> $asked as for choose
     * @param int                                           $count 1 and up
     *
     * @return list<Question>
     */
    public static function check(Kind $kind, Step $step, array $asked, int $count, Randomizer $random): array
    {
        $pool = $kind->prompts($step);
        $open = array_values(array_filter($pool, static fn (Prompt $prompt): bool => $prompt->isOpen())) ?: $pool;
        $order = self::leastSureFirst($open, $asked, $random);
        $questions = [];
        for ($i = 0; $i < $count; ++$i) {
            $questions[] = new Question($step->id, $order[$i % \count($order)], Level::Check);
        }

        return $questions;
    }

    /**
     * A set with the questions of a second step mixed into it, one after each of its own; what it begins and ends with stays.
     *
     * @param list<Question> $questions of the main step
     * @param list<Question> $others    of the second, of which what is sure is left out
     *
     * @return list<Question>
     */
    public static function mixed(array $questions, array $others): array
    {
        $others = array_values(array_filter($others, static fn (Question $question): bool => Level::Sure !== $question->level));
        $mixed = \array_slice($questions, 0, 1);
        foreach (\array_slice($questions, 1, -1) as $i => $question) {
            array_push($mixed, $question, ...\array_slice($others, $i, 1));
        }
        $own = max(0, \count($questions) - 2);

        return [...$mixed, ...\array_slice($others, $own), ...\array_slice($questions, max(1, \count($questions) - 1))];
    }

    /** @param list<Question> $questions chosen earlier */
    public static function ofStored(array $questions): self
    {
        return new self($questions);
    }

    /**
     * The largest numbers of the set, for counting out things: n, a, b, c, and the sum of the LABELS largest answers.
     *
     * @return array{n: int, a: int, b: int, c: int, sum: int}
     */
    public function largest(): array
    {
        [$n, $a, $b, $c, $answers] = [0, 0, 0, 0, []];
        foreach ($this->questions as $question) {
            $amounts = $question->prompt->amounts();
            [$n, $a, $b, $c] = [max($n, $amounts->n), max($a, $amounts->a), max($b, $amounts->b), max($c, $amounts->c)];
            $answer = $question->prompt->answer();
            $answers[] = \is_int($answer) ? $answer : 0;
        }
        rsort($answers);

        return ['n' => $n, 'a' => $a, 'b' => $b, 'c' => $c, 'sum' => array_sum(\array_slice($answers, 0, self::LABELS))];
    }

    /**
     * What can be asked about a step the child is sure of; the smallest numbers of today's step where there is none.
     *
     * @return non-empty-list<Prompt>
     */
    private static function sure(?Sure $sure, Pool $pool): array
    {
        return null === $sure ? $pool->smallest : Pool::of($sure->kind, $sure->step)->ends;
    }

    /** @return list<Level> easier ones early, harder ones in the second half, never at the very end of what is asked at the step */
    private static function inOrder(int $at, int $easier, int $harder): array
    {
        $firstHalf = intdiv($at + 1, 2);

        return [
            ...array_fill(0, $easier, Level::Easier),
            ...array_fill(0, $firstHalf, Level::At),
            ...array_fill(0, $harder, Level::Harder),
            ...array_fill(0, max(0, $at - $firstHalf), Level::At),
        ];
    }

    /**
     * @param non-empty-list<Prompt>                          $pool
     * @param array<string, array{seen: int, unaided: int}> $asked
     *
     * @return non-empty-list<Prompt>
     */
    private static function leastSureFirst(array $pool, array $asked, Randomizer $random): array
    {
        $pool = $random->shuffleArray($pool);
        if ([] === $asked) {
            return $pool;
        }
        $seen = [];
        foreach ($pool as $i => $prompt) {
            $of = $asked[$prompt->key()] ?? null;
            $seen[] = [$of['seen'] ?? 0, $of['unaided'] ?? 0, $i];
        }
        sort($seen);

        return array_map(static fn (array $one): Prompt => $pool[$one[2]], $seen);
    }

    /**
     * How often noughts and doubles are asked, 0 to 1; a kind that the pool has none or mostly of has no rate of its own.
     *
     * @return array{nought?: float, double?: float}
     */
    private static function rates(Pool $pool, bool $met): array
    {
        $doubles = $pool->compares ? 1 / self::EQUAL_ONE_IN : ($met ? 1 / self::DOUBLE_ONE_IN : 0.0);

        return ($pool->noughts > 0.0 && $pool->noughts < 0.4 ? ['nought' => $met ? 1 / self::NOUGHT_ONE_IN : 0.0] : [])
            + ($pool->doubles > 0.0 && $pool->doubles < 0.5 ? ['double' => $doubles] : []);
    }

    /**
     * The best next fact: of the kind that is due and no other, of the wanted part. Each wish is given up in turn.
     *
     * @param list<Prompt>                          $left
     * @param array<string, true>                   $part
     * @param array{nought?: float, double?: float} $rates
     */
    private static function next(array $left, array $part, array $rates, ?string $due): ?Prompt
    {
        for ($wishes = 3; $wishes > 0; --$wishes) {
            foreach ($left as $prompt) {
                if (
                    (!isset($rates['nought']) || $prompt->hasNought() === ('nought' === $due))
                    && ($wishes < 2 || !isset($rates['double']) || $prompt->isDouble() === ('double' === $due))
                    && ($wishes < 3 || isset($part[$prompt->key()]))
                ) {
                    return $prompt;
                }
            }
        }

        return $left[0] ?? null;
    }
}
