<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\App\Content\ThingFile;
use Pindle\App\Household\Activities;
use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Printable\SheetKind;

/** The sheets that go with an activity: those of its props, and those it names itself. */
final readonly class SheetsOf
{
    public function __construct(private ThingFile $props, private Activities $activities)
    {
    }

    /** @return list<SheetKind> each once */
    public function activity(Activity $activity): array
    {
        $sheets = $this->props->sheets();
        $props = array_merge($activity->props, ...array_values($activity->formProps));
        $kinds = [
            ...array_map(static fn (Prop $prop): ?SheetKind => ($sheets[$prop->id] ?? null)?->kind, $props),
            ...$this->activities->words($activity->id)->sheets,
        ];

        return array_values(array_unique(array_filter($kinds), \SORT_REGULAR));
    }
}
