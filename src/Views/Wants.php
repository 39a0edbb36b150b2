<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\ThingFile;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\MadeProps;
use Pindle\App\Plan\Plans;
use Pindle\App\Plan\Repertoires;
use Pindle\App\Plan\StoredSetUp;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Settings;
use Pindle\Core\Planning\MadeFor;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\Want;
use Pindle\Core\Skill\SkillMap;

/** What days want that is made beforehand, and how it stands with it. */
final readonly class Wants
{
    public function __construct(
        private ThingFile $props,
        private Plans $plans,
        private Children $children,
        private MadeProps $made,
        private Activities $activities,
        private Repertoires $repertoires,
        private SkillMap $map,
    ) {
    }

    /**
     * Of what is still ahead on these days.
     *
     * @param list<LocalDate> $days
     *
     * @return list<Want>
     */
    public function on(array $days): array
    {
        $wants = [];
        foreach ($days as $day) {
            $ahead = array_filter($this->plans->setUps($day), static fn (StoredSetUp $stored): bool => !$stored->isDone());
            array_push($wants, ...$this->of(array_values($ahead)));
        }

        return $wants;
    }

    /**
     * @param list<StoredSetUp> $setUps
     *
     * @return list<Want>
     */
    public function of(array $setUps): array
    {
        $for = new MadeFor($this->map, $this->props->sheets());
        $settings = [];
        $wants = [];
        foreach ($setUps as $stored) {
            $day = $stored->date->toString();
            $settings[$day] ??= $this->settings($stored->date);
            array_push($wants, ...$for->of($stored->setUp, $settings[$day]));
        }

        return $wants;
    }

    /**
     * Of set-ups that need not be stored, as children are taught on a day.
     *
     * @param list<SetUp> $setUps
     *
     * @return list<Want>
     */
    public function ofSetUps(array $setUps, LocalDate $on): array
    {
        $for = new MadeFor($this->map, $this->props->sheets());
        $settings = $this->settings($on);

        return array_merge(...array_map(static fn (SetUp $setUp): array => $for->of($setUp, $settings), $setUps));
    }

    /**
     * As few as do for all of them, each with how it stands.
     *
     * @param list<Want> $wants
     *
     * @return list<WantView>
     */
    public function views(array $wants, LocalDate $on): array
    {
        if ([] === $wants) {
            return [];
        }
        $kept = $this->made->kept();
        $repertoire = $this->repertoires->on($on);

        return array_map(function (Want $want) use ($kept, $repertoire): WantView {
            $made = MadeProps::for($want, $kept);
            $activity = $this->activities->catalogue()->activity($want->activityId);

            return new WantView(
                $want->prop->id,
                $want->setUpKey,
                $want->prop->thing->name,
                $this->activities->words($activity->id)->name,
                $repertoire->isNew($activity),
                $want->sheet?->kind,
                $want->reach,
                true === $want->sheet?->kind->isSized() ? $want->thing?->id : null,
                $made?->state,
                $made?->keptAt,
                $made->pagesDone ?? 0,
            );
        }, Want::fewest($wants));
    }

    /**
     * Those that nobody has said are made: to be printed, or to be ticked off as there.
     *
     * @param list<Want> $wants
     *
     * @return list<WantView>
     */
    public function open(array $wants, LocalDate $on): array
    {
        return array_values(array_filter($this->views($wants, $on), static fn (WantView $want): bool => MadeState::Made !== $want->state));
    }

    /**
     * Those that must be made first.
     *
     * @param list<Want> $wants
     *
     * @return list<WantView>
     */
    public function lacking(array $wants, LocalDate $on): array
    {
        return array_values(array_filter(
            $this->views($wants, $on),
            static fn (WantView $want): bool => MadeState::isLacking($want->state, $want->isNew),
        ));
    }

    /** @return array<string, string> prop id => where it is kept, of what a set-up wants made */
    public function keptAt(StoredSetUp $stored): array
    {
        $kept = $this->made->kept();
        $at = [];
        foreach ($this->of([$stored]) as $want) {
            $at[$want->prop->id] = MadeProps::for($want, $kept)?->keptAt;
        }

        return array_filter($at);
    }

    /** @return array<string, Settings> by child id */
    private function settings(LocalDate $on): array
    {
        $settings = [];
        foreach ($this->children->present($on) as $child) {
            $settings[$child->id] = $child->settings;
        }

        return $settings;
    }
}
