<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Skill\SkillMap;

/** The door of this room: what was tried, and the record that follows from it. */
final readonly class TableRoom
{
    public function __construct(private TryRepository $tries, private SkillMap $map)
    {
    }

    public function record(string $childId): ChildRecord
    {
        return ChildRecord::replay($this->map, $this->triesOf($childId));
    }

    /**
     * The record as it was before some sitting.
     */
    public function recordWithout(string $childId, string $sittingId): ChildRecord
    {
        return ChildRecord::replay($this->map, array_values(array_filter($this->triesOf($childId), static fn (OneTry $try): bool => $try->sittingId !== $sittingId)));
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

    /** @return list<OneTry> */
    private function triesOf(string $childId): array
    {
        return array_map(static fn (TryEntity $try): OneTry => $try->toCore(), $this->tries->ofChild($childId));
    }
}
