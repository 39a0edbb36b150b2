<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\Core\Activity\Family;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Planning\Sitting;
use Pindle\Core\Question\Another;
use Pindle\Core\Question\Level;
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
     * @param list<int> $order places of the questions in the order they are asked
     * @param list<int> $done  places already answered, in order
     *
     * @return array{list<Question>, list<int>} the questions and the order from now on
     */
    public function after(Idea $idea, Family $family, Sitting $sitting, array $order, array $done): array
    {
        $questions = $sitting->questions;
        $last = [] === $done ? null : $questions[$done[\count($done) - 1]] ?? null;
        $left = array_values(array_diff($order, $done));
        if (null === $last) {
            return [$questions, $order];
        }
        if (Idea::FinishEasy === $idea) {
            $easy = array_values(array_filter($left, static fn (int $place): bool => Level::Sure === $questions[$place]->level));

            return [$questions, [...$done, ...([] === $easy ? \array_slice($left, -1) : \array_slice($easy, -1))]];
        }
        $more = match ($idea) {
            Idea::ShowAndAskAgain => $last,
            Idea::SmallerNumbers => $this->another($family, $sitting->stepId, $last->fact->load, false, $sitting),
            Idea::BiggerNumbers => $this->another($family, $sitting->stepId, $last->fact->load, true, $sitting),
            Idea::NextReach => $this->taster($family, $sitting),
            default => null,
        };

        return null === $more ? [$questions, $order] : [[...$questions, $more], [...$done, \count($questions), ...$left]];
    }

    private function another(Family $family, string $stepId, int $load, bool $bigger, Sitting $sitting): ?Question
    {
        $step = $this->map->step($stepId);
        $generator = $family->serves[$step->skill->id] ?? null;
        $asked = array_map(static fn (Question $question): string => $question->fact->key(), $sitting->questions);

        return null === $generator ? null : Another::of($generator, $step, $load, $bigger, $asked, new Randomizer(new Xoshiro256StarStar(crc32($stepId.implode('', $asked)))));
    }

    /** The smallest of the next reach, if the family can ask it. */
    private function taster(Family $family, Sitting $sitting): ?Question
    {
        $next = $this->map->higherReaches($sitting->stepId)[0] ?? null;
        if (null === $next || !$family->shows($this->map->step($next), $sitting->form)) {
            return null;
        }
        $largest = max(0, ...array_map(static fn (Question $question): int => $question->fact->load, $sitting->questions));

        return $this->another($family, $next, $largest, true, $sitting);
    }
}
