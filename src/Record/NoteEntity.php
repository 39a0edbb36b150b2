<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\HandMark;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Witness;

/** What was seen outside a question (it has an outcome), or a mark the parent set (it has a mark). Never edited; taking it back only marks it. */
#[ORM\Entity]
#[ORM\Table(name: 'note')]
#[ORM\Index(name: 'note_of_step', fields: ['childId', 'stepId', 'at'])]
class NoteEntity implements Readable
{
    private function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\Column(length: 36)]
        public readonly string $childId,
        #[ORM\Column(length: 40)]
        public readonly string $stepId,
        /** The sitting that was logged all at once, if it was. */
        #[ORM\Column(length: 36, nullable: true)]
        public readonly ?string $sittingId,
        #[ORM\Column(length: 15, nullable: true, enumType: Outcome::class)]
        public readonly ?Outcome $outcome,
        #[ORM\Column(length: 10, nullable: true, enumType: Mark::class)]
        public readonly ?Mark $mark,
        #[ORM\Column(length: 200)]
        public readonly string $note,
        /** Milliseconds since 1970, UTC. */
        #[ORM\Column(type: Types::BIGINT)]
        public readonly int $at,
        /** The household's own day. */
        #[ORM\Column(length: 10)]
        public readonly string $day,
        #[ORM\Column(length: 36)]
        public readonly string $deviceId,
        #[ORM\Column(type: Types::BIGINT, nullable: true)]
        public ?int $removedAt = null,
    ) {
    }

    public static function of(Witness|HandMark $seen, string $childId, ?string $sittingId = null): self
    {
        return new self(
            $seen->id,
            $childId,
            $seen->stepId,
            $sittingId,
            $seen instanceof Witness ? $seen->outcome : null,
            $seen instanceof HandMark ? $seen->mark : null,
            $seen->note,
            (int) $seen->at->format('Uv'),
            $seen->day->toString(),
            $seen->deviceId,
        );
    }

    /**
     * As the database has it, without the ORM.
     *
     * @param array<string, mixed> $row column => value
     */
    public static function ofRow(array $row): self
    {
        $text = static fn (string $column): string => (string) $row[$column];

        return new self(
            $text('id'),
            $text('child_id'),
            $text('step_id'),
            null === $row['sitting_id'] ? null : $text('sitting_id'),
            null === $row['outcome'] ? null : Outcome::from($text('outcome')),
            null === $row['mark'] ? null : Mark::from($text('mark')),
            $text('note'),
            (int) $text('at'),
            $text('day'),
            $text('device_id'),
            null === $row['removed_at'] ? null : (int) $text('removed_at'),
        );
    }

    public function toCore(): Witness|HandMark
    {
        $at = AttemptEntity::instant($this->at);
        $day = LocalDate::parse($this->day);

        return null === $this->mark
            ? new Witness($this->id, $this->stepId, $this->outcome ?? Outcome::WithHelp, $this->note, $at, $day, $this->deviceId)
            : new HandMark($this->id, $this->stepId, $this->mark, $this->note, $at, $day, $this->deviceId);
    }

    public function mustRead(): void
    {
        $this->toCore();
    }
}
