<?php

declare(strict_types=1);

namespace Pindle\App\Children;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;

/** The door of this room: who the children are. */
final readonly class ChildrenRoom
{
    public function __construct(private ChildRepository $children, private EntityManagerInterface $entities)
    {
    }

    /** @return list<Child> */
    public function present(): array
    {
        return array_map(static fn (ChildEntity $child): Child => $child->toCore(), $this->children->present());
    }

    /** @throws Refusal 404 when there is no such child in the house now */
    public function child(string $id, string $field = 'childId'): Child
    {
        $child = $this->children->find($id);

        return null !== $child && null === $child->archivedAt ? $child->toCore() : throw Refusal::notFound($field, 'There is no such child in the house now.');
    }

    /** A child who comes with everything already known, as in the demo; the caller flushes. */
    public function moveIn(Child $child, int $thread): void
    {
        $entity = new ChildEntity($child->name, $thread, $child->id);
        $entity->born = $child->born?->toString();
        $entity->allergies = $child->allergies;
        $entity->likedThings = $child->likedThings;
        $entity->rests = array_map(static fn (Span $rest): array => [$rest->start, $rest->end], $child->rests);
        $entity->minutesADay = $child->minutesADay;
        $entity->longestSitting = $child->longestSitting;
        $entity->mayBeAlone = $child->mayBeAlone;
        $entity->wayIn = $child->wayIn;
        $entity->frameFilling = $child->frameFilling;
        $entity->priors = $child->priors;
        $this->entities->persist($entity);
    }

    /** @return array<string, int> child id => which thread stands for the child, 0 to 5 */
    public function threads(): array
    {
        $threads = [];
        foreach ($this->children->present() as $child) {
            $threads[$child->id] = $child->thread;
        }

        return $threads;
    }
}
