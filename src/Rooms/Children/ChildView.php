<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Household\ChildEntity;
use Pindle\App\Household\StartsFrom;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Caution\Cautions;
use Pindle\Core\Child\Child;

/** A child as the screens see them. Where the parent has not said, what is used is shown beside. */
final readonly class ChildView
{
    /**
     * @param list<string>    $allergies
     * @param list<string>    $allergiesAsked those of them that nobody knows: they are asked about at all food
     * @param list<string>    $likedThings
     * @param list<list<int>> $rests
     * @param array<string, string> $settings     chosen for this child
     * @param array<string, string> $settingsUsed in force
     * @param StartsFrom            $startsFrom   what the record starts from
     */
    private function __construct(
        public string $id,
        public string $name,
        public ?string $born,
        public ?int $ageMonths,
        public array $allergies,
        public array $allergiesAsked,
        public array $likedThings,
        public array $rests,
        public ?int $minutesADay,
        public int $minutesUsed,
        public ?int $longestSitting,
        public int $longestSittingUsed,
        public ?bool $mayBeAlone,
        public bool $mayBeAloneUsed,
        public array $settings,
        public array $settingsUsed,
        public StartsFrom $startsFrom,
        public int $thread,
        public bool $archived,
        public int $version,
    ) {
    }

    public static function of(ChildEntity $entity, Child $child, LocalDate $today, Cautions $cautions): self
    {
        return new self(
            $entity->id,
            $entity->name,
            $entity->born,
            null === $entity->born ? null : $child->ageInMonths($today),
            $entity->allergies,
            array_values(array_filter($entity->allergies, static fn (string $word): bool => null === $cautions->allergen($word))),
            $entity->likedThings,
            $entity->rests,
            $entity->minutesADay,
            $child->minutesOn($today),
            $entity->longestSitting,
            $child->longestSittingOn($today),
            $entity->mayBeAlone,
            $child->mayBeAloneOn($today),
            $entity->settings,
            $child->settings->answers(),
            $entity->startsFrom,
            $entity->thread,
            null !== $entity->archivedAt,
            $entity->version,
        );
    }
}
