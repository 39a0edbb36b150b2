<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\CanDoClauses;
use Pindle\Core\Skill\Step;

/** Lays options out while a day is being filled, and remembers what lies out and is asked in circumstances that are the same again. */
final class SetOuts
{
    /** What is only thought of is counted from here, so that it is told from what lies out (Placed). */
    private const THOUGHT = 1_000_000;

    /** @var array<int, array<int, Sitting>> by candidate and questions wanted */
    private array $sittings = [];

    /** @var array<string, array<int, int>> by option and length: minutes with as many questions as are to be expected */
    private array $planned = [];

    /** @var array<string, array<int, array{non-empty-list<Sitting>, int}>> by option and length: the sittings and the minutes they take */
    private array $made = [];

    /** @var array<string, array{SetUp|null, int}> by option, length and circumstances; and what tells equal ones from others */
    private array $laid = [];

    /** @var array<string, array<int, Placed>> the same by its start */
    private array $placed = [];

    /** @var array<string, true> by option: could not be laid out once */
    private array $lacking = [];

    /** @var array<string, Counted> by option: what it brought when it was laid out last */
    private array $last = [];

    /** @var array<int, array<int, list<array{string, float, int}>>> by candidate and questions wanted: what a sitting would be about, as far as is known */
    private array $courses = [];

    /** @var array<int, int> by candidate: questions of other steps */
    private array $ofOthers = [];

    /** @var array<int, float> by candidate: how many times its value it was worth with what lay out last */
    private array $worth = [];

    /** @var array<string, string> by time and place: ids of the children who may reach what lies out there */
    private array $nearby = [];

    /** @var array<string, array<int, array<int, Placed>>> by option, length and start: as it is thought to be, as far as is known now */
    private array $thoughts = [];

    /** So many were thought of. */
    private int $thought = 0;

    private readonly Length $length;

    public function __construct(
        private readonly DayRequest $request,
        private readonly SettingOut $settingOut,
        private readonly Hands $hands,
        private readonly Reckoning $reckoning,
    ) {
        $this->length = new Length($request);
    }

    /** Minutes from laying out to tidying up: as they are where its questions were made, else as many as are to be expected. */
    public function minutes(Option $option, int $length): int
    {
        return $this->made[$option->key][$length][1] ?? ($this->planned[$option->key][$length] ??= $this->planned($option, $length));
    }

    /** Whether an option could not be laid out once. */
    public function lacks(Option $option): bool
    {
        return isset($this->lacking[$option->key]);
    }

    /** What an option would bring, before it is laid out. */
    public function expected(Option $option, int $length, int $start): Counted
    {
        $sittings = [];
        foreach ($option->candidates as $candidate) {
            $childId = $candidate->childId;
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
        return $this->courses[spl_object_id($candidate)][$questions] ??= $this->hopedFor($candidate, $questions);
    }

    /** @return list<array{string, float, int}> */
    private function hopedFor(Candidate $candidate, int $questions): array
    {
        $made = $this->sittings[spl_object_id($candidate)][$questions] ?? null;
        [$first, $second] = $this->tries($candidate, $questions);
        $by = $this->worth[spl_object_id($candidate)] ?? 1.0;
        $courses = [[$candidate->ranked->step->id, $by * $candidate->value(), $made?->attempts($candidate->ranked->step->id) ?? $first]];
        if (null !== $candidate->second) {
            $stepId = $candidate->second->ranked->step->id;
            $courses[] = [$stepId, $by * $candidate->second->value(), $made?->attempts($stepId) ?? $second];
        }

        return $courses;
    }

    /**
     * Tries to be expected of so many questions: fewer where a step has not so many.
     *
     * @return array{int, int, int} at the step, at the one beside it, and at others that a sitting begins and ends with
     */
    private function tries(Candidate $candidate, int $questions): array
    {
        $others = $this->ofOthers[spl_object_id($candidate)] ??= $this->settingOut->asking->ofOthers($candidate);
        // Between the first question and the last those of both courses take turns.
        $second = null === $candidate->second ? 0 : intdiv(max(0, $questions - 2), 2);
        $has = static fn (Step $step): int => $candidate->activity->serves[$step->skill->id]->count($step);

        return [
            max(0, min($has($candidate->ranked->step), $questions - $second - $others)),
            null === $candidate->second ? 0 : min($has($candidate->second->ranked->step), $second),
            $others,
        ];
    }

    private function planned(Option $option, int $length): int
    {
        $counts = [];
        foreach ($option->candidates as $candidate) {
            $questions = $option->lengths[$length][$candidate->childId];
            // The three questions of a check come first.
            $counts[$candidate->childId] = $candidate->isCheck()
                ? max(CanDoClauses::CHECK + 1, $questions)
                : min($questions, array_sum($this->tries($candidate, $questions)));
        }

        return $this->length->minutes($option->activity, self::children($option), $counts);
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
            if (null !== $other->setUp && $other->stint->start < $end && $start < $other->stint->end) {
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
            $this->lacking[$option->key] = true;

            return null;
        }
        $placed = $this->placed[$key][$start] ?? null;
        if (null === $placed) {
            $setUp = $laid->span->start === $start ? $laid : $laid->at($span);
            $stint = $this->hands->stint($start, $minutes, $option->place, $option->part, $option->who, $option->activity);
            $placed = $this->placed[$key][$start] = new Placed($option, $length, $setUp, $stint, $this->reckoning->counted($setUp), $as);
        }
        $this->last[$option->key] = $placed->counted;
        unset($this->thoughts[$option->key]);
        foreach ($laid->sittings as $i => $sitting) {
            $id = spl_object_id($option->candidates[$i]);
            $this->worth[$id] = $sitting->hasOldThings ? Candidates::USED_LATELY : 1.0;
            unset($this->courses[$id]);
        }

        return $placed;
    }

    /** The option as it may be thought to be before it is laid out; null where it is known that the house has not what it takes. */
    public function thought(Option $option, int $length, int $start): ?Placed
    {
        $thought = $this->thoughts[$option->key][$length][$start] ??= $this->think($option, $length, $start);
        $key = $option->key.'|'.$length.'|'.$this->reach($start, $thought->stint->end, $option->place);

        return \array_key_exists($key, $this->laid) && null === $this->laid[$key][0] ? null : $thought;
    }

    private function think(Option $option, int $length, int $start): Placed
    {
        $minutes = $this->minutes($option, $length);
        $stint = $this->hands->stint($start, $minutes, $option->place, $option->part, $option->who, $option->activity);
        $same = $this->thoughts[$option->key][$length] ?? [];
        $like = array_shift($same);

        return null === $like
            ? new Placed($option, $length, null, $stint, $this->expected($option, $length, $start), self::THOUGHT + $this->thought++)
            : new Placed($option, $length, null, $stint, $like->counted->at($start), $like->as);
    }

    /** @return array{non-empty-list<Sitting>, int} */
    private function make(Option $option, int $length): array
    {
        if (!isset($this->made[$option->key][$length])) {
            $sittings = $counts = [];
            foreach ($option->candidates as $candidate) {
                $childId = $candidate->childId;
                $count = $option->lengths[$length][$childId];
                $sittings[] = $sitting = $this->sittings[spl_object_id($candidate)][$count] ??= $this->settingOut->asking->sitting($candidate, $count);
                unset($this->courses[spl_object_id($candidate)]);
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
