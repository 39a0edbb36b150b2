<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** All that could be added to a day: a set-up for one child, one for several together, or one more child at a set-up that is there. */
final class Moves
{
    /** @var array<string, Span|null> earliest times found for the day as it is */
    private array $earliest = [];

    private readonly Length $length;

    /** @param list<SetUp> $new besides what is kept */
    public function __construct(private readonly DayRequest $request, private readonly Day $day, private readonly array $new)
    {
        $this->length = new Length($request);
    }

    /**
     * @param array<string, list<Candidate>> $candidates child id => best first
     *
     * @return list<Move>
     */
    public function all(array $candidates): array
    {
        $moves = $together = [];
        foreach ($candidates as $childId => $ofChild) {
            foreach ($ofChild as $candidate) {
                array_push($moves, ...$this->alone($candidate), ...$this->joining($candidate));
                if ($candidate->activity->together) {
                    $together[$candidate->activity->id][$childId] ??= $candidate;
                }
            }
        }
        foreach ($together as $ofActivity) {
            foreach (self::companies(array_values($ofActivity)) as $company) {
                array_push($moves, ...$this->together($company));
            }
        }

        return $moves;
    }

    /** @return list<Move> with the parent's usual part, and with the parent there all the time: what wants their eye while a little one is about */
    private function alone(Candidate $candidate): array
    {
        $child = $candidate->learner->child;
        $count = $this->length->questions($candidate, $this->new);
        if (0 === $count) {
            return [];
        }
        $counts = [$child->id => $count];
        $minutes = $this->length->minutes($candidate->activity, [$child], $counts);
        $part = $child->mayBeAloneOn($this->request->date) ? $candidate->activity->part : Part::With;
        $moves = [];
        foreach (Candidates::placesOf($candidate->activity, $this->request->places) as $place) {
            foreach (array_unique([$part, Part::With], \SORT_REGULAR) as $as) {
                $span = $this->earliest([$child], $minutes, $as, $place, $candidate->activity);
                if (null !== $span) {
                    $moves[] = new Move([$candidate], null, $span, $as, $place, $counts);
                }
            }
            if ([] !== $moves) {
                break;
            }
        }

        return $moves;
    }

    /**
     * @param non-empty-list<Candidate> $company of one activity
     *
     * @return list<Move>
     */
    public function together(array $company): array
    {
        $activity = $company[0]->activity;
        $children = array_map(static fn (Candidate $candidate): Child => $candidate->learner->child, $company);
        $counts = $this->length->together($activity, $children, $this->length->longestTogether($children, $this->new));
        if ([] === $counts) {
            return [];
        }
        foreach (Candidates::placesOf($activity, $this->request->places) as $place) {
            $span = $this->earliest($children, $this->length->minutes($activity, $children, $counts), Part::With, $place, $activity);
            if (null !== $span) {
                return [new Move($company, null, $span, Part::With, $place, $counts)];
            }
        }

        return [];
    }

    /** @return list<Move> */
    private function joining(Candidate $candidate): array
    {
        $child = $candidate->learner->child;
        $moves = [];
        foreach ($candidate->activity->together ? $this->new : [] as $setUp) {
            if ($setUp->activity->id !== $candidate->activity->id || null !== $setUp->sittingOf($child->id)) {
                continue;
            }
            $others = array_values(array_filter($this->new, static fn (SetUp $other): bool => $other !== $setUp));
            $children = [...$this->request->children($setUp->childIds()), $child];
            $counts = $this->length->together($setUp->activity, $children, $this->length->longestTogether($children, $this->new, $setUp));
            $minutes = [] === $counts ? 0 : $this->length->minutes($setUp->activity, $children, $counts);
            $span = 0 === $minutes || $setUp->span->start + $minutes > 1440 ? null : Span::lasting($setUp->span->start, $minutes);
            if (
                null !== $span
                && $this->day->holds($span)
                && $this->day->allows([...$this->request->kept, ...$others], $children, $span, Part::With, $setUp->place, $setUp->activity)
            ) {
                $moves[] = new Move([$candidate], $setUp, $span, Part::With, $setUp->place, $counts);
            }
        }

        return $moves;
    }

    /**
     * Everyone together, and every two of them.
     *
     * @param list<Candidate> $all one a child
     *
     * @return list<non-empty-list<Candidate>>
     */
    private static function companies(array $all): array
    {
        $companies = \count($all) > 2 ? [$all] : [];
        foreach ($all as $i => $one) {
            foreach (\array_slice($all, $i + 1) as $other) {
                $companies[] = [$one, $other];
            }
        }

        return $companies;
    }

    /** At the table there are things to handle: what takes none opens a time there, or goes on while the parent's arms are full. */
    private function isForMoment(Span $span): bool
    {
        return [] !== array_filter($this->request->windows, static fn (Span $window): bool => $window->start === $span->start)
            || [] !== array_filter($this->request->blocks, static fn (Block $block): bool => ParentState::ArmsFull === $block->state
                && $block->span->overlaps($span));
    }

    /** @param non-empty-list<Child> $children */
    private function earliest(array $children, int $minutes, Part $part, Place $place, Activity $activity): ?Span
    {
        $blocked = [] === $this->request->blocks ? '' : $activity->id;
        $ids = array_map(static fn (Child $child): string => $child->id, $children);
        $key = implode('|', [...$ids, $minutes, $part->value, $place->value, $blocked, $activity->needsNothing()]);
        if (!\array_key_exists($key, $this->earliest)) {
            $this->earliest[$key] = $this->day->earliest([...$this->request->kept, ...$this->new], $children, $minutes, $part, $place, $activity);
        }
        $span = $this->earliest[$key];

        return null !== $span && $activity->isMoment() && [] !== $this->request->things && !$this->isForMoment($span) ? null : $span;
    }
}
