<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\Asks;
use Pindle\Core\Advice\Idea;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;

/** What is asked next when an idea is taken: a question more, or the same ones in another order. Ideas that are only said change nothing. */
final readonly class NextQuestion
{
    /**
     * @param list<Question> $questions of the sitting
     * @param list<int>      $order     positions of the questions in the order they are asked
     * @param list<int>      $done      positions already answered, in order
     * @param list<Question> $spares    made beforehand for this idea, and not asked yet
     * @param string|null    $id        of the question more, as the device named it: that of a spare, or a new one; null where it named none
     *
     * @return array{list<Question>, list<int>} the questions and the order from now on; a new question without an id has none yet
     */
    public static function after(Idea $idea, array $questions, array $order, array $done, array $spares, ?string $id = null): array
    {
        $last = [] === $done ? null : $questions[$done[\count($done) - 1]] ?? null;
        $left = array_values(array_diff($order, $done));
        $asks = $idea->asks();
        if (null === $last || null === $asks) {
            return [$questions, $order];
        }
        if (Asks::LastEasy === $asks) {
            $easy = array_values(array_filter($left, static fn (int $at): bool => Level::Sure === $questions[$at]->level));

            return [$questions, [...$done, ...([] === $easy ? \array_slice($left, -1) : \array_slice($easy, -1))]];
        }
        $more = Asks::Spare === $asks ? self::spare($idea, $spares, $last, $id) : $last->named($id ?? '');
        if (null === $more) {
            return [$questions, $order];
        }
        // Offered again, it waits until there was something else, and the easy one still comes last.
        $wait = Asks::Later === $asks ? max(0, \count($left) - 1) : 0;

        return [[...$questions, $more], [...$done, ...\array_slice($left, 0, $wait), \count($questions), ...\array_slice($left, $wait)]];
    }

    /** @param list<Question> $spares */
    private static function spare(Idea $idea, array $spares, Question $last, ?string $id): ?Question
    {
        foreach ($spares as $spare) {
            if ($spare->id === $id) {
                return $spare;
            }
        }

        return Spares::nearest($idea, $spares, $last->prompt->load());
    }
}
