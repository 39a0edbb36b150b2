<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\House;
use Pindle\App\Household\Things;
use Pindle\App\Plan\DayEntity;
use Pindle\App\Plan\ManyDays;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\Repertoires;
use Pindle\App\Plan\StoredSetUp;
use Pindle\App\Plan\Undo;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\Pictures;
use Pindle\App\Views\Wants;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Child;
use Pindle\Core\Planning\BringList;
use Pindle\Core\Planning\ChildState;
use Pindle\Core\Planning\Day;
use Pindle\Core\Planning\ParentState;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Planning\Stretch;

/** Writes a stored day out for the screen. */
final readonly class DayViews
{
    /** The terms of the goal, what is gained first. */
    private const TERMS = [
        'learning', 'together', 'opening', 'fair', 'share', 'layingOut', 'fetching', 'minutes', 'parent', 'new', 'repeats',
    ];

    public function __construct(
        private Plans $plans,
        private ManyDays $days,
        private Children $children,
        private Things $things,
        private Activities $activities,
        private Words $words,
        private Pictures $pictures,
        private House $house,
        private Repertoires $repertoires,
        private Undo $undo,
        private Clock $clock,
        private SetUpViews $setUpViews,
        private Wants $wants,
    ) {
    }

    public function of(DayEntity $day): DayView
    {
        $date = LocalDate::parse($day->date);
        $children = [];
        foreach ($this->children->present($date) as $child) {
            $children[$child->id] = $child;
        }
        $setUps = array_values(array_filter(
            $this->plans->setUps($date),
            static fn (StoredSetUp $setUp): bool => [] !== array_intersect_key($setUp->sittings, $children),
        ));
        $threads = $this->threads($day, $date, $children, $setUps);
        $threadOf = $this->children->threads();
        $repertoire = $this->repertoires->on($date);
        $open = array_values(array_map(
            static fn (StoredSetUp $stored): SetUp => $stored->setUp,
            array_filter($setUps, static fn (StoredSetUp $stored): bool => !$stored->isDone()),
        ));

        return new DayView(
            $day->date,
            $day->isPlanned(),
            $day->windows,
            $day->wet,
            $day->quiet,
            $day->highTable,
            array_map(
                fn (Child $child): PlannedChildView => $this->child($child, $setUps, $threads[$child->id] ?? [], $threadOf, $day),
                array_values($children),
            ),
            self::parent($setUps),
            array_map(fn (StoredSetUp $stored): SetUpView => $this->setUpViews->of($stored, $children, $threadOf, $setUps, $repertoire), $setUps),
            $this->bring($day, $open),
            $this->wants->views($this->wants->of(array_values(array_filter($setUps, static fn (StoredSetUp $one): bool => !$one->isDone()))), $date),
            [] !== $this->things->present(),
            $day->version,
            $this->moments($day, $children, $threadOf),
            array_map(static fn (array $block): BlockView => new BlockView(ParentState::from($block[0]), $block[1], $block[2]), $day->blocks),
            $this->goal($day),
            $this->otherwise($day, $children),
            array_map(
                fn (string $id): WishView => new WishView($id, $this->activities->words($id)->name),
                array_values(array_filter($day->wanted, $this->activities->catalogue()->has(...))),
            ),
            $this->undo($date, $day),
            $this->house->lowUntil()?->toString(),
            $day->date === $this->clock->today()->toString(),
            $this->back($date, $setUps),
            // Whoever reads a stale day plans it first; where it is stale still, nothing can be written down.
            $day->stale ? $this->words->say('week', 'as-kept') : null,
        );
    }

    /** @param list<StoredSetUp> $setUps */
    private function back(LocalDate $date, array $setUps): ?string
    {
        $isDone = [] !== array_filter($setUps, static fn (StoredSetUp $stored): bool => $stored->isKept());
        $days = $isDone || $date->dayNumber !== $this->clock->today()->dayNumber ? null : $this->days->untouchedSince($date);

        return null === $days ? null : $this->words->say('week', 'back', ['days' => $days]);
    }

    /**
     * What to bring for each time at the table.
     *
     * @param list<SetUp> $open
     *
     * @return list<BringView>
     */
    private function bring(DayEntity $day, array $open): array
    {
        $bring = [];
        foreach ($day->spans() as $window => $span) {
            foreach (BringList::of(array_values(array_filter($open, static fn (SetUp $setUp): bool => $span->holds($setUp->span)))) as $one) {
                $bring[] = new BringView(
                    $one['thing']->id,
                    1 === $one['count'] ? $one['thing']->single : $one['thing']->name,
                    $one['count'],
                    $this->pictures->thing($one['thing']),
                    $window,
                    \in_array($window.' '.$one['thing']->id, $day->gathered, true),
                );
            }
        }

        return $bring;
    }

    /**
     * @param array<string, Child> $children
     * @param array<string, int>   $threadOf
     *
     * @return list<MomentView>
     */
    private function moments(DayEntity $day, array $children, array $threadOf): array
    {
        $moments = [];
        foreach ($day->moments as $moment) {
            $child = $children[$moment['child']] ?? null;
            if (null !== $child && $this->activities->catalogue()->has($moment['activity'])) {
                $words = $this->activities->words($moment['activity']);
                $moments[] = new MomentView(
                    $child->id,
                    $child->name,
                    $threadOf[$child->id] ?? 0,
                    $moment['activity'],
                    $words->name,
                    $words->inShort,
                    isset($moment['done']),
                );
            }
        }

        return $moments;
    }

    /** @return list<GoalTermView> those that count for something */
    private function goal(DayEntity $day): array
    {
        $terms = [];
        foreach (self::TERMS as $name) {
            $value = $day->goal[$name] ?? 0.0;
            if (abs($value) > 0.005) {
                $terms[] = new GoalTermView($this->words->say('goal', $name), round($value, 2));
            }
        }

        return $terms;
    }

    /**
     * @param array<string, Child> $children
     *
     * @return list<OtherwiseView>
     */
    private function otherwise(DayEntity $day, array $children): array
    {
        return array_map(function (array $told) use ($children): OtherwiseView {
            $who = [];
            foreach ($told['children'] as $one) {
                $name = ($children[$one['child']] ?? null)?->name;
                $mark = null === $one['mark'] ? '' : ' ('.lcfirst($this->words->say('closing_marks', $one['mark'])).')';
                $who = null === $name ? $who : [...$who, $name.$mark];
            }

            return new OtherwiseView($told['id'], null === $told['words'] || [] === $who ? $told['words'] : $told['words'].': '.$this->words->list($who));
        }, $day->otherwise);
    }

    private function undo(LocalDate $date, DayEntity $day): ?UndoView
    {
        $last = $this->undo->last($date, $day->version);

        return null === $last ? null : new UndoView($last->verb->value, $last->said);
    }

    /**
     * What each child does, as it was planned; worked out where an older release kept no threads.
     *
     * @param array<string, Child> $children
     * @param list<StoredSetUp>    $setUps
     *
     * @return array<string, list<StretchView>>
     */
    private function threads(DayEntity $day, LocalDate $date, array $children, array $setUps): array
    {
        if (null !== $day->threads) {
            return array_map(
                static fn (array $thread): array => array_map(
                    static fn (array $one): StretchView => new StretchView(ChildState::from($one[0]), $one[1], $one[2], $one[3]),
                    $thread,
                ),
                $day->threads,
            );
        }
        $threads = (new Day($date, array_values($children), $day->spans()))->threads(array_map(
            static fn (StoredSetUp $stored): SetUp => $stored->setUp,
            $setUps,
        ));

        return array_map(
            static fn (array $thread): array => array_map(
                static fn (Stretch $one): StretchView => new StretchView($one->state, $one->span->start, $one->span->end, $one->setUpKey),
                $thread,
            ),
            $threads,
        );
    }

    /**
     * @param list<StoredSetUp> $setUps
     *
     * @return list<BusyView>
     */
    private static function parent(array $setUps): array
    {
        $parent = [];
        foreach ($setUps as $stored) {
            foreach ($stored->setUp->part->busy($stored->setUp->span) as $span) {
                $parent[] = new BusyView($stored->setUp->part, $span->start, $span->end, $stored->setUp->key);
            }
        }

        return $parent;
    }

    /**
     * @param list<StoredSetUp>  $setUps
     * @param list<StretchView>  $thread
     * @param array<string, int> $threadOf
     */
    private function child(Child $child, array $setUps, array $thread, array $threadOf, DayEntity $day): PlannedChildView
    {
        $done = $ahead = 0;
        foreach ($setUps as $stored) {
            $minutes = isset($stored->sittings[$child->id]) ? $stored->setUp->span->minutes() : 0;
            $done += $stored->isDone() ? $minutes : 0;
            $ahead += $stored->isDone() ? 0 : $minutes;
        }
        $absent = $day->absence($child->id);
        $little = $day->little[$child->id] ?? null;
        $nothing = match (true) {
            !$day->isPlanned() => null,
            null !== $absent => $this->words->say('little', $absent),
            0 === $ahead && $done > 0 => 'Done for today.',
            null !== $little => $this->words->say('little', $little, ['child' => $child->name]),
            $ahead > 0 => null,
            null === $child->born => 'Say in Children when '.$child->name.' was born; then there are sittings, and cautions fit the age.',
            !$child->isPlannedOn(LocalDate::parse($day->date)) => 'Beside you or on your lap: too young for a sitting.',
            default => null,
        };

        $sleeps = [] !== ($day->asleep[$child->id] ?? $child->rests);

        return new PlannedChildView($child->id, $child->name, $threadOf[$child->id] ?? 0, $thread, $ahead + $done, $done, $nothing, $absent, $sleeps);
    }
}
