<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Family;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Activity\Prop;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Caution\Caution;

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
        public Family $family,
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

    /** @return list<string> */
    public function childIds(): array
    {
        return array_map(static fn (Sitting $sitting): string => $sitting->childId, $this->sittings);
    }
}
