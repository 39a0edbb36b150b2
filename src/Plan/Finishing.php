<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\App\Household\Children;
use Pindle\App\Record\Evidence;
use Pindle\Core\Advice\Decision;
use Pindle\Core\Advice\Ending;
use Pindle\Core\Planning\Course;

/** Ends a set-up: what follows for each course of each child is worked out from what was seen, and kept. */
final readonly class Finishing
{
    public function __construct(private Evidence $evidence, private Children $children, private Sittings $sittings)
    {
    }

    /** Ending one twice ends it once. */
    public function finish(StoredSetUp $stored, Ending $ending): void
    {
        if ($stored->isDone()) {
            return;
        }
        $records = $this->evidence->records($this->children->present($stored->date));
        $seen = $this->evidence->seenIn($stored->sittingIds());
        $results = [];
        foreach ($stored->sittings as $childId => $sitting) {
            $after = $records[$childId] ?? $this->evidence->record($this->children->child($childId, $stored->date));
            $results[$childId] = array_map(static fn (Course $course): array => [
                'decision' => Decision::after($course->stepId, $seen[$sitting->id] ?? [], $course->before, $after, $ending, $stored->date),
                'after' => $after->mark($course->stepId),
            ], $sitting->sitting->courses);
        }
        $this->sittings->finish($stored, $ending, $results);
    }
}
