<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Prop;
use Pindle\Core\Child\Settings;
use Pindle\Core\Printable\PropSheet;
use Pindle\Core\Printable\Want;
use Pindle\Core\Question\Question;
use Pindle\Core\Skill\SkillMap;
use Pindle\Core\Thing\Thing;

/** What a set-up wants that is made beforehand, each as it must be for these children, things and questions. */
final readonly class MadeFor
{
    /** @param array<string, PropSheet> $sheets by prop id, for those that can be printed */
    public function __construct(private SkillMap $map, private array $sheets)
    {
    }

    /**
     * @param array<string, Settings> $settings by child id
     *
     * @return list<Want>
     */
    public function of(SetUp $setUp, array $settings): array
    {
        $things = array_map(static fn (Laid $laid): Thing => $laid->thing, $setUp->laid);
        $wants = [];
        foreach ($setUp->props as $prop) {
            if (!$prop->made) {
                continue;
            }
            $sitting = $this->sittingFor($setUp, $prop, $settings);
            $sheet = $this->sheets[$prop->id] ?? null;
            $reach = $sheet->reach ?? $this->reach($setUp);
            $wants[] = new Want(
                $setUp->key,
                $setUp->activity->id,
                $sitting->childId,
                $prop,
                $sheet,
                null === $sheet ? $reach : min($reach, $sheet->kind->mostReach()),
                $things[0] ?? null,
                \array_slice($things, 1),
                $settings[$sitting->childId] ?? new Settings(),
                array_map(static fn (Question $question) => $question->prompt, $sitting->questions),
            );
        }

        return $wants;
    }

    /**
     * Whose it is: where the way a child is taught decides what is brought, the first who is taught that way.
     *
     * @param array<string, Settings> $settings
     */
    private function sittingFor(SetUp $setUp, Prop $prop, array $settings): Sitting
    {
        foreach ($setUp->sittings as $sitting) {
            // One that names no way is for the usual one.
            $way = null === $prop->by ? null : $prop->way ?? $prop->by->answers()[0];
            if (null !== $way && $way === (($settings[$sitting->childId] ?? new Settings())->answers()[$prop->by->value] ?? null)) {
                return $sitting;
            }
        }

        return $setUp->sittings[0];
    }

    /** The largest number of the steps that are met, and of what is asked: a step of signs is asked with numbers beyond its own size. */
    private function reach(SetUp $setUp): int
    {
        $sizes = [1];
        foreach ($setUp->sittings as $sitting) {
            foreach ($sitting->questions as $question) {
                $sizes[] = $this->map->step($question->stepId)->size;
                array_push($sizes, ...array_filter([...array_values($question->prompt->numbers()), $question->prompt->answer()], is_int(...)));
            }
            foreach ($sitting->courses as $course) {
                $sizes[] = $this->map->step($course->stepId)->size;
            }
        }

        return max($sizes);
    }
}
