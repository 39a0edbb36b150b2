<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Activity\Occasion;
use Pindle\Core\Activity\Part;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;
use Pindle\Core\Thing\Thing;

/** Someone woke: what must leave the table at once, and what of a set-up goes on. */
final readonly class Woken
{
    /**
     * @param SetUp       $setUp   that lies out now
     * @param list<Thing> $leaves  what has to leave the table now
     */
    private function __construct(public SetUp $setUp, public array $leaves, public HowItGoesOn $goesOn)
    {
    }

    /** Worked out from what lies there alone: no plan is made for it, and it is there in the same second. */
    public static function at(SetUp $setUp, Child $woken, DayRequest $request, Cautions $cautions): self
    {
        $leaves = array_values(array_filter(
            $setUp->things(),
            static fn (Thing $thing): bool => $thing->id !== $setUp->activity->id
                && (!$cautions->allow($thing, [$woken], $request->date)
                    || (Part::With !== $setUp->part && $cautions->wantParent($thing, [$woken], $request->date))),
        ));
        $blocksAll = !$cautions->allow($setUp->activity->asThing($setUp->place), [$woken], $request->date);
        $isSpoken = \in_array(Occasion::ArmsFull, $setUp->activity->occasions, true) || [] === array_filter(
            $setUp->sittings,
            static fn (Sitting $sitting): bool => null !== $sitting->course()->form,
        );

        return new self($setUp, $leaves, match (true) {
            $blocksAll => HowItGoesOn::Stops,
            [] === $leaves => HowItGoesOn::AsItIs,
            $isSpoken => HowItGoesOn::ByVoice,
            default => HowItGoesOn::Stops,
        });
    }
}
