<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\App\Content\InkFile;
use Pindle\App\Content\Words;
use Pindle\App\Plan\LookAhead;
use Pindle\App\Platform\Clock;
use Pindle\App\Platform\Face;
use Pindle\App\Platform\Http\Refusal;
use Pindle\App\Platform\Pdf;
use Pindle\App\Platform\Svg;
use Pindle\App\Views\Wants;
use Pindle\App\Views\WantView;
use Pindle\Core\Drawing\Drawing;
use Pindle\Core\Drawing\Text;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Printable\Page;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Tool;

/** Writes sheets out for the screen and the printer: one, or what days want as a set. */
final readonly class Sheets
{
    public function __construct(
        private Orders $orders,
        private Wants $wants,
        private LookAhead $ahead,
        private InkFile $inks,
        private Words $words,
        private Face $face,
        private Clock $clock,
        private string $cacheDir,
    ) {
    }

    /** @throws Refusal */
    public function view(SheetKind $kind, SheetQuery $query): SheetView
    {
        $order = $this->orders->order($kind, $query);
        $sheet = $this->orders->sheet($order);
        $svg = new Svg($this->inks->colours());
        $lacking = [];
        foreach ($sheet->pages as $page) {
            foreach ($page->drawing->marks as $mark) {
                $lacking += $mark instanceof Text ? array_fill_keys($this->face->lacking($this->say($mark->message, $mark->values)), true) : [];
            }
        }

        return new SheetView(
            $kind,
            $this->words->say('sheet_names', $kind),
            array_map(fn (Page $page): string => $svg->exact($page->drawing, $this->say(...), $this->alt($page)), $sheet->pages),
            $sheet->pages[0]->format->width,
            $order->reach,
            $sheet->minutes(),
            array_map(fn (Tool $tool): string => $this->words->say('tools', $tool), $sheet->tools),
            $sheet->cuts > 0,
            array_map(strval(...), array_keys($lacking)),
        );
    }

    /** @throws Refusal */
    public function pdf(SheetKind $kind, SheetQuery $query): string
    {
        return $this->write($this->pages($this->orders->sheet($this->orders->order($kind, $query)), $query->from), $query->bar);
    }

    /**
     * One page as a picture that opens at its true size.
     *
     * @throws Refusal
     */
    public function svg(SheetKind $kind, SheetQuery $query): string
    {
        $sheet = $this->orders->sheet($this->orders->order($kind, $query));
        $page = $sheet->pages[$query->from - 1] ?? throw Refusal::invalid('from', 'The sheet has no such page.');
        $by = Page::BAR / $query->bar;

        return (new Svg($this->inks->colours()))->exact($page->drawing, $this->say(...), $this->alt($page), more: \sprintf(
            ' width="%.2Fmm" height="%.2Fmm" font-family="Andika, sans-serif"',
            $page->format->width * $by,
            $page->format->height * $by,
        ));
    }

    /** What is wanted and not there yet, on as few sheets as do. */
    public function set(SetQuery $query): SetView
    {
        $sheets = $without = [];
        $likely = $this->likely($query->until);
        foreach ($this->open($query->until, $likely) as $want) {
            if (null === $want->kind) {
                $without[$want->propId] = $want->name;
                continue;
            }
            [$sheet, $refused] = $this->drawn($want, $query, $likely);
            $sheets[] = new SetSheetView(
                $want->kind,
                $this->words->say('sheet_names', $want->kind),
                $want->propId,
                $want->setUpId,
                $want->activity,
                \count($sheet->pages ?? []),
                $sheet?->minutes() ?? 0,
                $refused,
            );
        }
        $sum = static fn (string $of): int => array_sum(array_column($sheets, $of));

        return new SetView($sheets, $sum('pages'), $sum('minutes'), array_values($without));
    }

    /** @throws Refusal 409 where there is nothing to print */
    public function setPdf(SetQuery $query): string
    {
        $pages = [];
        $likely = $this->likely($query->until);
        foreach ($this->open($query->until, $likely) as $want) {
            $sheet = null === $want->kind ? null : $this->drawn($want, $query, $likely)[0];
            $pages = null === $sheet ? $pages : [...$pages, ...$this->pages($sheet, 1)];
        }
        if ([] === $pages) {
            throw Refusal::conflict('until', 'There is nothing to print for it: all is made, or needs no paper.');
        }

        return $this->write($pages, $query->bar);
    }

    /** @return array<string, SetUp> by name: what likely comes on days that are not planned in full yet */
    private function likely(Until $until): array
    {
        $likely = [];
        foreach (Until::Likely === $until ? $this->ahead->until($this->clock->today()->plusDays(Until::AHEAD)) : [] as $day) {
            foreach ($day->isPlanned ? [] : $day->setUps as $setUp) {
                $likely[$setUp->key] = $setUp;
            }
        }

        return $likely;
    }

    /**
     * @param array<string, SetUp> $likely
     *
     * @return list<WantView>
     */
    private function open(Until $until, array $likely): array
    {
        $today = $this->clock->today();

        return $this->wants->open([...$this->wants->on($until->days($today)), ...$this->wants->ofSetUps(array_values($likely), $today)], $today);
    }

    /**
     * @param array<string, SetUp> $likely
     *
     * @return array{Sheet|null, string|null} the sheet, or why it cannot be drawn
     */
    private function drawn(WantView $want, SetQuery $query, array $likely): array
    {
        $kind = $want->kind ?? throw new \LogicException('It has no sheet.');
        try {
            $as = new SheetQuery(setUpId: $want->setUpId, propId: $want->propId, paper: $query->paper, savesInk: $query->savesInk);

            return [$this->orders->sheet($this->orders->order($kind, $as, $likely[$want->setUpId] ?? null)), null];
        } catch (Refusal $e) {
            return [null, $e->getMessage()];
        }
    }

    /**
     * @return non-empty-list<Drawing>
     *
     * @throws Refusal
     */
    private function pages(Sheet $sheet, int $from): array
    {
        $pages = array_map(static fn (Page $page): Drawing => $page->drawing, \array_slice($sheet->pages, $from - 1));

        return $pages ?: throw Refusal::invalid('from', 'The sheet has no such page.');
    }

    /** @param non-empty-list<Drawing> $pages */
    private function write(array $pages, float $bar): string
    {
        return (new Pdf($this->inks->colours(), $this->face, $this->cacheDir))->write($pages, $this->say(...), Page::BAR / $bar);
    }

    private function alt(Page $page): string
    {
        return $this->words->say('sheet_alts', $page->drawing->alt, $page->drawing->values).' '.$this->say(
            'page-of',
            ['sheet' => $page->drawing->alt] + $page->drawing->values,
        );
    }

    /** @param array<string, int|string> $values */
    private function say(string $message, array $values): string
    {
        if ('letter' === $message) {
            // Things without a drawing of their own, as in pictures.
            return $this->words->say('drawing', $message, $values);
        }
        $named = isset($values['sheet']) ? ['sheet' => $this->words->say('sheet_names', (string) $values['sheet'])] : [];

        return $this->words->say('sheets', $message, $named + $values);
    }
}
