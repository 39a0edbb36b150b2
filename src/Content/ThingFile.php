<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Activity\Gear;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Child\Setting;
use Pindle\Core\Printable\PropSheet;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Variant;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\InvalidSize;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;

/** Reads things.yaml and props.yaml: ordinary things a house may have, and what activities want besides. */
final class ThingFile
{
    /** @var array<string, Thing>|null */
    private ?array $things = null;

    public function __construct(private readonly ContentFiles $files, private readonly GlyphFile $glyphs)
    {
    }

    /**
     * @return array<string, Thing> by id, with the usual amounts
     *
     * @throws BrokenContent
     */
    public function things(): array
    {
        if (null === $this->things) {
            $this->things = [];
            foreach ($this->files->entries('things') as $id => $entry) {
                $this->things[$id] = $this->thing($id, $entry, $entry->text('single'), $entry->number('amount', 1, 1000));
            }
        }

        return $this->things;
    }

    /**
     * @return array<string, PropSheet> prop id => the sheet it can be printed on
     *
     * @throws BrokenContent
     */
    public function sheets(): array
    {
        $sheets = [];
        foreach ($this->files->entries('props') as $id => $entry) {
            $sheet = $entry->textOrNull('sheet');
            if (null !== $sheet) {
                $kind = $entry->case('sheet', $sheet, SheetKind::class);
                $variant = $entry->case('variant', $entry->text('variant', Variant::Usual->value), Variant::class);
                if (!\in_array($variant, $kind->variants(), true)) {
                    throw $entry->wrong('variant', \sprintf('is not one of the ways in which "%s" is drawn', $sheet));
                }
                $sheets[$id] = new PropSheet($kind, $variant, $entry->numberOrNull('reach', 1, $kind->mostReach()));
            }
        }

        return $sheets;
    }

    /**
     * @return array<string, Prop> by id
     *
     * @throws BrokenContent
     */
    public function props(): array
    {
        $props = [];
        foreach ($this->files->entries('props') as $id => $entry) {
            $by = $entry->textOrNull('by');
            $props[$id] = new Prop(
                $id,
                $this->thing($id, $entry, $entry->text('name'), 1),
                $entry->flag('made'),
                null === $by ? null : $entry->case('by', $by, Setting::class),
                $entry->textOrNull('way'),
                $entry->flag('faces'),
                $entry->choices('gear', Gear::class),
            );
        }

        return $props;
    }

    private function thing(string $id, Entry $entry, string $single, int $amount): Thing
    {
        $entry->knowsOnly(
            'name',
            'single',
            'size',
            'shape',
            'glyph',
            'amount',
            'mass',
            'spread',
            'colours',
            'traits',
            'allergens',
            'made',
            'sheet',
            'variant',
            'reach',
            'by',
            'way',
            'faces',
            'gear',
            'can',
        );
        try {
            $size = Size::of(...$entry->sides('size'));
        } catch (InvalidSize $e) {
            throw $entry->wrong('size', rtrim($e->getMessage(), '.'));
        }
        $glyph = $entry->text('glyph', 'counter');

        return new Thing(
            $id,
            $entry->text('name'),
            $single,
            $amount,
            $size,
            $entry->choice('shape', Shape::class),
            $entry->texts('traits'),
            $entry->texts('allergens'),
            $this->glyphs->has($glyph) ? $glyph : throw $entry->wrong('glyph', \sprintf('"%s" is not in glyphs.yaml', $glyph)),
            $entry->decimalOrNull('mass'),
            $entry->decimalOrNull('spread'),
            $entry->number('colours', 1, 12, 1),
            $entry->choices('can', Ability::class),
        );
    }
}
