<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Content\ThingFile;
use Pindle\App\Platform\Database\RowSetAside;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;

/**
 * A child whose row cannot be read still lives here: bad data never switches a caution off. In its place stands a child of whom nothing is
 * known, so as young as can be, and kept from every allergen that the house or the list of ordinary things knows.
 */
#[AsEventListener]
final readonly class CarefulChild
{
    public function __construct(private EntityManagerInterface $entities, private ThingFile $things)
    {
    }

    public function __invoke(RowSetAside $event): void
    {
        ['id' => $id, 'name' => $name, 'thread' => $thread, 'archived_at' => $archived] = $event->row
            + ['id' => null, 'name' => null, 'thread' => null, 'archived_at' => null];
        if ('child' !== $event->table || !\is_string($id) || null !== $archived && false !== strtotime((string) $archived)) {
            return;
        }
        $this->entities->getConnection()->insert('child', [
            'id' => $id,
            'name' => \is_string($name) && mb_check_encoding($name, 'UTF-8') && '' !== trim($name) ? mb_substr($name, 0, 60) : 'Someone',
            'thread' => is_numeric($thread) ? max(0, min(Children::MOST - 1, (int) $thread)) : 0,
            'allergies' => json_encode($this->allergens(), \JSON_THROW_ON_ERROR),
            'liked_things' => '[]',
            'rests' => '[]',
            'priors' => '[]',
            'version' => 1,
        ]);
    }

    /** @return list<string> */
    private function allergens(): array
    {
        $allergens = array_merge(...array_map(static fn ($thing): array => $thing->allergens, array_values($this->things->things())));
        foreach ($this->entities->getConnection()->fetchFirstColumn('SELECT allergens FROM thing') as $stored) {
            $own = json_decode((string) $stored, true);
            $allergens = [...$allergens, ...array_filter(\is_array($own) ? $own : [], is_string(...))];
        }

        return array_values(array_unique($allergens));
    }
}
