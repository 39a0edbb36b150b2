<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Kept;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Shape;
use Pindle\Core\Thing\Size;
use Pindle\Core\Thing\Thing;
use Symfony\Component\Uid\Uuid;

/** A kind of thing in the house as stored. Tried-with things stay in the record by their id, so a thing is put away rather than deleted. */
#[ORM\Entity(repositoryClass: ThingRepository::class)]
#[ORM\Table(name: 'thing')]
class ThingEntity implements Readable
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    #[ORM\Column(length: 60)]
    public string $name;

    #[ORM\Column(length: 60)]
    public string $single;

    #[ORM\Column]
    public int $amount;

    /** @var list<float>|null three sides in millimetres */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $size = null;

    #[ORM\Column(length: 10, enumType: Shape::class)]
    public Shape $shape = Shape::Unknown;

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    public array $traits = [];

    /** @var list<string> */
    #[ORM\Column(type: Types::JSON)]
    public array $allergens = [];

    #[ORM\Column(length: 20)]
    public string $glyph = 'counter';

    /** Grams of one, and how far they differ (standard deviation). */
    #[ORM\Column(nullable: true)]
    public ?float $mass = null;

    #[ORM\Column(nullable: true)]
    public ?float $massDeviation = null;

    /** How many clearly different colours or kinds there are of it. */
    #[ORM\Column(options: ['default' => 1])]
    public int $colours = 1;

    /** @var list<string>|null what the parent says it can do (Ability); null where nobody was asked */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $can = null;

    /** Which of the shipped ordinary things it was ticked as; null for the household's own. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $shipped = null;

    /** Where it is kept, in the parent's words. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $keptAt = null;

    #[ORM\Column]
    public bool $putAway = false;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct(string $name, string $single, int $amount, ?string $id = null)
    {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->name = $name;
        $this->single = $single;
        $this->amount = $amount;
    }

    public static function fromShipped(Thing $shipped, ?int $amount = null, ?string $id = null): self
    {
        $thing = new self($shipped->name, $shipped->single, $amount ?? $shipped->amount, $id);
        $thing->size = null === $shipped->size ? null : [$shipped->size->short, $shipped->size->middle, $shipped->size->long];
        $thing->shape = $shipped->shape;
        $thing->traits = $shipped->traits;
        $thing->allergens = $shipped->allergens;
        $thing->glyph = $shipped->glyph;
        $thing->mass = $shipped->mass;
        $thing->massDeviation = $shipped->massDeviation;
        $thing->colours = $shipped->colours;
        $thing->shipped = $shipped->id;

        return $thing;
    }

    /** @param list<Ability>|null $usual what a thing of its kind can do, where nobody was asked; by its shape where it is left out */
    public function toCore(?array $usual = null): Thing
    {
        $can = null === $this->can ? $usual ?? Ability::usual($this->shape) : array_map(Ability::from(...), $this->can);

        return new Thing(
            $this->id,
            $this->name,
            $this->single,
            $this->amount,
            null === $this->size ? null : Size::of($this->size[0], $this->size[1], $this->size[2]),
            $this->shape,
            $this->traits,
            $this->allergens,
            $this->glyph,
            $this->mass,
            $this->massDeviation,
            $this->colours,
            // Its shape may have been written down anew since.
            array_values(array_filter($can, fn (Ability $ability): bool => !$ability->isAgainst($this->shape))),
        );
    }

    public function mustRead(): void
    {
        Kept::texts($this->traits, $this->allergens, $this->can ?? []);
        $this->toCore();
    }
}
