<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** Lays options out while a day is being filled, and remembers what lies out and is asked in circumstances that are the same again. */
final class SetOuts
{
    /** @var array<string, Sitting> by candidate and questions wanted */
    private array $sittings = [];

    /** @var array<string, array<int, int>> by option and length: minutes with as many questions as are wanted */
    private array $planned = [];

    /** @var array<string, array<int, array{non-empty-list<Sitting>, int}>> by option and length: the sittings and the minutes they take */
    private array $made = [];

    /** @var array<string, array{SetUp|null, int}> by option, length and circumstances; and what tells equal ones from others */
    private array $laid = [];

    /** @var array<string, array<int, Placed>> the same by its start */
    private array $placed = [];

    /** @var array<string, Counted> by option: what it brought when it was laid out last */
    private array $last = [];

    /** @var array<int, int> by candidate: questions of other steps */
    private array $ofOthers = [];

    /** @var array<int, float> by candidate: how many times its value it was worth with what lay out last */
    private array $worth = [];

    /** @var array<string, string> by time and place: ids of the children who may reach what lies out there */
    private array $nearby = [];

    private readonly Length $length;

    public function __construct(
        private readonly DayRequest $request,
        private readonly SettingOut $settingOut,
        private readonly Hands $hands,
        private readonly Reckoning $reckoning,
    ) {
        $this->length = new Length($request);
    }

    /** Minutes from laying out to tidying up: as they are where its questions were made, else as many as there would be with all it could ask. */
    public function minutes(Option $option, int $length): int
    {
        return $this->made[$option->key][$length][1] ?? ($this->planned[$option->key][$length] ??= $this->mayBeShort($option, $length)
            ? $this->make($option, $length)[1]
            : $this->length->minutes($option->activity, self::children($option), $option->lengths[$length]));
    }

    /** Whether its questions were made already. */
    public function isMade(Option $option, int $length): bool
    {
        return isset($this->made[$option->key][$length]);
    }

    /** What an option would bring, before it is laid out. */
    public function expected(Option $option, int $length, int $start): Counted
    {
        $sittings = [];
        foreach ($option->candidates as $candidate) {
            $childId = $candidate->learner->child->id;
            $sittings[] = [$childId, $this->courses($candidate, $option->lengths[$length][$childId])];
        }
        $last = $this->last[$option->key] ?? null;
        $kinds = $last->kinds ?? [];
        for ($i = 0; null === $last && $i < $this->kinds($option); ++$i) {
            $kinds[$option->activity->id.' '.$i] = true;
        }

        return new Counted(
            false,
            $start,
            $this->minutes($option, $length),
            $option->activity->id,
            $option->place->value,
            $sittings,
            $kinds,
            Part::With === $option->part,
            $option->isNew,
            $last->toMake ?? [],
        );
    }

    /** Kinds of things to fetch: as many as lay out last, else one for each part they play. */
    public function kinds(Option $option): int
    {
        return isset($this->last[$option->key])
            ? \count($this->last[$option->key]->kinds)
            : \count($option->activity->roles) + \count($option->activity->props);
    }

    /**
     * What a sitting would be about: the tries as they are where it was made, else as many as may be hoped for.
     *
     * @return list<array{string, float, int}> step, value and tries
     */
    public function courses(Candidate $candidate, int $questions): array
    {
        $key = spl_object_id($candidate).' '.$questions;
        $made = $this->sittings[$key] ?? null;
        // Between the first question and the last those of both courses take turns.
        $second = null === $candidate->second ? 0 : intdiv(max(0, $questions - 2), 2);
        $main = max(0, $questions - $second - ($this->ofOthers[spl_object_id($candidate)] ??= $this->settingOut->asking->ofOthers($candidate)));
        $by = $this->worth[spl_object_id($candidate)] ?? 1.0;
        $courses = [[$candidate->ranked->step->id, $by * $candidate->value(), $made?->attempts($candidate->ranked->step->id) ?? $main]];
        if (null !== $candidate->second) {
            $stepId = $candidate->second->ranked->step->id;
            $courses[] = [$stepId, $by * $candidate->second->value(), $made?->attempts($stepId) ?? $second];
        }

        return $courses;
    }

    /**
     * The option laid out beside the others, its questions made, its things chosen; null when the house has not what it takes.
     *
     * @param list<Placed> $others
     */
    public function place(Option $option, int $length, int $start, array $others): ?Placed
    {
        [$sittings, $minutes] = $this->make($option, $length);
        $end = $start + $minutes;
        $beside = [];
        $circumstances = $this->reach($start, $end, $option->place);
        foreach ($others as $other) {
            if ($other->stint->start < $end && $start < $other->stint->end) {
                $beside[] = $other->setUp;
                $circumstances .= '|'.$other->as;
            }
        }
        $key = $option->key.'|'.$length.'|'.$circumstances;
        $span = new Span($start, $end);
        $this->laid[$key] ??= [
            $this->settingOut->bare($option->activity, $option->place, $option->part, $span, $sittings, $beside),
            \count($this->laid),
        ];
        [$laid, $as] = $this->laid[$key];
        if (null === $laid) {
            return null;
        }
        $placed = $this->placed[$key][$start] ?? null;
        if (null === $placed) {
            $setUp = $laid->span->start === $start ? $laid : $laid->at($span);
            $stint = $this->hands->stint($start, $minutes, $option->place, $option->part, $option->who, $option->activity);
            $placed = $this->placed[$key][$start] = new Placed($option, $length, $setUp, $stint, $this->reckoning->counted($setUp), $as);
        }
        $this->last[$option->key] = $placed->counted;
        foreach ($laid->sittings as $i => $sitting) {
            $this->worth[spl_object_id($option->candidates[$i])] = $sitting->hasOldThings ? Candidates::USED_LATELY : 1.0;
        }

        return $placed;
    }

    /** Whether a step has fewer questions than are wanted, so that only the set itself tells how long it takes; or more are asked, in a check. */
    private function mayBeShort(Option $option, int $length): bool
    {
        foreach ($option->candidates as $candidate) {
            $questions = $option->lengths[$length][$candidate->learner->child->id];
            foreach (null === $candidate->second ? [$candidate] : [$candidate, $candidate->second] as $of) {
                $step = $of->ranked->step;
                if ($option->activity->serves[$step->skill->id]->count($step) < $questions) {
                    return true;
                }
            }
            if ($candidate->isCheck()) {
                return true;
            }
        }

        return false;
    }

    /** @return array{non-empty-list<Sitting>, int} */
    private function make(Option $option, int $length): array
    {
        if (!isset($this->made[$option->key][$length])) {
            $sittings = $counts = [];
            foreach ($option->candidates as $candidate) {
                $childId = $candidate->learner->child->id;
                $count = $option->lengths[$length][$childId];
                $sittings[] = $sitting = $this->sittings[spl_object_id($candidate).' '.$count] ??= $this->settingOut->asking->sitting($candidate, $count);
                // A step with few facts has a short set, a check a longer one.
                $counts[$childId] = \count($sitting->questions);
            }
            $this->made[$option->key][$length] = [$sittings, $this->length->minutes($option->activity, self::children($option), $counts)];
        }

        return $this->made[$option->key][$length];
    }

    private function reach(int $start, int $end, Place $place): string
    {
        $key = $start.' '.$end.(Place::HighTable === $place ? ' high' : '');

        return $this->nearby[$key] ??= implode(' ', array_map(
            static fn (Child $child): string => $child->id,
            $this->request->nearby(new Span($start, $end), $place),
        ));
    }

    /** @return list<Child> */
    private static function children(Option $option): array
    {
        return array_map(static fn (Candidate $candidate): Child => $candidate->learner->child, $option->candidates);
    }
}
