<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Closing;
use Pindle\Core\Evidence\ClosingMark;
use Pindle\Core\Skill\Form;

/** A closing mark or a tally for one step of a sitting. Never edited; taking it back only marks it. */
#[ORM\Entity]
#[ORM\Table(name: 'closing')]
#[ORM\Index(name: 'closing_of_step', fields: ['childId', 'stepId', 'at'])]
#[ORM\Index(name: 'closing_of_sitting', fields: ['sittingId'])]
class ClosingEntity implements Readable
{
    /** @param list<string> $thingIds */
    private function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\Column(length: 36)]
        public readonly string $childId,
        #[ORM\Column(length: 40)]
        public readonly string $stepId,
        #[ORM\Column(length: 36)]
        public readonly string $sittingId,
        #[ORM\Column(length: 40)]
        public readonly string $activityId,
        #[ORM\Column(length: 10, nullable: true, enumType: Form::class)]
        public readonly ?Form $form,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $thingIds,
        #[ORM\Column(length: 15, enumType: ClosingMark::class)]
        public readonly ClosingMark $mark,
        /** Questions that were asked without help and not tapped: it speaks of these. */
        #[ORM\Column]
        public readonly int $covers,
        /** Of a tally: done alone, of so many. */
        #[ORM\Column(nullable: true)]
        public readonly ?int $alone,
        #[ORM\Column(nullable: true)]
        public readonly ?int $ofAll,
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

    public static function of(Closing $closing, string $childId): self
    {
        return new self(
            $closing->id,
            $childId,
            $closing->stepId,
            $closing->sittingId,
            $closing->activityId,
            $closing->form,
            $closing->thingIds,
            $closing->mark,
            $closing->covers,
            $closing->alone,
            $closing->of,
            (int) $closing->at->format('Uv'),
            $closing->day->toString(),
            $closing->deviceId,
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
        $things = json_decode($text('thing_ids'), true, 4, \JSON_THROW_ON_ERROR);

        return new self(
            $text('id'),
            $text('child_id'),
            $text('step_id'),
            $text('sitting_id'),
            $text('activity_id'),
            null === $row['form'] ? null : Form::from($text('form')),
            \is_array($things) ? array_values(array_map(strval(...), $things)) : [],
            ClosingMark::from($text('mark')),
            (int) $text('covers'),
            null === $row['alone'] ? null : (int) $text('alone'),
            null === $row['of_all'] ? null : (int) $text('of_all'),
            (int) $text('at'),
            $text('day'),
            $text('device_id'),
            null === $row['removed_at'] ? null : (int) $text('removed_at'),
        );
    }

    public function toCore(): Closing
    {
        return new Closing(
            $this->id,
            $this->stepId,
            $this->sittingId,
            $this->activityId,
            $this->form,
            $this->thingIds,
            $this->mark,
            $this->covers,
            AttemptEntity::instant($this->at),
            LocalDate::parse($this->day),
            $this->deviceId,
            $this->alone,
            $this->ofAll,
        );
    }

    public function mustRead(): void
    {
        $this->toCore();
    }
}
