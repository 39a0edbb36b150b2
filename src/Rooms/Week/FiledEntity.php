<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\Appointment;
use Pindle\Core\Calendar\Filed;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;

/** An appointment that was given to a calendar outside. */
#[ORM\Entity]
#[ORM\Table(name: 'filed')]
class FiledEntity implements Readable
{
    #[ORM\Id]
    #[ORM\Column(length: 80)]
    public readonly string $name;

    #[ORM\Column(length: 36)]
    private string $uid;

    #[ORM\Column(length: 10)]
    private string $date;

    #[ORM\Column]
    private int $start;

    #[ORM\Column]
    private int $until;

    #[ORM\Column(length: 300)]
    private string $title;

    #[ORM\Column(type: Types::TEXT)]
    private string $notes;

    #[ORM\Column]
    private int $sequence;

    #[ORM\Column(length: 10, nullable: true)]
    private ?string $cancelled;

    public function __construct(Filed $filed)
    {
        $this->name = $filed->appointment->key;
        $this->take($filed);
    }

    public function take(Filed $filed): void
    {
        $this->uid = $filed->uid;
        $this->date = $filed->appointment->date->toString();
        $this->start = $filed->appointment->span->start;
        $this->until = $filed->appointment->span->end;
        $this->title = $filed->appointment->title;
        $this->notes = $filed->appointment->notes;
        $this->sequence = $filed->sequence;
        $this->cancelled = $filed->cancelled?->toString();
    }

    public function toCore(): Filed
    {
        return new Filed(
            $this->uid,
            new Appointment($this->name, LocalDate::parse($this->date), new Span($this->start, $this->until), $this->title, $this->notes),
            $this->sequence,
            null === $this->cancelled ? null : LocalDate::parse($this->cancelled),
        );
    }

    public function mustRead(): void
    {
        $this->toCore();
    }
}
