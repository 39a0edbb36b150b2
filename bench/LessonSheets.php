<?php

declare(strict_types=1);

namespace Pindle\Bench;

use Pindle\Core\Child\Setting;
use Pindle\Core\Child\Settings;
use Pindle\Core\Drawing\Hand;
use Pindle\Core\Planning\MadeFor;
use Pindle\Core\Planning\SetUp;
use Pindle\Core\Printable\InvalidSheet;
use Pindle\Core\Printable\Order;
use Pindle\Core\Printable\Page;
use Pindle\Core\Printable\Sheet;
use Pindle\Core\Printable\Want;
use Pindle\Tests\Make;

/**
 * What must be true of the sheets that a sitting wants: each can be drawn for what is laid out, goes as far as what is asked with it, and shows every way of
 * teaching that shows in the sitting. Which way shows on which prop stands here once more, in the words of a parent.
 */
final class LessonSheets
{
    /** What a parent expects to see on a prop of that name. */
    private const SHOWS = [
        '/\bframes? of ten\b|\bempty frames\b/' => Setting::FrameFilling,
        '/\bstrips of one to ten\b/' => Setting::WayIn,
        '/\bbond mat\b/' => Setting::WholeInBond,
        '/\b(sign|mouth|beam) to turn\b/' => Setting::ComparingSign,
        '/\bpage of .* sums\b/' => Setting::Answering,
    ];

    /** Words for a prop that has a numeral for every number. */
    private const NUMBERED = '/\b(numeral cards|numeral and sign tiles|number line|track of numerals|strip of numerals|with as many spots)\b/';

    private Hand $hand;
    private MadeFor $madeFor;

    /** @var array<string, list<array{Fault, string}>> by what the sheet follows from */
    private array $known = [];

    public function __construct()
    {
        $this->hand = Make::glyphs()->hand();
        $this->madeFor = new MadeFor(Make::map(), Make::things()->sheets());
    }

    /** @return list<array{Fault, string}> what is wrong, and where */
    public function wrong(SetUp $setUp): array
    {
        $wrong = [];
        foreach ($this->madeFor->of($setUp, []) as $want) {
            array_push($wrong, ...$this->tooShort($want));
            if (null !== $want->fit) {
                $key = serialize([$want->prop->id, $want->fit]);
                array_push($wrong, ...$this->known[$key] ??= $this->drawn($want));
            }
        }

        return $wrong;
    }

    /** @return list<array{Fault, string}> */
    private function tooShort(Want $want): array
    {
        $largest = 0;
        foreach ($want->prompts as $prompt) {
            $numbers = array_filter([...array_values($prompt->numbers()), $prompt->answer()], is_int(...));
            $largest = max($largest, ...[0, ...array_values($numbers)]);
        }

        return null !== $want->sheet && $largest > $want->reach && 1 === preg_match(self::NUMBERED, $want->prop->thing->name)
            ? [[Fault::SheetTooShort, \sprintf('%s to %d for %d', $want->prop->id, $want->reach, $largest)]]
            : [];
    }

    /** @return list<array{Fault, string}> */
    private function drawn(Want $want): array
    {
        $first = $this->pages($want, $want->settings);
        if (null === $first) {
            return [[Fault::SheetNotDrawn, $want->prop->id.' for '.($want->thing->name ?? 'nothing')]];
        }
        foreach (self::SHOWS as $words => $setting) {
            if (1 === preg_match($words, $want->prop->thing->name)) {
                $ways = array_map(
                    fn (string $answer): ?string => $this->pages($want, Settings::chosen([$setting->value => $answer], [], 80)),
                    $setting->answers(),
                );
                if (1 === \count(array_unique($ways))) {
                    return [[Fault::SheetWithoutSetting, $want->prop->id.' and '.$setting->value]];
                }
            }
        }

        return [];
    }

    /** What is drawn; null where it cannot be. A thing that is too long for the paper is said so to the parent, and is no fault of the sheet. */
    private function pages(Want $want, Settings $settings): ?string
    {
        if (null === $want->sheet) {
            return null;
        }
        try {
            $sheet = Sheet::of(new Order(
                $want->sheet->kind,
                $this->hand,
                $want->reach,
                $want->thing,
                $settings,
                prompts: $want->prompts,
                others: $want->others,
                variant: $want->sheet->variant,
                unit: null === $want->thing ? $want->side() : null,
            ));
        } catch (InvalidSheet $e) {
            return 'too-long' === $e->reason ? $e->reason.$settings->frameFilling->value.$settings->wayIn->value.$settings->wholeInBond->value : null;
        }

        return serialize(array_map(static fn (Page $page): array => $page->drawing->marks, $sheet->pages));
    }
}
