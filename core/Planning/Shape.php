<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** Puts the set-ups of a day in the order of a good morning: what opens it, then the little ones, and the eldest's own time while a little one sleeps. */
final readonly class Shape
{
    public function __construct(private DayRequest $request, private Day $day, private SettingOut $settingOut)
    {
    }

    /**
     * The same set-ups at better times: with the eldest's own time in a nap, else each as soon as can be; as they were where not all of them fit that way.
     *
     * @param list<SetUp> $setUps
     *
     * @return list<SetUp>
     */
    public function of(array $setUps): array
    {
        $naps = $this->naps();

        return $this->ordered($setUps, $naps) ?? ([] === $naps ? null : $this->ordered($setUps, [])) ?? $setUps;
    }

    /**
     * @param list<SetUp> $setUps
     * @param list<Span>  $naps   for the eldest, where there is room
     *
     * @return list<SetUp>|null null where not all of them fit
     */
    private function ordered(array $setUps, array $naps): ?array
    {
        $windows = $this->request->windows;
        $windowOf = static function (SetUp $setUp) use ($windows): int {
            foreach ($windows as $i => $window) {
                if ($window->holds($setUp->span)) {
                    return $i;
                }
            }

            return \count($windows);
        };
        $order = $setUps;
        usort($order, fn (SetUp $a, SetUp $b): int => [$windowOf($a), !$this->isOpener($a), $this->youngest($a), $a->span->start]
            <=> [$windowOf($b), !$this->isOpener($b), $this->youngest($b), $b->span->start]);
        $placed = [];
        foreach ($order as $setUp) {
            $times = [...$this->isForTheEldest($setUp) ? $naps : [], ...\array_slice($windows, $windowOf($setUp), 1)];
            $span = $this->timeFor($setUp, $times, $placed);
            $others = [...$this->request->kept, ...$placed];
            $again = null === $span ? null : $this->settingOut->setUp(
                $setUp->activity,
                $setUp->place,
                $setUp->part,
                $span,
                $setUp->sittings,
                $others,
                $setUp->thingIds(),
            );
            if (null === $again || $again->thingIds() !== $setUp->thingIds()) {
                return null;
            }
            $placed[] = $again->named($setUp->key);
        }

        return $placed;
    }

    /**
     * @param list<Span>  $times  it goes into the first one that has room
     * @param list<SetUp> $placed
     */
    private function timeFor(SetUp $setUp, array $times, array $placed): ?Span
    {
        $children = $this->request->children($setUp->childIds());
        foreach ($times as $time) {
            $span = [] === $children ? null : $this->day->within([$time])->earliest(
                [...$this->request->kept, ...$placed],
                $children,
                $setUp->span->minutes(),
                $setUp->part,
                $setUp->place,
                $setUp->activity,
            );
            if (null !== $span && $this->day->allows(
                [...$this->request->kept, ...$placed],
                $children,
                $span,
                $setUp->part,
                $setUp->place,
                $setUp->activity,
            )) {
                return $span;
            }
        }

        return null;
    }

    /** @return list<Span> parts of the windows in which one who may not be alone sleeps */
    private function naps(): array
    {
        $naps = [];
        foreach ($this->request->learners as $learner) {
            foreach ($learner->child->mayBeAloneOn($this->request->date) ? [] : $learner->child->rests as $rest) {
                foreach ($this->request->windows as $window) {
                    $from = max($rest->start, $window->start);
                    $to = min($rest->end, $window->end);
                    if ($from < $to) {
                        $naps[] = new Span($from, $to);
                    }
                }
            }
        }

        return $naps;
    }

    private function isForTheEldest(SetUp $setUp): bool
    {
        $ages = array_map(fn (Learner $learner): int => $learner->child->ageInMonths($this->request->date), $this->request->learners);

        return 1 === \count($setUp->sittings) && \count($ages) > 1 && !$this->isOpener($setUp) && $this->youngest($setUp) === max($ages);
    }

    private function isOpener(SetUp $setUp): bool
    {
        return $this->day->isOpener($setUp->activity, $setUp->span);
    }

    /** Age in months of the youngest that sits there. */
    private function youngest(SetUp $setUp): int
    {
        return min([\PHP_INT_MAX, ...array_map(
            fn (Child $child): int => $child->ageInMonths($this->request->date),
            $this->request->children($setUp->childIds()),
        )]);
    }
}
