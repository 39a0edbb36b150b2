<?php

declare(strict_types=1);

namespace Pindle\App\Record;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\Help;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Purpose;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;

/**
 * An attempt as it happened. It is never edited; taking it back only marks it, and a correction is an attempt of its own, so that the history still shows
 * both.
 */
#[ORM\Entity(repositoryClass: AttemptRepository::class)]
#[ORM\Table(name: 'attempt')]
#[ORM\Index(name: 'attempt_of_child', fields: ['childId', 'at'])]
#[ORM\Index(name: 'attempt_of_step', fields: ['childId', 'stepId', 'at'])]
#[ORM\Index(name: 'attempt_of_sitting', fields: ['sittingId'])]
class AttemptEntity implements Readable
{
    /** @param list<string> $thingIds */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\Column(length: 36)]
        public readonly string $childId,
        #[ORM\Column(length: 40)]
        public readonly string $stepId,
        #[ORM\Column(length: 36)]
        public readonly string $sittingId,
        /** The question of the sitting that was asked; empty in a first look. */
        #[ORM\Column(length: 50)]
        public readonly string $questionId,
        #[ORM\Column(length: 40)]
        public readonly string $activityId,
        #[ORM\Column(length: 10, nullable: true, enumType: Form::class)]
        public readonly ?Form $form,
        #[ORM\Column(length: 10, enumType: Help::class)]
        public readonly Help $help,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $thingIds,
        #[ORM\Column(length: 60)]
        public readonly string $question,
        /** Answers laid before the child; null for an open question. */
        #[ORM\Column(nullable: true)]
        public readonly ?int $choices,
        #[ORM\Column(length: 15, enumType: Outcome::class)]
        public readonly Outcome $outcome,
        #[ORM\Column(length: 15, nullable: true, enumType: Method::class)]
        public readonly ?Method $method,
        #[ORM\Column(length: 25, nullable: true, enumType: Slip::class)]
        public readonly ?Slip $slip,
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
        /** Of a guessed amount: how far off it was, as a share of the count. */
        #[ORM\Column(nullable: true)]
        public readonly ?float $error = null,
        #[ORM\Column(length: 10, enumType: Purpose::class, options: ['default' => 'sitting'])]
        public readonly Purpose $purpose = Purpose::Sitting,
        /** The attempt that this one stands in for, where the parent corrected it. */
        #[ORM\Column(length: 36, nullable: true)]
        public readonly ?string $corrects = null,
        /** Of a guessed amount: what was said, and what was counted then. */
        #[ORM\Column(nullable: true)]
        public readonly ?int $guess = null,
        #[ORM\Column(nullable: true)]
        public readonly ?int $counted = null,
    ) {
    }

    public static function of(Attempt $attempt, string $childId, string $questionId, ?string $corrects = null): self
    {
        return new self(
            $attempt->id,
            $childId,
            $attempt->stepId,
            $attempt->sittingId,
            $questionId,
            $attempt->activityId,
            $attempt->form,
            $attempt->help,
            $attempt->thingIds,
            $attempt->question,
            $attempt->choices,
            $attempt->outcome,
            $attempt->method,
            $attempt->slip,
            (int) $attempt->at->format('Uv'),
            $attempt->day->toString(),
            $attempt->deviceId,
            null,
            $attempt->error,
            $attempt->purpose,
            $corrects,
            $attempt->guess,
            $attempt->counted,
        );
    }

    /**
     * As the database has it, without the ORM: years of attempts are read at a time.
     *
     * @param array<string, mixed> $row column => value
     */
    public static function ofRow(array $row): self
    {
        $text = static fn (string $column): string => (string) $row[$column];
        $given = static fn (string $column): ?string => null === $row[$column] ? null : (string) $row[$column];
        $things = json_decode($text('thing_ids'), true, 4, \JSON_THROW_ON_ERROR);

        return new self(
            $text('id'),
            $text('child_id'),
            $text('step_id'),
            $text('sitting_id'),
            $text('question_id'),
            $text('activity_id'),
            null === $row['form'] ? null : Form::from($text('form')),
            Help::from($text('help')),
            \is_array($things) ? array_values(array_map(strval(...), $things)) : [],
            $text('question'),
            null === $row['choices'] ? null : (int) $text('choices'),
            Outcome::from($text('outcome')),
            null === $row['method'] ? null : Method::from($text('method')),
            null === $row['slip'] ? null : Slip::from($text('slip')),
            (int) $text('at'),
            $text('day'),
            $text('device_id'),
            null === $row['removed_at'] ? null : (int) $text('removed_at'),
            null === $row['error'] ? null : (float) $text('error'),
            Purpose::from($text('purpose')),
            $given('corrects'),
            null === $row['guess'] ? null : (int) $text('guess'),
            null === $row['counted'] ? null : (int) $text('counted'),
        );
    }

    public function toCore(): Attempt
    {
        return new Attempt(
            $this->id,
            $this->stepId,
            $this->sittingId,
            $this->activityId,
            $this->form,
            $this->help,
            $this->thingIds,
            $this->question,
            $this->choices,
            $this->outcome,
            $this->method,
            $this->slip,
            self::instant($this->at),
            LocalDate::parse($this->day),
            $this->deviceId,
            $this->error,
            $this->purpose,
            $this->guess,
            $this->counted,
        );
    }

    /** @param int $at milliseconds since 1970 */
    public static function instant(int $at): \DateTimeImmutable
    {
        return new \DateTimeImmutable(\sprintf('@%d.%03d', intdiv($at, 1000), $at % 1000));
    }

    public function mustRead(): void
    {
        $this->toCore();
    }
}
