<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;

/** What one day allows: when the parent can be there, whether outside will do, whether it must be quiet. */
#[ORM\Entity]
#[ORM\Table(name: 'day')]
class DayEntity
{
    #[ORM\Id]
    #[ORM\Column(length: 10)]
    public readonly string $date;

    /** @var list<array{int, int}> from and to in minutes after midnight */
    #[ORM\Column(type: Types::JSON)]
    public array $windows = [[540, 580], [780, 805]];

    #[ORM\Column]
    public bool $wet = false;

    #[ORM\Column]
    public bool $quiet = false;

    /** How often this day was planned; 0 before the first time. */
    #[ORM\Column]
    public int $planned = 0;

    /** @var list<string> activities the parent wants today */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $wanted = [];

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct(LocalDate $date, ?self $like = null)
    {
        $this->date = $date->toString();
        if (null !== $like) {
            $this->windows = $like->windows;
        }
    }

    /** @return list<Span> */
    public function spans(): array
    {
        return array_map(static fn (array $window): Span => new Span($window[0], $window[1]), $this->windows);
    }

    /** @return list<Place> */
    public function places(): array
    {
        return $this->wet ? [Place::Table, Place::Floor] : [Place::Table, Place::Floor, Place::Outdoors];
    }
}
