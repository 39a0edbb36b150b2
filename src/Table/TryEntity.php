<?php

declare(strict_types=1);

namespace Pindle\App\Table;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Evidence\HelpLevel;
use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\OneTry;
use Pindle\Core\Evidence\Outcome;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Skill\Form;

/** A try as it happened. It is never edited; taking it back only marks it, and a correction is a try of its own, so that the history still shows both. */
#[ORM\Entity(repositoryClass: TryRepository::class)]
#[ORM\Table(name: 'try')]
#[ORM\Index(name: 'try_of_child', fields: ['childId', 'at'])]
#[ORM\Index(name: 'try_of_step', fields: ['childId', 'stepId', 'at'])]
#[ORM\Index(name: 'try_of_sitting', fields: ['sittingId'])]
class TryEntity
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
        /** Which question of the sitting, from 0. */
        #[ORM\Column]
        public readonly int $place,
        #[ORM\Column(length: 40)]
        public readonly string $familyId,
        #[ORM\Column(length: 10, nullable: true, enumType: Form::class)]
        public readonly ?Form $form,
        #[ORM\Column(length: 10, enumType: HelpLevel::class)]
        public readonly HelpLevel $help,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $thingIds,
        #[ORM\Column(length: 60)]
        public readonly string $question,
        #[ORM\Column]
        public readonly float $guess,
        #[ORM\Column(length: 15, enumType: Outcome::class)]
        public readonly Outcome $outcome,
        #[ORM\Column(length: 15, nullable: true, enumType: Method::class)]
        public readonly ?Method $method,
        #[ORM\Column(length: 25, nullable: true, enumType: Slip::class)]
        public readonly ?Slip $slip,
        /** Milliseconds since 1970, UTC. */
        #[ORM\Column(type: Types::BIGINT)]
        public readonly int $at,
        /** The family's own day. */
        #[ORM\Column(length: 10)]
        public readonly string $day,
        #[ORM\Column(length: 36)]
        public readonly string $deviceId,
        #[ORM\Column(type: Types::BIGINT, nullable: true)]
        public ?int $removedAt = null,
        /** Of a guessed amount: how far off it was, as a share of the count. */
        #[ORM\Column(nullable: true)]
        public readonly ?float $error = null,
        #[ORM\Column(options: ['default' => false])]
        public readonly bool $isLook = false,
        /** The try that this one stands in for, where the parent corrected it. */
        #[ORM\Column(length: 36, nullable: true)]
        public readonly ?string $corrects = null,
    ) {
    }

    public static function of(OneTry $try, string $childId, int $place, ?string $corrects = null): self
    {
        return new self(
            $try->id,
            $childId,
            $try->stepId,
            $try->sittingId,
            $place,
            $try->familyId,
            $try->form,
            $try->help,
            $try->thingIds,
            $try->question,
            $try->guess,
            $try->outcome,
            $try->method,
            $try->slip,
            (int) $try->at->format('Uv'),
            $try->day->toString(),
            $try->deviceId,
            null,
            $try->error,
            $try->isLook,
            $corrects,
        );
    }

    public function toCore(): OneTry
    {
        return new OneTry(
            $this->id,
            $this->stepId,
            $this->sittingId,
            $this->familyId,
            $this->form,
            $this->help,
            $this->thingIds,
            $this->question,
            $this->guess,
            $this->outcome,
            $this->method,
            $this->slip,
            self::instant($this->at),
            LocalDate::parse($this->day),
            $this->deviceId,
            $this->error,
            $this->isLook,
        );
    }

    /** @param int $at milliseconds since 1970 */
    public static function instant(int $at): \DateTimeImmutable
    {
        return new \DateTimeImmutable(\sprintf('@%d.%03d', intdiv($at, 1000), $at % 1000));
    }
}
