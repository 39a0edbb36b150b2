<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Activity\Place;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Calendar\Week;
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

    /** How a child is there who does not sit, who is not there, and who is though the week says otherwise. */
    public const ILL = 'ill';
    public const AWAY = 'away';
    public const HERE = 'here';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    public readonly string $date;

    /** @var list<array{int, int}> from and to in minutes after midnight */
    #[ORM\Column(type: Types::JSON)]
    public array $windows = self::WINDOWS;

    /** Whether they were said for this day alone; else they are those of the week. */
    #[ORM\Column(options: ['default' => false])]
    public bool $ownWindows = false;

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

    /** Whether it was planned while something planned before it was still ahead: when the day comes it is planned by what came about. */
    #[ORM\Column(options: ['default' => false])]
    public bool $awaits = false;

    /** @var list<string> activities the parent wants today */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $wanted = [];

    /** @var list<array{string, int, int}> state of the parent, from, to: when they have less to give */
    #[ORM\Column(type: Types::JSON, options: ['default' => '[]'])]
    public array $blocks = [];

    /** @var array<string, string> child id => ill, away or here, where it is not as the week says */
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

    /** What the week says of the day; null where nobody said anything. */
    private ?Week $week = null;

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

    /** The hours of the week are those of the day, unless others were said for this day alone. */
    public function follow(Week $week): void
    {
        $this->week = $week;
        if (!$this->ownWindows) {
            $this->windows = self::rows($week->on(LocalDate::parse($this->date))->windows);
        }
    }

    /** A day that is off has the hours of another after all. */
    public function open(): void
    {
        if ([] === $this->windows) {
            $this->windows = self::rows($this->week?->someWindows() ?? []) ?: self::WINDOWS;
            $this->ownWindows = true;
        }
    }

    /** Ill, away, or neither. */
    public function absence(string $childId): ?string
    {
        $said = $this->absent[$childId] ?? null;
        $isAway = null === $said && true === $this->week?->isAway($childId, LocalDate::parse($this->date));

        return $isAway ? self::AWAY : (self::HERE === $said ? null : $said);
    }

    /** The child is ill or away, or neither, whatever the week says. */
    public function say(string $childId, ?string $absence): void
    {
        unset($this->absent[$childId]);
        if ($absence !== $this->absence($childId)) {
            $this->absent[$childId] = $absence ?? self::HERE;
        }
    }

    /** Minutes the week has for a child that day, 0 for none; null where it says nothing of them. */
    public function minutesFor(string $childId): ?int
    {
        return $this->week?->on(LocalDate::parse($this->date))->minutes[$childId] ?? null;
    }

    /** @return list<Span> */
    public function spans(): array
    {
        return array_map(static fn (array $window): Span => new Span($window[0], $window[1]), $this->windows);
    }

    /** @param list<Span> $windows when the parent can be there on this day */
    public function allow(array $windows): void
    {
        $this->windows = self::rows($windows);
        $this->ownWindows = true;
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

    /**
     * @param list<Span> $windows
     *
     * @return list<array{int, int}>
     */
    private static function rows(array $windows): array
    {
        return array_map(static fn (Span $window): array => [$window->start, $window->end], $windows);
    }
}
