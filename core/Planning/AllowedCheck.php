<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Occasion;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;

/** The part of the check that asks what the day and the house allow: place, noise, company, time, what was made once, the parent, new games. */
final readonly class AllowedCheck
{
    /**
     * What the day and the games of the house allow.
     *
     * @param list<SetUp> $new
     * @param list<SetUp> $all
     *
     * @return list<array{Problem, string}>
     */
    public function problems(DayRequest $request, array $new, array $all): array
    {
        $problems = [];
        $held = array_map(static fn (SetUp $setUp): string => $setUp->key, $request->held);
        foreach ($new as $setUp) {
            $where = Place::HighTable === $setUp->place ? Place::Table : $setUp->place;
            $isThere = Place::Anywhere === $where || \in_array($where, $request->places, true) || \in_array($setUp->place, $request->places, true);
            if (!$isThere || !\in_array($where, $setUp->activity->places, true)) {
                $problems[] = [Problem::PlaceNotToday, $setUp->key];
            }
            if ($request->quiet && $setUp->activity->noisy) {
                $problems[] = [Problem::TooNoisy, $setUp->key];
            }
            if (\count($setUp->sittings) > 1 && !$setUp->activity->together) {
                $problems[] = [Problem::NotTogether, $setUp->key];
            }
            $seconds = 60 * $setUp->activity->setUp;
            foreach ($request->learners as $learner) {
                foreach ($setUp->sittings as $sitting) {
                    $isLittle = $learner->child->ageInMonths($request->date) < 48;
                    $seconds += $sitting->childId === $learner->child->id
                        ? \count($sitting->questions) * max($isLittle ? 60 : 30, $setUp->activity->seconds)
                        : 0;
                }
            }
            $seconds += [] === $setUp->activity->roles && [] === $setUp->activity->props ? 0 : 60;
            if (60 * ($setUp->span->end - $setUp->span->start) < $seconds && !\in_array($setUp->key, $held, true)) {
                $problems[] = [Problem::TooShort, $setUp->key];
            }
            foreach ($all as $other) {
                $isBeside = $other !== $setUp && $setUp->span->start < $other->span->end && $other->span->start < $setUp->span->end;
                foreach ($isBeside ? $setUp->props : [] as $prop) {
                    foreach ($other->props as $theirs) {
                        if ($prop->made && $prop->id === $theirs->id) {
                            $problems[] = [Problem::PropTwice, $setUp->key.': '.$prop->id];
                        }
                    }
                }
            }
            foreach ($request->blocks as $block) {
                if (!self::goesOnDuring($block, $setUp)) {
                    $problems[] = [Problem::ParentNotThere, $setUp->key];
                }
            }
        }
        $games = [];
        foreach ($all as $setUp) {
            $isOwnWish = \in_array($setUp->activity->id, $request->wanted, true) || \in_array($setUp->key, $held, true);
            $isMoment = [] !== array_filter($setUp->activity->occasions, static fn (Occasion $occasion): bool => Occasion::Tray !== $occasion);
            $uses = $request->repertoire->uses[$setUp->activity->id] ?? 0;
            if (0 === $uses && !$isMoment && !$isOwnWish && !\in_array($setUp->activity->id, $request->repertoire->told, true)) {
                $games[$setUp->activity->id] = !\in_array($setUp, $request->kept, true) || ($games[$setUp->activity->id] ?? false);
            }
        }
        if (\count($games) > $request->repertoire->newToday() && \in_array(true, $games, true)) {
            $problems[] = [Problem::TooManyNew, implode(' ', array_keys($games))];
        }

        return $problems;
    }

    /** While the parent has less to give: with arms full what is spoken goes on; else only what runs without them, begun in time. */
    private static function goesOnDuring(Block $block, SetUp $setUp): bool
    {
        if (ParentState::ArmsFull === $block->state && \in_array(Occasion::ArmsFull, $setUp->activity->occasions, true)) {
            return true;
        }
        $early = ParentState::ArmsFull === $block->state ? 0 : 5;
        for ($minute = $setUp->span->start; $minute < $setUp->span->end; ++$minute) {
            $i = $minute - $setUp->span->start;
            $needed = match ($setUp->part) {
                Part::With => true,
                Part::Near => $i < 2 || $minute === $setUp->span->end - 1,
                Part::Alone => 0 === $i,
            };
            $tooLate = 0 === $i && $minute >= $block->span->start - $early && $minute < $block->span->end;
            if ($tooLate || ($needed && $minute >= $block->span->start && $minute < $block->span->end)) {
                return false;
            }
        }

        return true;
    }
}
