<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\App\Content\ThingFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\MadeEntity;
use Pindle\App\Household\MadeProps;
use Pindle\App\Household\Things;
use Pindle\App\Platform\Clock;
use Pindle\App\Views\SheetsOf;
use Pindle\App\Views\Wants;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Child\Setting;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Thing\Thing;

/** Writes out what the room shows besides the sheets themselves. */
final readonly class MakeViews
{
    public function __construct(
        private ThingFile $props,
        private Words $words,
        private Activities $activities,
        private Things $things,
        private MadeProps $made,
        private Wants $wants,
        private SheetsOf $sheetsOf,
        private Orders $orders,
        private Clock $clock,
    ) {
    }

    public function all(): MakeView
    {
        $today = $this->clock->today();
        $names = $this->activityNames();
        // Every day is read once: the week has today and tomorrow in it.
        $byDay = [];
        foreach (Until::Week->days($today) as $day) {
            $byDay[$day->toString()] = $this->wants->on([$day]);
        }
        $wanted = array_map(fn (Until $until): DayWantsView => new DayWantsView($until, $this->words->say('make_until', $until), $this->wants->open(
            array_merge(...array_map(static fn (LocalDate $day): array => $byDay[$day->toString()], $until->days($today))),
            $today,
        )), Until::told());

        return new MakeView(
            array_map(fn (SheetKind $kind): SheetCardView => new SheetCardView(
                $kind,
                $this->words->say('sheet_names', $kind),
                $kind->isSized(),
                $kind->isSteps(),
                $kind->isScattered(),
                $kind->isAsked(),
                $kind->hasReach(),
                $kind->hasCopies(),
                $kind->mostReach(),
                array_map(fn (Variant $one): VariantView => new VariantView($one, $this->words->say('sheet_variants', $one)), $kind->variants()),
                $names[$kind->value] ?? [],
                array_map(fn (Setting $setting): string => $this->words->say('settings_on_paper', $setting), $kind->settings()),
            ), SheetKind::cases()),
            array_map(
                fn (Thing $thing): ToScaleView => new ToScaleView($thing->id, $thing->name, $thing->size?->long, $this->orders->usualSide($thing)),
                array_values(array_filter($this->things->present(), static fn (Thing $thing): bool => $thing->amount > 0)),
            ),
            $wanted,
            array_map($this->kept(...), $this->made->kept()),
        );
    }

    public function kept(MadeEntity $made): KeptView
    {
        return new KeptView(
            $made->id,
            $this->name($made),
            $made->kind,
            array_map(static fn (mixed $value): string => \is_bool($value) ? (string) (int) $value : (string) $value, $made->wish),
            $made->state,
            $made->keptAt,
            $made->pagesDone,
            $made->version,
        );
    }

    /** "Frame for things, up to 10, for jar lids" */
    private function name(MadeEntity $made): string
    {
        if (null === $made->kind) {
            return $this->props->props()[$made->propId ?? '']->thing->name ?? $made->propId ?? '';
        }
        $parts = [$this->words->say('sheet_names', $made->kind)];
        if (null !== $made->variant && Variant::Usual !== $made->variant) {
            $parts[] = $this->words->say('sheet_variants', $made->variant);
        }
        if (null !== $made->reach) {
            $parts[] = $this->words->say('made', 'up-to', ['reach' => $made->reach]);
        }
        if (null !== $made->things && null !== $made->side) {
            $parts[] = $this->words->say('made', 'for', ['things' => $made->things]);
        }

        return implode(', ', $parts);
    }

    /** @return array<string, list<string>> sheet => names of the activities that want it */
    private function activityNames(): array
    {
        $names = [];
        foreach ($this->activities->catalogue()->activities as $activity) {
            foreach ($this->sheetsOf->activity($activity) as $kind) {
                $names[$kind->value][] = $this->activities->words($activity->id)->name;
            }
        }

        return $names;
    }
}
