<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;

/**
 * One activity of one day as it was planned, and how far it got. Its id stays while the day is planned again.
 *
 * @phpstan-import-type StoredWarning from Stored
 */
#[ORM\Entity]
#[ORM\Table(name: 'set_up')]
#[ORM\Index(name: 'set_up_of_day', fields: ['date'])]
class SetUpEntity implements Readable
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public string $id;

    #[ORM\Column(length: 10)]
    public string $date;

    #[ORM\Column(length: 10, enumType: SetUpState::class)]
    public SetUpState $state = SetUpState::Planned;

    #[ORM\Column(length: 40)]
    public string $activityId;

    #[ORM\Column(length: 10, enumType: Place::class)]
    public Place $place;

    #[ORM\Column(length: 10, enumType: Part::class)]
    public Part $part;

    #[ORM\Column]
    public int $start;

    #[ORM\Column]
    public int $minutes;

    /** @var list<array{role: string, thing: string, count: int, colour?: int}> */
    #[ORM\Column(type: Types::JSON)]
    public array $laid;

    /** @var list<string> ids of what is wanted besides, with what the children answer with */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $props = [];

    /** @var list<StoredWarning>|null words of care; null where they were never worked out */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $warnings = null;

    /** Whether it stays when the day is planned again. */
    #[ORM\Column(options: ['default' => false])]
    public bool $held = false;

    /** Whether somebody did not want to. */
    #[ORM\Column(options: ['default' => false])]
    public bool $refused = false;

    /** What the parent wrote down about it. */
    #[ORM\Column(length: 500, nullable: true)]
    public ?string $note = null;

    /** Which version of its questions this is, from 1. */
    #[ORM\Column(options: ['default' => 1])]
    public int $revision = 1;

    /** @var Collection<int, SittingEntity> */
    #[ORM\OneToMany(targetEntity: SittingEntity::class, mappedBy: 'setUp')]
    #[ORM\OrderBy(['turn' => 'ASC', 'id' => 'ASC'])]
    public Collection $sittings;

    public function __construct()
    {
        $this->sittings = new ArrayCollection();
    }

    public function mustRead(): void
    {
        LocalDate::parse($this->date);
        array_map(Stored::readWarning(...), $this->warnings ?? []);
        new Span($this->start, $this->start + $this->minutes);
    }
}
