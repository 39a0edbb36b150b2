<?php

declare(strict_types=1);

namespace Pindle\App\Cupboard;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\Core\Thing\Thing;

/** The door of this room: what the house has. */
final readonly class CupboardRoom
{
    public function __construct(private ThingRepository $things, private EntityManagerInterface $entities)
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

    /** A thing that comes with its own id, as in the demo; the caller flushes. */
    public function stock(Thing $thing, string $shippedId): void
    {
        $this->entities->persist(ThingEntity::fromShipped(new Thing($shippedId, $thing->name, $thing->single, $thing->amount, $thing->size, $thing->shape, $thing->traits, $thing->allergens, $thing->glyph, $thing->mass, $thing->massSpread, $thing->colours), $thing->amount, $thing->id));
    }
}
