<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

/** What the safe copies beside the data take, all in bytes, what they will take once all daily ones are there, and when that fills the disk. */
final readonly class CopiesRoom
{
    /** Further off than this, in days, nobody wants to know: two years. */
    public const FAR = 730;

    /** Looked back over at least so many days, or growth is a guess. */
    private const LEAST_DAYS = 3;

    /** A database is about so many times as large as its zip (measured: 8 to 10). */
    private const SQUEEZED = 10;

    /**
     * @param int      $copies      all of them, without photographs
     * @param int      $photographs theirs, once for all
     * @param int      $willTake    both, once there are as many daily ones as are kept
     * @param int      $free        on the disk now
     * @param int|null $fullIn      days until the disk is full at the rate of the last days; null where that is far off, or not to be known
     */
    public function __construct(public int $copies, public int $photographs, public int $willTake, public int $free, public ?int $fullIn)
    {
    }

    /**
     * @param list<Copy> $copies      newest first
     * @param int        $photographs bytes
     * @param int        $free        bytes
     */
    public static function of(array $copies, int $photographs, int $free): self
    {
        $daily = array_values(array_filter($copies, static fn (Copy $copy): bool => 'daily' === $copy->why));
        $takes = array_sum(array_map(static fn (Copy $copy): int => $copy->bytes, $copies));
        $missing = max(0, Copies::DAILY_KEPT - \count($daily));
        $more = $missing * ($copies[0]->bytes ?? 0);

        return new self($takes, $photographs, $takes + $more + $photographs, $free, self::fullIn($daily, $more, $free));
    }

    /**
     * Each kept copy grows as the household does, and so does the household itself, which is larger than a copy of it by as much as a zip squeezes.
     *
     * @param list<Copy> $daily
     */
    private static function fullIn(array $daily, int $more, int $free): ?int
    {
        if ($more >= $free) {
            return 0;
        }
        $last = $daily[\count($daily) - 1] ?? null;
        $days = null === $last ? 0 : ($daily[0]->made->getTimestamp() - $last->made->getTimestamp()) / 86_400;
        $perDay = null === $last || $days < self::LEAST_DAYS ? 0.0 : ($daily[0]->bytes - $last->bytes) / $days;
        $all = (Copies::DAILY_KEPT + self::SQUEEZED) * $perDay;
        $in = $all > 0.0 ? (int) floor(($free - $more) / $all) : self::FAR;

        return $in < self::FAR ? $in : null;
    }
}
