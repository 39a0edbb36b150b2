<?php

declare(strict_types=1);

namespace Pindle\Tests;

use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\DayRequest;
use Pindle\Core\Planning\Filling;
use Pindle\Core\Planning\Learner;
use Pindle\Core\Planning\Option;
use Pindle\Core\Planning\Placed;
use Pindle\Core\Planning\Planner;
use Pindle\Core\Planning\Prospects;
use Pindle\Core\Planning\Repertoire;
use Pindle\Core\Planning\SettingOut;

/** A day of Maren's, or of hers and a little one's, that is being filled. */
final class Filled
{
    public static function planner(): Planner
    {
        return new Planner(Make::map(), Make::catalogue(), Make::cautions());
    }

    /** @param list<\Pindle\Core\Planning\SetUp> $kept */
    public static function request(array $kept = []): DayRequest
    {
        $child = Make::child('Maren', 78, minutes: 30, longest: 15);

        return new DayRequest(
            Make::day(0),
            1,
            [new Learner($child, ChildRecord::blank(Make::map()), 30)],
            [new Span(540, 600)],
            array_values(Make::things()->things()),
            [Place::Table],
            kept: $kept,
            repertoire: new Repertoire(array_fill_keys(array_keys(Make::catalogue()->activities), 2)),
        );
    }

    /** Maren and a little one, with the parent there throughout all the hour. */
    public static function withLittle(): DayRequest
    {
        $learner = static fn (Child $child): Learner => new Learner($child, ChildRecord::blank(Make::map()), 30);

        return self::request()->learning([
            $learner(Make::child('Maren', 78, minutes: 30, longest: 15)),
            $learner(Make::child('Lark', 41, minutes: 15, longest: 8)),
        ]);
    }

    public static function filling(DayRequest $request, ?Prospects $prospects = null): Filling
    {
        return new Filling(
            $request,
            Day::of($request),
            $prospects ?? self::planner()->prospects($request),
            new SettingOut(Make::map(), Make::catalogue(), Make::cautions(), $request),
        );
    }

    /** @return list<Option> */
    public static function alone(Filling $filling): array
    {
        return array_merge(...array_map($filling->options->alone(...), $filling->options->candidates['maren'] ?? []));
    }

    /** @return list<Option> of one child alone, one of each activity that can be first on the day */
    public static function first(Filling $filling, string $childId): array
    {
        $options = [];
        foreach ($filling->options->candidates[$childId] ?? [] as $candidate) {
            $option = $filling->options->usual($candidate);
            if (null !== $option && !$option->isForMoments && null !== $filling->with([], $option, 0, 540)) {
                $options[$option->activity->id] ??= $option;
            }
        }

        return array_values($options);
    }

    /** One of Maren's that takes longer with each length. */
    public static function growing(Filling $filling): Option
    {
        foreach (self::alone($filling) as $option) {
            $minutes = array_map(static fn (int $length): int => $filling->minutes($option, $length), array_keys($option->lengths));
            if (\count($minutes) > 2 && $minutes === array_unique($minutes) && !$option->isForMoments && null !== $filling->with([], $option, 0, 540)) {
                return $option;
            }
        }
        throw new \LogicException('Nothing grows.');
    }

    /**
     * @param list<array{Option|null, int}> $at each, with the fewest questions, and its start
     *
     * @return list<Placed>
     */
    public static function placed(Filling $filling, array $at): array
    {
        $placed = [];
        foreach ($at as [$option, $start]) {
            $placed = (null === $option ? null : $filling->with($placed, $option, 0, $start)) ?? throw new \LogicException('It has no room.');
        }

        return $placed;
    }
}
