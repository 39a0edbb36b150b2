<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** How far the first evening got. There is one row; none before it begins. */
#[ORM\Entity]
#[ORM\Table(name: 'evening')]
class EveningEntity
{
    public const ID = 1;

    #[ORM\Id]
    #[ORM\Column]
    public readonly int $id;

    #[ORM\Column(length: 10, enumType: Screen::class)]
    public Screen $screen = Screen::Who;

    /** Whose first activity it is. */
    #[ORM\Column(length: 36, nullable: true)]
    public ?string $childId = null;

    /** @var list<string> shipped things that are in sight */
    #[ORM\Column(type: Types::JSON)]
    public array $thingIds = [];

    /** @var list<array{string, string}> step and how often it was seen, card by card */
    #[ORM\Column(type: Types::JSON)]
    public array $answers = [];

    /** @var list<string> activities that were passed over */
    #[ORM\Column(type: Types::JSON)]
    public array $passed = [];

    #[ORM\Column(length: 40, nullable: true)]
    public ?string $activityId = null;

    #[ORM\Column(length: 40, nullable: true)]
    public ?string $stepId = null;

    /** The day the activity is for. */
    #[ORM\Column(length: 10, nullable: true)]
    public ?string $forDay = null;

    #[ORM\Column(length: 15, nullable: true, enumType: MorningMark::class)]
    public ?MorningMark $mark = null;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct()
    {
        $this->id = self::ID;
    }
}
