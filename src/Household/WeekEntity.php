<?php

declare(strict_types=1);

namespace Pindle\App\Household;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Pindle\App\Platform\Database\Readable;
use Pindle\Core\Calendar\DayRange;
use Pindle\Core\Calendar\DayUse;
use Pindle\Core\Calendar\LocalDate;
use Pindle\Core\Calendar\Span;
use Pindle\Core\Calendar\Week;

/**
 * When the house does maths, and how it was before each of the last changes. There is one row.
 *
 * @phpstan-type UseRow  array{windows: list<array{int, int}>, minutes: array<string, int>}
 * @phpstan-type WeekRow array{usual: array<int, UseRow>, once: array<string, UseRow>, holidays: list<array{string, string}>,
 *     away: array<string, list<array{string, string}>>}
 */
#[ORM\Entity]
#[ORM\Table(name: 'week')]
class WeekEntity implements Readable
{
    public const ID = 1;

    /** So many changes can be taken back, one after the other. */
    public const KEPT = 10;

    #[ORM\Id]
    #[ORM\Column]
    public readonly int $id;

    /** @var WeekRow */
    #[ORM\Column(type: Types::JSON)]
    private array $week;

    /** @var list<WeekRow> the last one was the latest */
    #[ORM\Column(type: Types::JSON)]
    private array $before = [];

    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    public int $version = 1;

    public function __construct(Week $week)
    {
        $this->id = self::ID;
        $this->week = self::row($week);
    }

    public function week(): Week
    {
        return self::read($this->week);
    }

    public function change(Week $week): void
    {
        $this->before = \array_slice([...$this->before, $this->week], -self::KEPT);
        $this->week = self::row($week);
    }

    public function canGoBack(): bool
    {
        return [] !== $this->before;
    }

    /** Puts the week back as it was before the last change, if there was one. */
    public function back(): void
    {
        $this->week = array_pop($this->before) ?? $this->week;
    }

    public function mustRead(): void
    {
        array_map(self::read(...), [$this->week, ...$this->before]);
    }

    /** @return WeekRow */
    private static function row(Week $week): array
    {
        return [
            'usual' => array_map(self::useRow(...), $week->usual),
            'once' => array_map(self::useRow(...), $week->once),
            'holidays' => self::rangeRows($week->holidays),
            'away' => array_map(self::rangeRows(...), $week->away),
        ];
    }

    /** @param WeekRow $row */
    private static function read(array $row): Week
    {
        return new Week(
            array_map(self::readUse(...), $row['usual']),
            array_map(self::readUse(...), $row['once']),
            self::readRanges($row['holidays']),
            array_map(self::readRanges(...), $row['away']),
        );
    }

    /** @return UseRow */
    private static function useRow(DayUse $use): array
    {
        return ['windows' => array_map(static fn (Span $window): array => [$window->start, $window->end], $use->windows), 'minutes' => $use->minutes];
    }

    /** @param UseRow $row */
    private static function readUse(array $row): DayUse
    {
        return new DayUse(array_map(static fn (array $window): Span => new Span($window[0], $window[1]), $row['windows']), $row['minutes']);
    }

    /**
     * @param list<DayRange> $ranges
     *
     * @return list<array{string, string}>
     */
    private static function rangeRows(array $ranges): array
    {
        return array_map(static fn (DayRange $range): array => [$range->from->toString(), $range->to->toString()], $ranges);
    }

    /**
     * @param list<array{string, string}> $rows
     *
     * @return list<DayRange>
     */
    private static function readRanges(array $rows): array
    {
        return array_map(static fn (array $row): DayRange => new DayRange(LocalDate::parse($row[0]), LocalDate::parse($row[1])), $rows);
    }
}
