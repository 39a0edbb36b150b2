<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Advice\Choosing;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Ladder;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Tracing;
use Pindle\Core\Question\Level;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\Step;

/**
 * What a sitting most likely brings: of its questions so many go well as the belief in their steps lets expect, the others are done together. No chance
 * in it: what is left over of one question counts for the next.
 */
final readonly class Expected
{
    /** Where the first question begins to count for a success: so that the number of them is rounded, not cut off. */
    private const HALF = 0.5;

    /** Of what would not be there without help, so much is there with it: a guess, halfway between none and all. */
    private const HELPED = ['shown' => 0.5, 'part-done' => 0.25, 'bare' => 0.0];

    /** How far off a guess is taken to be that went well, and one that did not, as part of what there was. */
    private const NEAR = 0.1;
    private const FAR = 0.7;

    /** The learner after the set-up: what is known of them then, what rests, and what the parent had chosen still. */
    public static function after(Learner $learner, SetUp $setUp, LocalDate $on, Choosing $choosing = new Choosing()): Learner
    {
        $sitting = $setUp->sittingOf($learner->child->id);
        if (null === $sitting) {
            return $learner;
        }
        $record = $learner->record;
        $seen = $left = [];
        foreach ($sitting->questions as $i => $question) {
            if (!$record->map->has($question->stepId)) {
                continue;
            }
            $step = $record->map->step($question->stepId);
            $help = Level::Check === $question->level ? Help::Bare : Ladder::help($record->state($step->id));
            $sum = ($left[$step->id] ?? self::HALF) + self::chance($record, $question, $help, $on);
            $left[$step->id] = $sum - floor($sum);
            $seen[] = $attempt = self::attempt($record, $step, $question, $help, $sum >= 1.0, $setUp, $on, $i);
            $record = $record->with($attempt);
        }
        [$resting, $chosen] = [$learner->resting, $learner->chosen];
        foreach ($sitting->courses as $course) {
            unset($chosen[$course->stepId]);
            $days = $record->map->has($course->stepId)
                ? Decision::after($course->stepId, $seen, $learner->record->mark($course->stepId), $record, Ending::Done, $on, $choosing)->days
                : null;
            $resting = null === $days ? $resting : [...$resting, $course->stepId => $on->plusDays($days)];
        }

        return new Learner($learner->child, $record, $learner->minutes, $learner->liking, $resting, $learner->sits, $chosen);
    }

    /** Chance, 0 to 1, that the question goes well: the step is there and nothing slips, or it is not and a guess or the help does. */
    private static function chance(ChildRecord $record, Question $question, Help $help, LocalDate $on): float
    {
        $there = $record->state($question->stepId)->p * $record->recall($question->stepId, $on);
        $alone = $there * (1 - Tracing::SLIP) + (1 - $there) * Tracing::chance($question->prompt->choices());

        return $alone + (1 - $alone) * self::HELPED[$help->value];
    }

    private static function attempt(
        ChildRecord $record,
        Step $step,
        Question $question,
        Help $help,
        bool $isWell,
        SetUp $setUp,
        LocalDate $on,
        int $nth,
    ): Attempt {
        $isCheck = Level::Check === $question->level;
        $before = null === $step->before ? null : $record->state($step->before);

        return new Attempt(
            \sprintf('expected-%d-%04d-%02d', $on->dayNumber, $setUp->span->start, $nth),
            $step->id,
            \sprintf('expected-%d-%04d', $on->dayNumber, $setUp->span->start),
            $setUp->activity->id,
            $isCheck ? $step->lastForm() : Ladder::form($step, $record->state($step->id), $before),
            $help,
            $setUp->thingIds(),
            $question->prompt->key(),
            $question->prompt->choices(),
            match (true) {
                !$isWell => Outcome::WithHelp,
                $step->skill->isQuick() => Outcome::AtOnce,
                default => Outcome::WorkedItOut,
            },
            null,
            null,
            $on->toDateTime()->modify(\sprintf('+%d minutes +%d seconds', $setUp->span->start, $nth)),
            $on,
            'expected',
            $step->skill->isGuess() ? ($isWell ? self::NEAR : self::FAR) : null,
            $isCheck ? Purpose::Check : Purpose::Sitting,
        );
    }
}
