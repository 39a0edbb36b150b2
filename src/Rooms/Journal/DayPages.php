<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\App\Content\Words;
use Pindle\App\Plan\PastDays;
use Pindle\App\Plan\PastSetUp;
use Pindle\App\Plan\SetUpState;
use Pindle\App\Platform\Clock;
use Pindle\App\Record\Noticed;
use Pindle\App\Record\Photographs;
use Pindle\App\Views\Names;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Witness;

/** Writes days out as they were. */
final readonly class DayPages
{
    /** So many days a page. */
    public const PAGE = 14;

    public function __construct(
        private PastDays $past,
        private Noticed $noticed,
        private Photographs $photographs,
        private Names $names,
        private Words $words,
        private Who $who,
        private Clock $clock,
    ) {
    }

    public function page(DaysQuery $query): DaysView
    {
        $today = $this->clock->today();
        $upTo = null === $query->before ? $today : LocalDate::parse($query->before)->plusDays(-1);
        $find = trim($query->find);
        [$named, $steps] = '' === $find ? [[], []] : $this->names->having($find);
        $dates = $this->past->dates($upTo, self::PAGE + 1, '' === $query->child ? null : $query->child, $find, $named, $steps);
        $page = \array_slice($dates, 0, self::PAGE);

        return new DaysView(
            $today->toString(),
            $this->who->all(),
            $this->days($page),
            \count($dates) > self::PAGE ? $page[self::PAGE - 1] : null,
        );
    }

    /**
     * @param list<string> $dates
     *
     * @return list<PastDayView> in the same order
     */
    public function days(array $dates): array
    {
        if ([] === $dates) {
            return [];
        }
        $setUps = $this->past->setUps($dates);
        $instead = $this->past->otherwise($dates);
        $elsewhere = $this->noticed->elsewhere($dates);
        $photographs = $this->photographs->between(LocalDate::parse(min($dates)), LocalDate::parse(max($dates)));

        return array_map(fn (string $date): PastDayView => new PastDayView(
            $date,
            $this->words->longDay(LocalDate::parse($date), $this->clock->today()),
            self::minutes($setUps[$date] ?? []),
            array_map($this->setUp(...), $setUps[$date] ?? []),
            array_values(array_filter(array_map(self::instead(...), $instead[$date] ?? []))),
            array_map($this->elsewhere(...), $elsewhere[$date] ?? []),
            array_map(Who::photograph(...), $photographs[$date] ?? []),
        ), $dates);
    }

    /**
     * @param list<PastSetUp> $setUps
     *
     * @return list<MinutesView>
     */
    private static function minutes(array $setUps): array
    {
        $minutes = [];
        foreach ($setUps as $setUp) {
            foreach (SetUpState::Done === $setUp->state ? array_keys($setUp->sat) : [] as $childId) {
                $minutes[$childId] = ($minutes[$childId] ?? 0) + $setUp->minutes;
            }
        }

        return array_map(static fn (string $childId): MinutesView => new MinutesView($childId, $minutes[$childId]), array_keys($minutes));
    }

    private function setUp(PastSetUp $setUp): PastSetUpView
    {
        return new PastSetUpView(
            $setUp->id,
            $this->names->activity($setUp->activityId) ?? $this->words->say('stand_ins', 'some-activity'),
            $setUp->start,
            $setUp->minutes,
            $setUp->state,
            $setUp->note,
            array_map(fn (string $childId): PastSittingView => new PastSittingView(
                $childId,
                array_values(array_unique(array_filter(array_map($this->names->step(...), $setUp->sat[$childId])))),
            ), array_keys($setUp->sat)),
        );
    }

    /** @param array{id: string, words: string|null, children: list<array{child: string, mark: string|null}>} $told */
    private static function instead(array $told): ?InsteadView
    {
        // A game that was played instead is among what was done.
        return null === $told['words'] ? null : new InsteadView($told['words'], array_column($told['children'], 'child'));
    }

    /** @param array{string, Witness|HandMark} $seen */
    private function elsewhere(array $seen): ElsewhereView
    {
        [$childId, $one] = $seen;

        return new ElsewhereView(
            $childId,
            $this->names->step($one->stepId) ?? '',
            $one instanceof Witness ? $this->words->say('outcomes', $one->outcome) : $this->words->say('journal', 'set', [
                'mark' => $this->words->say('marks', $one->mark),
            ]),
            $one->note,
        );
    }
}
