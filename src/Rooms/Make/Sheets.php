<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\App\Content\GlyphFile;
use Pindle\App\Content\InkFile;
use Pindle\App\Content\ThingFile;
use Pindle\App\Content\Words;
use Pindle\App\Household\Activities;
use Pindle\App\Household\Children;
use Pindle\App\Household\Things;
use Pindle\App\Plan\Plans;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Pdf;
use Pindle\App\Platform\Svg;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Page;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Tool;
use Pindle\Core\Thing\Thing;

/** Puts sheets together from what the house has, and writes them out for the screen and the printer. */
final readonly class Sheets
{
    public function __construct(
        private ThingFile $props,
        private GlyphFile $glyphs,
        private InkFile $inks,
        private Words $words,
        private Activities $activities,
        private Children $children,
        private Things $things,
        private Plans $plans,
        private Clock $clock,
        private string $cacheDir,
    ) {
    }

    public function all(): MakeView
    {
        $names = [];
        $sheets = $this->props->sheets();
        foreach ($this->activities->catalogue()->activities as $activity) {
            foreach (array_unique(array_map(static fn (Prop $prop): ?string => ($sheets[$prop->id] ?? null)?->value, $activity->props)) as $kind) {
                $names[$kind ?? ''][] = $this->activities->words($activity->id)->name;
            }
        }
        $wanted = [];
        foreach ([$this->clock->today(), $this->clock->today()->plusDays(1)] as $day) {
            foreach ($this->plans->setUps($day) as $stored) {
                foreach ($stored->setUp->props as $prop) {
                    $wanted[] = $stored->isDone() || !isset($sheets[$prop->id]) ? null : $sheets[$prop->id]->value;
                }
            }
        }
        $things = array_filter($this->things->present(), static fn (Thing $thing): bool => null !== $thing->size && $thing->amount > 0);

        return new MakeView(
            array_map(fn (SheetKind $kind): SheetCardView => new SheetCardView(
                $kind,
                $this->words->say('sheet_names', $kind),
                $kind->isSized(),
                $kind->mostReach(),
                $names[$kind->value] ?? [],
            ), SheetKind::cases()),
            array_values(array_map(static fn (Thing $thing): ToScaleView => new ToScaleView($thing->id, $thing->name, $thing->longSide()), $things)),
            array_values(array_unique(array_filter($wanted))),
        );
    }

    public function view(SheetKind $kind, SheetQuery $query): SheetView
    {
        $sheet = $this->sheet($kind, $query);
        $svg = new Svg($this->inks->colours());

        return new SheetView(
            $kind,
            $this->words->say('sheet_names', $kind),
            array_map(fn (Page $page): string => $svg->exact($page->drawing, $this->say(...), $this->say('page-of', [
                'sheet' => $kind->value,
            ] + $page->drawing->values)), $sheet->pages),
            $sheet->pages[0]->format->width,
            $sheet->minutes(),
            array_map(fn (Tool $tool): string => $this->words->say('tools', $tool), $sheet->tools),
        );
    }

    public function pdf(SheetKind $kind, SheetQuery $query): string
    {
        $pages = array_map(static fn (Page $page): Drawing => $page->drawing, $this->sheet($kind, $query)->pages);

        return (new Pdf($this->inks->colours(), $this->cacheDir))->write($pages, $this->say(...), Page::BAR / $query->bar);
    }

    /** @throws Refusal 422 when it cannot be made as it was asked for, 404 when the thing or the child is not there */
    private function sheet(SheetKind $kind, SheetQuery $query): Sheet
    {
        $thing = null === $query->thingId ? null : $this->thing($query->thingId);
        $child = null === $query->childId ? null : $this->children->child($query->childId, $this->clock->today());
        $little = array_filter($this->children->present($this->clock->today()), fn (Child $one): bool => $one->ageInMonths($this->clock->today()) < 36);
        try {
            return Sheet::of(new Order(
                $kind,
                $this->glyphs->hand(),
                $query->reach,
                $thing,
                $child->settings ?? new Settings(),
                $query->paper,
                $query->copies,
                [],
                $query->seed,
                $query->savesInk,
                $query->onFloor,
                [] !== $little,
            ));
        } catch (InvalidSheet $e) {
            throw Refusal::invalid($e->field, $this->words->say('sheet_refusals', $e->reason, $e->values));
        }
    }

    /** @throws Refusal 404 */
    private function thing(string $id): Thing
    {
        return $this->things->ever()[$id] ?? throw Refusal::notFound('thingId', 'There is no such thing in the cupboard.');
    }

    /** @param array<string, int|string> $values */
    private function say(string $message, array $values): string
    {
        $named = isset($values['sheet']) ? ['sheet' => $this->words->say('sheet_names', (string) $values['sheet'])] : [];

        return $this->words->say('sheets', $message, $named + $values);
    }
}
