<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Printable\Fit;
use Pindle\Core\Printable\Made;
use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\SheetKind;
use Pindle\Core\Printable\Variant;
use Symfony\Component\Uid\Uuid;

/** Something that was made once and is kept, as stored: what it was drawn for, how it stands with it, and where it is. */
#[ORM\Entity]
#[ORM\Table(name: 'made')]
class MadeEntity implements Readable
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    public readonly string $id;

    /** The prop it is; null where it was printed by hand. */
    #[ORM\Column(length: 40, nullable: true)]
    public ?string $propId = null;

    /** What it was drawn for; all of it null where it was not printed. */
    #[ORM\Column(length: 30, nullable: true, enumType: SheetKind::class)]
    public ?SheetKind $kind = null;

    #[ORM\Column(length: 30, nullable: true, enumType: Variant::class)]
    public ?Variant $variant = null;

    #[ORM\Column(nullable: true)]
    public ?int $reach = null;

    /** Of what lies on it, in millimetres. */
    #[ORM\Column(nullable: true)]
    public ?float $side = null;

    #[ORM\Column(length: 300)]
    public string $way = '';

    /** The thing it was drawn to, by name. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $things = null;

    /** @var array<string, int|float|string|bool|null> how it was asked for, so that it can be printed again */
    #[ORM\Column(type: Types::JSON)]
    public array $wish = [];

    #[ORM\Column(length: 10, enumType: MadeState::class)]
    public MadeState $state = MadeState::Made;

    /** Where it is kept; null where nobody said. */
    #[ORM\Column(length: 60, nullable: true)]
    public ?string $keptAt = null;

    /** Of one that is half made: so many pages are done. */
    #[ORM\Column]
    public int $pagesDone = 0;

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct(#[ORM\Column(length: 10)] public readonly string $madeOn)
    {
        $this->id = Uuid::v7()->toRfc4122();
    }

    public function fit(): ?Fit
    {
        return null === $this->kind ? null : new Fit($this->kind, $this->variant ?? Variant::Usual, $this->reach, $this->side, $this->way);
    }

    public function toCore(): Made
    {
        return new Made($this->propId, $this->fit(), $this->state);
    }

    public function mustRead(): void
    {
        LocalDate::parse($this->madeOn);
        if (null === $this->propId && null === $this->kind) {
            throw new \UnexpectedValueException('What was made is neither a prop nor a sheet.');
        }
    }
}
