<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Prop;
use Pindle\Core\Printable\Made;
use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\PropSheet;

/** What is made already of all that activities want made, as the planner sees it: by prop, and how far it goes. */
final readonly class Ready
{
    /**
     * @param array<string, int>  $upTo  prop id => the furthest number it is made for, 0 where it is half made or worn out; where nothing is said
     *                                   it counts as made once the game was played
     * @param list<string>        $told  ids of props the parent was told of before the day
     * @param array<string, int>  $sizes step id => its largest number
     * @param bool                $isToday whether the day is planned on the day itself, when there is no evening left to make things
     */
    public function __construct(private array $upTo = [], private array $told = [], private array $sizes = [], public bool $isToday = false)
    {
    }

    /**
     * @param list<Prop>               $props  of all activities
     * @param array<string, PropSheet> $sheets by prop id
     * @param list<Made>               $made
     * @param list<string>             $told
     * @param array<string, int>       $sizes
     */
    public static function of(array $props, array $sheets, array $made, array $told, array $sizes, bool $isToday): self
    {
        $upTo = [];
        foreach ($props as $prop) {
            $sheet = $sheets[$prop->id] ?? null;
            foreach ($made as $one) {
                if ($one->propId === $prop->id || (null !== $sheet && true === $one->fit?->isOf($sheet))) {
                    $far = MadeState::Made === $one->state ? $one->fit->reach ?? \PHP_INT_MAX : 0;
                    $upTo[$prop->id] = max($upTo[$prop->id] ?? 0, $far);
                }
            }
        }

        return new self($upTo, $told, $sizes, $isToday);
    }

    /** @return list<string> ids of what has to be made before the set-up can be laid out */
    public function lacking(SetUp $setUp, bool $isNew): array
    {
        $lacking = [];
        foreach ($setUp->props ?: $setUp->activity->props as $prop) {
            if ($prop->made && !\in_array($prop->id, $this->told, true)) {
                $upTo = $this->upTo[$prop->id] ?? null;
                $isLacking = null === $upTo ? $isNew : $upTo < $this->reach($setUp);
                $lacking = $isLacking ? [...$lacking, $prop->id] : $lacking;
            }
        }

        return $lacking;
    }

    private function reach(SetUp $setUp): int
    {
        return max(1, ...array_map(fn (Sitting $sitting): int => $this->sizes[$sitting->course()->stepId] ?? 1, $setUp->sittings));
    }
}
