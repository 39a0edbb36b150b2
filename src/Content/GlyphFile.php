<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Drawing\Glyph;
use Pindle\Core\Drawing\Hand;

/** Reads glyphs.yaml and numerals.yaml: our drawings of things, and the outlines of numerals and signs. */
final readonly class GlyphFile
{
    public function __construct(private ContentFiles $files, private InkFile $inks)
    {
    }

    /** @throws BrokenContent */
    public function hand(): Hand
    {
        $glyphs = [];
        foreach ($this->files->entries('glyphs') as $id => $entry) {
            $entry->knowsOnly('box', 'fill', 'line', 'body', 'marks');
            $fill = $entry->textOrNull('fill');
            $glyphs[$id] = new Glyph(
                $id,
                $this->box($entry),
                null === $fill ? null : $this->ink($entry, 'fill', $fill),
                $this->ink($entry, 'line', $entry->text('line')),
                $entry->text('body'),
                $entry->textOrNull('marks'),
            );
        }
        $numerals = [];
        foreach ($this->files->entries('numerals') as $sign => $entry) {
            $entry->knowsOnly('wide', 'path');
            $numerals[$sign] = ['wide' => $entry->decimalOrNull('wide') ?? throw $entry->wrong('wide', 'should be a number'), 'path' => $entry->text('path')];
        }

        return new Hand($glyphs, $numerals);
    }

    /** @throws BrokenContent */
    public function has(string $glyph): bool
    {
        return isset($this->files->file('glyphs')[$glyph]);
    }

    private function ink(Entry $entry, string $field, string $ink): string
    {
        return $this->inks->has($ink) ? $ink : throw $entry->wrong($field, \sprintf('"%s" is not in inks.yaml', $ink));
    }

    /** @return array{float, float, float, float} left, top, width, height */
    private function box(Entry $entry): array
    {
        $sides = array_map(
            static fn (mixed $side): float => is_numeric($side) ? (float) $side : throw $entry->wrong('box', 'should be four numbers'),
            array_values($entry->map('box')),
        );
        if (4 !== \count($sides) || $sides[2] <= 0.0 || $sides[3] <= 0.0) {
            throw $entry->wrong('box', 'should be left, top, width and height');
        }

        return [$sides[0], $sides[1], $sides[2], $sides[3]];
    }
}
