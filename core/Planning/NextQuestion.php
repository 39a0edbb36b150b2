<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Question\Another;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Prompt;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\SkillMap;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** What is asked next when an idea is taken: a question more, or the same ones in another order. Ideas that are only said change nothing. */
final readonly class NextQuestion
{
    public function __construct(private SkillMap $map)
    {
    }

    /**
     * @param list<int> $order positions of the questions in the order they are asked
     * @param list<int> $done  positions already answered, in order
     *
     * @return array{list<Question>, list<int>} the questions and the order from now on; a new question has no id yet
     */
    public function after(Idea $idea, Activity $activity, Sitting $sitting, array $order, array $done): array
    {
        $questions = $sitting->questions;
        $last = [] === $done ? null : $questions[$done[\count($done) - 1]] ?? null;
        $left = array_values(array_diff($order, $done));
        if (null === $last) {
            return [$questions, $order];
        }
        if (Idea::FinishEasy === $idea) {
            $easy = array_values(array_filter($left, static fn (int $at): bool => Level::Sure === $questions[$at]->level));

            return [$questions, [...$done, ...([] === $easy ? \array_slice($left, -1) : \array_slice($easy, -1))]];
        }
        $more = match ($idea) {
            Idea::ShowAndAskAgain, Idea::OfferAgain, Idea::CheckAndAskAgain => $last->named(''),
            Idea::SmallerNumbers => $this->another($activity, $sitting->course()->stepId, $last->prompt->load(), false, $sitting),
            Idea::BiggerNumbers => $this->another($activity, $sitting->course()->stepId, $last->prompt->load(), true, $sitting),
            Idea::NextReach => $this->taster($activity, $sitting),
            default => null,
        };

        if (null === $more) {
            return [$questions, $order];
        }
        // Offered again, it waits until there was something else, and the easy one still comes last.
        $wait = Idea::OfferAgain === $idea ? max(0, \count($left) - 1) : 0;

        return [[...$questions, $more], [...$done, ...\array_slice($left, 0, $wait), \count($questions), ...\array_slice($left, $wait)]];
    }

    private function another(Activity $activity, string $stepId, int $load, bool $bigger, Sitting $sitting): ?Question
    {
        $step = $this->map->step($stepId);
        $kind = $activity->serves[$step->skill->id] ?? null;
        $asked = array_map(static fn (Question $question): string => $question->prompt->key(), $sitting->questions);

        // What waits for another step is asked on only where it was asked before.
        $needs = array_map(static fn (Question $question): ?string => $question->prompt->needs(), $sitting->questions);
        $kind = $kind?->where(static fn (Prompt $prompt): bool => null === $prompt->needs() || \in_array($prompt->needs(), $needs, true));

        return null === $kind || !$kind->canAsk($step) ? null : Another::of(
            $kind,
            $step,
            $load,
            $bigger,
            $asked,
            new Randomizer(new Xoshiro256StarStar(crc32($stepId.implode('', $asked)))),
        );
    }

    /** The smallest of the next reach, if the activity can ask it. */
    private function taster(Activity $activity, Sitting $sitting): ?Question
    {
        $course = $sitting->course();
        $next = $this->map->higherReaches($course->stepId)[0] ?? null;
        if (null === $next || !$activity->shows($this->map->step($next), $course->form)) {
            return null;
        }
        $largest = max([0, ...array_map(static fn (Question $question): int => $question->prompt->load(), $sitting->questions)]);

        return $this->another($activity, $next, $largest, true, $sitting);
    }
}
