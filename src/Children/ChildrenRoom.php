<?php

declare(strict_types=1);

namespace Pindle\App\Children;

use Pindle\App\Platform\Http\Refusal;
use Pindle\Core\Child\Child;

/** The door of this room: who the children are. */
final readonly class ChildrenRoom
{
    public function __construct(private ChildRepository $children)
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

    /** Which thread stands for each child: child id => 0 to 5. @return array<string, int> */
    public function threads(): array
    {
        $threads = [];
        foreach ($this->children->present() as $child) {
            $threads[$child->id] = $child->thread;
        }

        return $threads;
    }
}
