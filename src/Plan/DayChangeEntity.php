<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** One change of a planned day: what was asked, what it moved, and the day as it was before, so that it can be taken back. */
#[ORM\Entity]
#[ORM\Table(name: 'day_change')]
#[ORM\Index(name: 'day_change_of_day', fields: ['date', 'id'])]
class DayChangeEntity
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column]
    public ?int $id = null;

    #[ORM\Column(length: 10)]
    public string $date;

    #[ORM\Column(length: 20, enumType: Verb::class)]
    public Verb $verb;

    /** @var list<string> what moved, in words */
    #[ORM\Column(type: Types::JSON)]
    public array $said = [];

    /** @var array<string, list<array<string, int|float|string|null>>> table => its rows of the day */
    #[ORM\Column(type: Types::JSON)]
    public array $before = [];

    /** The version of the day before and after it. */
    #[ORM\Column]
    public int $fromVersion;

    #[ORM\Column]
    public int $toVersion;
}
