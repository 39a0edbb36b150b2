<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Child\Child;

/** What a day could be filled with: every candidate by itself, and every company of those who meet at one activity. */
final class Options
{
    /** @var array<string, array<string, non-empty-list<Candidate>>> activity id that is done together => child id => best first */
    public readonly array $meeting;

    /** @var array<string, Option|null> by key; null where not even the fewest questions fit */
    private array $known = [];

    /** @var array<int, list<Option>> by candidate */
    private array $alone = [];

    private readonly Length $length;

    /** @param array<string, non-empty-list<Candidate>> $candidates child id => best first */
    public function __construct(
        private readonly DayRequest $request,
        private readonly Hands $hands,
        private readonly Reckoning $reckoning,
        public readonly array $candidates,
    ) {
        $this->length = new Length($request);
        $meeting = [];
        foreach ($candidates as $childId => $own) {
            foreach ($own as $candidate) {
                if ($candidate->activity->together) {
                    $meeting[$candidate->activity->id][$childId][] = $candidate;
                }
            }
        }
        $this->meeting = array_filter($meeting, static fn (array $of): bool => \count($of) > 1);
    }

    /**
     * Of one child by themselves, with the parent's usual part and with the parent there throughout. At the first place there is today: nobody goes out
     * and in again between two games only because it comes to the same.
     *
     * @return list<Option>
     */
    public function alone(Candidate $candidate): array
    {
        return $this->alone[spl_object_id($candidate)] ??= $this->makeAlone($candidate);
    }

    /** Of one child by themselves, with the parent's usual part; null where it cannot be. */
    public function usual(Candidate $candidate): ?Option
    {
        return $this->alone($candidate)[0] ?? null;
    }

    /** The same with the parent there throughout, so that more may lie out; null where that is the usual part. */
    public function throughout(Candidate $candidate): ?Option
    {
        return $this->alone($candidate)[1] ?? null;
    }

    /** @return list<Option> */
    private function makeAlone(Candidate $candidate): array
    {
        $options = [];
        $child = $candidate->learner->child;
        $part = $child->mayBeAloneOn($this->request->date) ? $candidate->activity->part : Part::With;
        foreach (\array_slice(Candidates::placesOf($candidate->activity, $this->request->places), 0, 1) as $place) {
            foreach (Part::With === $part ? [$part] : [$part, Part::With] as $as) {
                $options[] = $this->of([$candidate], $place, $as);
            }
        }

        return array_values(array_filter($options));
    }

    /**
     * Several together, with the parent there throughout; null where they cannot.
     *
     * @param non-empty-list<Candidate> $company of one activity, one a child, in the order of the house
     */
    public function together(array $company): ?Option
    {
        $place = Candidates::placesOf($company[0]->activity, $this->request->places)[0] ?? null;

        return null === $place ? null : $this->of($company, $place, Part::With);
    }

    /**
     * Those who meet, or one by themselves; null where they cannot.
     *
     * @param array<string, Candidate> $company child id => of one activity
     */
    public function ofCompany(array $company): ?Option
    {
        $inOrder = [];
        foreach ($this->candidates as $childId => $own) {
            $inOrder = isset($company[$childId]) ? [...$inOrder, $company[$childId]] : $inOrder;
        }

        return match (\count($inOrder)) {
            0 => null,
            1 => $this->usual($inOrder[0]),
            default => $this->together($inOrder),
        };
    }

    /**
     * All of exactly these children together, each with the best step that an activity serves for them; all of one child's where there is only one.
     *
     * @param list<string> $childIds
     *
     * @return list<Option>
     */
    public function ofAll(array $childIds): array
    {
        if (1 === \count($childIds)) {
            return array_merge(...array_map($this->alone(...), $this->candidates[$childIds[0]] ?? []));
        }
        $options = [];
        foreach ($this->meeting as $of) {
            $company = array_values(array_map(static fn (array $own): Candidate => $own[0], array_intersect_key($of, array_flip($childIds))));
            if ([] !== $company && \count($company) === \count($childIds)) {
                $options[] = $this->together($company);
            }
        }

        return array_values(array_filter($options));
    }

    /** @param non-empty-list<Candidate> $candidates */
    public function of(array $candidates, Place $place, Part $part): ?Option
    {
        $key = $candidates[0]->activity->id.'|'.$place->value.'|'.$part->value;
        foreach ($candidates as $candidate) {
            $key .= '|'.$candidate->childId.' '.$candidate->ranked->step->id;
        }
        if (\array_key_exists($key, $this->known)) {
            return $this->known[$key];
        }
        $lengths = $this->lengths($candidates);
        $activity = $candidates[0]->activity;

        return $this->known[$key] = [] === $lengths ? null : new Option(
            $key,
            $candidates,
            $place,
            $part,
            $this->hands->who(array_map(static fn (Candidate $candidate): string => $candidate->childId, $candidates)),
            $lengths,
            $this->reckoning->isNew($activity),
            $activity->isMoment() && [] !== $this->request->things,
        );
    }

    /**
     * @param non-empty-list<Candidate> $candidates
     *
     * @return list<array<string, int>>
     */
    private function lengths(array $candidates): array
    {
        if (1 === \count($candidates)) {
            $child = $candidates[0]->learner->child;
            $most = $this->length->questions($candidates[0], []);

            return 0 === $most ? [] : array_map(
                static fn (int $count): array => [$child->id => $count],
                range($this->length->size($child)->fewest, $most),
            );
        }
        $children = array_map(static fn (Candidate $candidate): Child => $candidate->learner->child, $candidates);

        return $this->length->turns($candidates[0]->activity, $children, $this->length->longestTogether($children, []));
    }
}
