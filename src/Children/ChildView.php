<?php

declare(strict_types=1);

namespace Pindle\App\Children;

use Pindle\Core\Calendar\LocalDate;

/** A child as the screens see them. Where the parent has not said, what is used is shown beside. */
final readonly class ChildView
{
    /**
     * @param list<string>    $allergies
     * @param list<string>    $likedThings
     * @param list<list<int>> $rests
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $born,
        public ?int $ageMonths,
        public array $allergies,
        public array $likedThings,
        public array $rests,
        public ?int $minutesADay,
        public int $minutesUsed,
        public ?int $longestSitting,
        public int $longestSittingUsed,
        public ?bool $mayBeAlone,
        public bool $mayBeAloneUsed,
        public string $wayIn,
        public string $frameFilling,
        public int $thread,
        public bool $archived,
        public int $version,
    ) {
    }

    public static function of(ChildEntity $entity, LocalDate $today): self
    {
        $child = $entity->toCore();

        return new self(
            $entity->id,
            $entity->name,
            $entity->born,
            null === $entity->born ? null : $child->ageInMonths($today),
            $entity->allergies,
            $entity->likedThings,
            $entity->rests,
            $entity->minutesADay,
            $child->minutesOn($today),
            $entity->longestSitting,
            $child->longestSittingOn($today),
            $entity->mayBeAlone,
            $child->mayBeAloneOn($today),
            $entity->wayIn->value,
            $entity->frameFilling->value,
            $entity->thread,
            null !== $entity->archivedAt,
            $entity->version,
        );
    }
}
