<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Kept;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Child\Child;
use Pindle\Core\Child\CoinSet;
use Pindle\Core\Child\Settings;
use Symfony\Component\Uid\Uuid;

/** A child as stored. Archived children keep their record and are planned for no more. */
#[ORM\Entity(repositoryClass: ChildRepository::class)]
#[ORM\Table(name: 'child')]
class ChildEntity implements Readable
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column(length: 60)]
    public string $name;

    #[ORM\Column(length: 10, nullable: true)]
    public ?string $born = null;

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    public array $allergies = [];

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    public array $likedThings = [];

    /** @var list<array{int, int}> from and to in minutes after midnight */
    #[ORM\Column(type: Types::JSON)]
    public array $rests = [];

    #[ORM\Column(name: 'minutes_a_day', nullable: true)]
    public ?int $minutesADay = null;

    #[ORM\Column(nullable: true)]
    public ?int $longestSitting = null;

    #[ORM\Column(nullable: true)]
    public ?bool $mayBeAlone = null;

    /** @var array<string, string> setting => answer chosen for this child; what is not here follows the house */
    #[ORM\Column(type: Types::JSON, options: ['default' => '{}'])]
    public array $settings = [];

    /** @var list<string> steps the parent wants next */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $pins = [];

    /** @var list<string> strands the parent wants more of */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $focus = [];

    /** @var array<string, float> step id => belief before the first try */
    #[ORM\Column(type: Types::JSON)]
    public array $priors = [];

    /** Where the priors come from. */
    #[ORM\Column(length: 10, enumType: StartsFrom::class, options: ['default' => 'nothing'])]
    public StartsFrom $startsFrom = StartsFrom::Nothing;

    /** Which thread (colour, pattern and glyph) stands for the child, 0 to 5. */
    #[ORM\Column]
    public int $thread;

    #[ORM\Column(type: Types::DATETIME_IMMUTABLE, nullable: true)]
    public ?\DateTimeImmutable $archivedAt = null;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct(string $name, int $thread, ?string $id = null)
    {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->name = $name;
        $this->thread = $thread;
    }

    /**
     * @param array<string, string> $houseSettings setting => answer for the whole house
     * @param LocalDate             $on            the day the child's age is taken on
     */
    public function toCore(array $houseSettings, LocalDate $on, ?CoinSet $coins = null): Child
    {
        $child = $this->withDefaults();

        return $child->taught(Settings::chosen($this->settings, $houseSettings, $child->ageInMonths($on), $coins));
    }

    private function withDefaults(): Child
    {
        return new Child(
            $this->id,
            $this->name,
            null === $this->born ? null : LocalDate::parse($this->born),
            $this->allergies,
            $this->likedThings,
            array_map(static fn (array $rest): Span => new Span($rest[0], $rest[1]), $this->rests),
            $this->minutesADay,
            $this->longestSitting,
            $this->mayBeAlone,
            priors: $this->priors,
            pins: $this->pins,
            focus: $this->focus,
        );
    }

    public function mustRead(): void
    {
        Kept::texts($this->allergies, $this->likedThings, $this->pins, $this->focus, array_values($this->settings));
        if ([] !== array_filter($this->priors, static fn (mixed $prior): bool => !\is_float($prior) && !\is_int($prior))) {
            throw new \UnexpectedValueException('A belief is no number.');
        }
        $this->toCore([], null === $this->born ? LocalDate::fromDayNumber(0) : LocalDate::parse($this->born));
    }
}
