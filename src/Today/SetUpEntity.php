<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\Core\Activity\Part;
use Pindle\Core\Activity\Place;

/** One activity of one day as it was planned, and how far it got. */
#[ORM\Entity]
#[ORM\Table(name: 'set_up')]
#[ORM\Index(name: 'set_up_of_day', fields: ['date'])]
class SetUpEntity
{
    #[ORM\Column(length: 10, enumType: SetUpState::class)]
    public SetUpState $state = SetUpState::Planned;

    /** @var Collection<int, SittingEntity> */
    #[ORM\OneToMany(targetEntity: SittingEntity::class, mappedBy: 'setUp', cascade: ['persist', 'remove'], fetch: 'EAGER')]
    #[ORM\OrderBy(['id' => 'ASC'])]
    public Collection $sittings;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    /** @param list<array{role: string, thing: string, count: int}> $laid */
    public function __construct(
        #[ORM\Id]
        #[ORM\Column(length: 36)]
        public readonly string $id,
        #[ORM\Column(length: 10)]
        public readonly string $date,
        #[ORM\Column(length: 40)]
        public readonly string $familyId,
        #[ORM\Column(length: 10, enumType: Place::class)]
        public readonly Place $place,
        #[ORM\Column(length: 10, enumType: Part::class)]
        public readonly Part $part,
        #[ORM\Column]
        public readonly int $start,
        #[ORM\Column]
        public readonly int $minutes,
        #[ORM\Column(type: Types::JSON)]
        public readonly array $laid,
        /** @var list<string> ids of what is wanted besides, with what the children answer with */
        #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
        public readonly array $props = [],
    ) {
        $this->sittings = new ArrayCollection();
    }
}
