<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\Core\Question\Kind;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Question\QuestionSet;
use Pindle\Core\Skill\Step;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What every set of questions promises; asked by the tests and, with many more seeds, by the bench. */
final class Promises
{
    /** @return list<array{Kind, Step}> each kind of question with each step that an activity asks it about: what an activity asks depends on nothing else */
    public static function asked(): array
    {
        $asked = [];
        foreach (Make::catalogue()->activities as $activity) {
            foreach (Make::map()->steps as $step) {
                if ($activity->shows($step, $step->firstForm()) || $activity->shows($step, $step->lastForm())) {
                    $asked[$activity->serves[$step->skill->id]->id.' '.$step->id] = [$activity->serves[$step->skill->id], $step];
                }
            }
        }

        return array_values($asked);
    }

    /** @return list<Question> of a step that was met before */
    public static function set(Kind $kind, Step $step, int $count, int $seed): array
    {
        return QuestionSet::choose(
            $kind,
            $step,
            ['met:before' => ['seen' => 1, 'unaided' => 1]],
            $count,
            null,
            null,
            new Randomizer(new Xoshiro256StarStar($seed)),
        )->questions;
    }

    /**
     * @param list<Question> $questions
     *
     * @return list<string> promises that are not kept
     */
    public static function broken(Kind $kind, Step $step, int $count, array $questions): array
    {
        $prompts = $kind->prompts($step);
        $share = static fn (callable $is): float => \count(array_filter($prompts, $is)) / \count($prompts);
        $isNought = static fn (Prompt $prompt): bool => $prompt->hasNought();
        $isDouble = static fn (Prompt $prompt): bool => $prompt->isDouble();
        [$noughts, $doubles] = [$share($isNought), $share($isDouble)];
        $compares = [] !== array_filter($prompts, static fn (Prompt $prompt): bool => $prompt->compares());
        $middle = \array_slice($questions, 1, -1);
        $levels = array_map(static fn (Question $question): Level => $question->level, $questions);
        $at = array_filter($questions, static fn (Question $question): bool => Level::At === $question->level);
        $open = array_filter($at, static fn (Question $question): bool => $question->prompt->isOpen());
        $keys = array_map(static fn (Question $question): string => $question->prompt->key(), $questions);
        // A rate holds as far as there are facts of the kind.
        $about = static fn (callable $is, float $rate): bool => abs(\count(array_filter(
            $middle,
            static fn (Question $question): bool => $is($question->prompt),
        )) - min(\count($middle) * $rate, \count(array_filter($prompts, $is)))) <= 1.5;
        // Rates hold where there are enough facts to choose from and the kind does not make up the step.
        $enough = \count($prompts) >= 12;
        $left = array_filter($prompts, static fn (Prompt $prompt): bool => $prompt->isOpen() && !\in_array($prompt->key(), $keys, true));
        $promises = [
            'as many as wanted, or as there are facts' => \count($questions) === $count || (\count($questions) < $count && [] === $left),
            'sure first and last' => [0, \count($questions) - 1] === array_keys($levels, Level::Sure, true),
            'half of them open' => 2 * \count($open) >= \count($at),
            'all at the step in a short set, else about six in ten' => \count($questions) < $count || ($count <= QuestionSet::SHORT
                ? \count($at) === \count($middle)
                : abs(0.6 - \count($at) / \count($middle)) <= 0.15),
            'nothing asked twice' => $keys === array_unique($keys),
            'noughts at their rate' => !$enough || 0.0 === $noughts || $noughts >= 0.4 || $about($isNought, 1 / QuestionSet::NOUGHT_ONE_IN),
            'doubles at their rate' => $compares || !$enough || 0.0 === $doubles || $doubles >= 0.5 || $about($isDouble, 1 / QuestionSet::DOUBLE_ONE_IN),
            'equals one in five' => !$compares || !$enough || 0.0 === $doubles || $about($isDouble, 1 / QuestionSet::EQUAL_ONE_IN),
        ];

        return array_keys($promises, false, true);
    }
}
