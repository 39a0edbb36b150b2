<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Planning\Block;
use Pindle\Core\Planning\ParentState;
use Pindle\Core\Planning\WhyLittle;

/** One day: what it allows (when the parent can be there, whether outside will do, whether it must be quiet), and its plan as made. */
#[ORM\Entity]
#[ORM\Table(name: 'day')]
class DayEntity implements Readable
{
    /** The hours of a household's first day. */
    private const WINDOWS = [[540, 580], [780, 805]];

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    public readonly string $date;

    /** @var list<array{int, int}> from and to in minutes after midnight */
    #[ORM\Column(type: Types::JSON)]
    public array $windows = self::WINDOWS;

    #[ORM\Column]
    public bool $wet = false;

    /** Whether the table stands out of the reach of a crawler, as the parent says. */
    #[ORM\Column(options: ['default' => false])]
    public bool $highTable = false;

    #[ORM\Column]
    public bool $quiet = false;

    /** How often this day was planned; 0 before the first time. */
    #[ORM\Column]
    public int $planned = 0;

    /** Whether something the plan follows from has changed since. */
    #[ORM\Column(options: ['default' => false])]
    public bool $stale = false;

    /** @var list<string> activities the parent wants today */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $wanted = [];

    /** @var list<array{string, int, int}> state of the parent, from, to: when they have less to give */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $blocks = [];

    /** @var array<string, string> child id => ill (there, but does not sit) or away */
    #[ORM\Column(type: Types::JSON, options: ['default' => '{}'])]
    public array $absent = [];

    /** @var array<string, list<array{int, int}>> child id => when they sleep today, where it is not as usual */
    #[ORM\Column(type: Types::JSON, options: ['default' => '{}'])]
    public array $asleep = [];

    /** @var array<string, list<string>> child id => activities they do not do today */
    #[ORM\Column(type: Types::JSON, options: ['default' => '{}'])]
    public array $notToday = [];

    /** @var list<array{child: string, activity: string, step: string, done?: string}> for any time today; done is the set-up it became */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $moments = [];

    /** @var array<string, string> child id => why there is nothing or little */
    #[ORM\Column(type: Types::JSON, options: ['default' => '{}'])]
    public array $little = [];

    /** @var list<string> window and thing, of what was brought already; ticking changes no plan */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $gathered = [];

    /** @var list<array{id: string, words: string|null, children: list<array{child: string, mark: string|null}>}> what was done instead, or its set-up */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $otherwise = [];

    /** @var array<string, list<array{string, int, int, string|null}>>|null child id => state, from, to, set-up: what each child does */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $threads = null;

    /** @var array<string, float>|null what the plan is worth, term by term */
    #[ORM\Column(type: Types::JSON, nullable: true)]
    public ?array $goal = null;

    /** Goes up with every change of the row: who stores a plan must have seen the last one. */
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 0;

    public function __construct(LocalDate $date, ?self $like = null)
    {
        $this->date = $date->toString();
        if (null !== $like) {
            $this->windows = $like->windows;
            $this->highTable = $like->highTable;
        }
    }

    public function isPlanned(): bool
    {
        return $this->planned > 0;
    }

    /** @return list<Span> */
    public function spans(): array
    {
        return array_map(static fn (array $window): Span => new Span($window[0], $window[1]), $this->windows);
    }

    /** @param list<Span> $windows when the parent can be there */
    public function allow(array $windows): void
    {
        $this->windows = array_map(static fn (Span $window): array => [$window->start, $window->end], $windows);
    }

    /** @return list<Block> */
    public function parentBlocks(): array
    {
        return array_map(static fn (array $block): Block => new Block(ParentState::from($block[0]), new Span($block[1], $block[2])), $this->blocks);
    }

    /** @return list<Place> */
    public function places(): array
    {
        return [$this->highTable ? Place::HighTable : Place::Table, Place::Floor, ...$this->wet ? [] : [Place::Outdoors]];
    }

    public function mustRead(): void
    {
        LocalDate::parse($this->date);
        $this->spans();
        $this->parentBlocks();
        array_map(WhyLittle::from(...), $this->little);
    }
}
