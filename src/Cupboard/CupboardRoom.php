<?php

declare(strict_types=1);

namespace Pindle\App\Cupboard;

use Pindle\Core\Thing\Thing;

/** The door of this room: what the house has. */
final readonly class CupboardRoom
{
    public function __construct(private ThingRepository $things)
    {
    }

    /** @return list<Thing> in stable order */
    public function present(): array
    {
        return array_map(static fn (ThingEntity $thing): Thing => $thing->toCore(), $this->things->present());
    }

    /** @return array<string, Thing> by id, things put away included */
    public function ever(): array
    {
        $things = [];
        foreach ($this->things->findAll() as $thing) {
            $things[$thing->id] = $thing->toCore();
        }

        return $things;
    }
}
