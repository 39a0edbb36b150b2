<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Skill\SkillMap;

/** The door of this room: what was tried, and the record that follows from it. */
final readonly class TableRoom
{
    public function __construct(private TryRepository $tries, private SkillMap $map, private EntityManagerInterface $entities)
    {
    }

    public function record(Child $child): ChildRecord
    {
        return ChildRecord::replay($this->map, $this->triesOf($child->id), priors: $child->priors);
    }

    /** The record as if one sitting had not been. */
    public function recordWithout(Child $child, string $sittingId): ChildRecord
    {
        return ChildRecord::replay($this->map, array_values(array_filter($this->triesOf($child->id), static fn (OneTry $try): bool => $try->sittingId !== $sittingId)), priors: $child->priors);
    }

    /** @return list<OneTry> of one sitting, in order */
    public function triesIn(string $sittingId): array
    {
        return array_map(static fn (TryEntity $try): OneTry => $try->toCore(), $this->tries->ofSittings([$sittingId]));
    }

    /** @return list<array{try: OneTry, removed: bool}> of one step, newest first, those taken back included */
    public function history(string $childId, string $stepId): array
    {
        return array_map(static fn (TryEntity $try): array => ['try' => $try->toCore(), 'removed' => null !== $try->removedAt], $this->tries->ofStep($childId, $stepId));
    }

    /** A try that is known whole, as in the demo; the caller flushes. */
    public function keep(OneTry $try, string $childId, int $place): void
    {
        $this->entities->persist(TryEntity::of($try, $childId, $place));
    }

    /** @return list<OneTry> */
    private function triesOf(string $childId): array
    {
        return array_map(static fn (TryEntity $try): OneTry => $try->toCore(), $this->tries->ofChild($childId));
    }
}
