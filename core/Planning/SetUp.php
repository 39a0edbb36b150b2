<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Activity;
use Pindle\Core\Activity\Gear;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;
use Pindle\Core\Thing\Thing;

/** One activity laid out once, from lay-out to tidy-up, for one child or several together. */
final readonly class SetUp
{
    /**
     * @param string              $key      names it within the plan, or the stored one it was made from
     * @param non-empty-list<Sitting> $sittings one a child
     * @param list<Laid>          $laid
     * @param list<Caution>       $warnings words of care for what lies out; nothing that is blocked ever does
     * @param list<Prop>          $props    what it wants besides, with what the children answer with
     */
    public function __construct(
        public string $key,
        public Activity $activity,
        public Place $place,
        public Part $part,
        public Span $span,
        public array $sittings,
        public array $laid,
        public array $warnings = [],
        public array $props = [],
    ) {
    }

    public function sittingOf(string $childId): ?Sitting
    {
        foreach ($this->sittings as $sitting) {
            if ($sitting->childId === $childId) {
                return $sitting;
            }
        }

        return null;
    }

    /** @return list<Thing> everything that lies out: what is counted, what is wanted besides, and the activity as cautions see it */
    public function things(): array
    {
        return [
            ...array_map(static fn (Laid $laid): Thing => $laid->thing, $this->laid),
            ...array_map(static fn (Prop $prop): Thing => $prop->thing, $this->props),
            $this->activity->asThing($this->place),
        ];
    }

    /** @return list<Gear> what is there for pictures besides the things */
    public function gear(): array
    {
        return array_merge(...array_map(static fn (Prop $prop): array => $prop->gear, $this->props));
    }

    /** @return list<string> ids of the kinds of things laid out, each once */
    public function thingIds(): array
    {
        return array_values(array_unique(array_map(static fn (Laid $laid): string => $laid->thing->id, $this->laid)));
    }

    /**
     * The same set-up with its sittings as they are now.
     *
     * @param non-empty-list<Sitting> $sittings
     */
    public function sitting(array $sittings): self
    {
        return new self($this->key, $this->activity, $this->place, $this->part, $this->span, $sittings, $this->laid, $this->warnings, $this->props);
    }

    /** @param list<Caution> $warnings */
    public function warned(array $warnings): self
    {
        return new self($this->key, $this->activity, $this->place, $this->part, $this->span, $this->sittings, $this->laid, $warnings, $this->props);
    }

    /**
     * What names a set-up before it is stored: when it begins, what it is and who comes first.
     *
     * @param non-empty-list<Sitting> $sittings
     */
    public static function keyOf(Activity $activity, Span $span, array $sittings): string
    {
        return \sprintf('%04d-%s-%s', $span->start, $activity->id, $sittings[0]->childId);
    }

    /** The same set-up at another time, named by it. */
    public function at(Span $span): self
    {
        $key = self::keyOf($this->activity, $span, $this->sittings);

        return new self($key, $this->activity, $this->place, $this->part, $span, $this->sittings, $this->laid, $this->warnings, $this->props);
    }

    /** The same set-up under another name. */
    public function named(string $key): self
    {
        return new self($key, $this->activity, $this->place, $this->part, $this->span, $this->sittings, $this->laid, $this->warnings, $this->props);
    }

    /** @return list<string> */
    public function childIds(): array
    {
        return array_map(static fn (Sitting $sitting): string => $sitting->childId, $this->sittings);
    }
}
