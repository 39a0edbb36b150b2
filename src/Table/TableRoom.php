<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Doctrine\ORM\EntityManagerInterface;
use Pindle\Core\Child\Child;
use Pindle\Core\Evidence\ChildRecord;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Witness;

/** The door of this room: what was seen, and the record that follows from it. */
final readonly class TableRoom
{
    public function __construct(private TryRepository $tries, private RecordStore $records, private EntityManagerInterface $entities)
    {
    }

    public function record(Child $child): ChildRecord
    {
        return $this->records->of($child);
    }

    /** One more try; the record follows at once. */
    public function recordTry(Child $child, OneTry $try, int $place): ChildRecord
    {
        return $this->records->change($child, fn () => $this->entities->persist(TryEntity::of($try, $child->id, $place)), [$try]);
    }

    /** A note of a witness, or a mark set by hand. Sending one twice writes it once. */
    public function note(Child $child, Witness|HandMark $seen, ?string $sittingId = null): ChildRecord
    {
        if (null !== $this->entities->find(NoteEntity::class, $seen->id)) {
            return $this->record($child);
        }

        return $this->records->change($child, fn () => $this->entities->persist(NoteEntity::of($seen, $child->id, $sittingId)), [$seen]);
    }

    /** Takes back a try or a note; the history still shows it. */
    public function takeBack(Child $child, TryEntity|NoteEntity $seen, \DateTimeImmutable $now): ChildRecord
    {
        if (null !== $seen->removedAt) {
            return $this->record($child);
        }

        return $this->records->change($child, static function () use ($seen, $now): void {
            $seen->removedAt = (int) $now->format('Uv');
        }, [], [$seen->stepId]);
    }

    /** The try or note of this id, whoever it is about. */
    public function seen(string $id): TryEntity|NoteEntity|null
    {
        return $this->tries->find($id) ?? $this->entities->find(NoteEntity::class, $id);
    }

    /** Puts a corrected try in the place of another; the history shows both. */
    public function correct(Child $child, TryEntity $wrong, OneTry $right, \DateTimeImmutable $now): ChildRecord
    {
        return $this->records->change($child, function () use ($child, $wrong, $right, $now): void {
            $wrong->removedAt = (int) $now->format('Uv');
            $this->entities->flush();
            $this->entities->persist(TryEntity::of($right, $child->id, $wrong->place, $wrong->id));
        }, [$right], [$wrong->stepId]);
    }

    /** @return list<OneTry> of one sitting, in order */
    public function triesIn(string $sittingId): array
    {
        return array_map(static fn (TryEntity $try): OneTry => $try->toCore(), $this->tries->ofSittings([$sittingId]));
    }

    /** @return list<array{seen: OneTry|Witness|HandMark, removed: bool, corrects: string|null}> of one step, newest first, those taken back included */
    public function history(string $childId, string $stepId): array
    {
        $history = array_map(
            static fn (TryEntity|NoteEntity $seen): array => ['seen' => $seen->toCore(), 'removed' => null !== $seen->removedAt, 'corrects' => $seen instanceof TryEntity ? $seen->corrects : null],
            [...$this->tries->ofStep($childId, $stepId), ...$this->entities->getRepository(NoteEntity::class)->findBy(['childId' => $childId, 'stepId' => $stepId])],
        );
        usort($history, static fn (array $a, array $b): int => OneTry::compare($b['seen'], $a['seen']));

        return $history;
    }

    /** A try that is known whole, as in the demo; the caller flushes, and the record is made at the first look at it. */
    public function keep(OneTry $try, string $childId, int $place): void
    {
        $this->entities->persist(TryEntity::of($try, $childId, $place));
    }
}
