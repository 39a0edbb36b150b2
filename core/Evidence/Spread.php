<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;

/** Over how many days, activities and things a step's unaided successes, or its closing marks that say alone, are spread, since it was begun or last lost. */
final readonly class Spread
{
    /** Two looks count as two days when this many hours lie between them. */
    public const HOURS_APART = 18;

    /** No rule asks for more different activities or things than this, so no more are kept. */
    private const KEPT = 4;

    /**
     * @param int            $days      at least 0; days, each at least 18 hours after the one counted before it
     * @param int            $countedAt the instant the last of them was counted, in seconds since 1970
     * @param LocalDate|null $first     day of the first success
     * @param LocalDate|null $last      day of the last success
     * @param list<string>   $activities  ids, at most KEPT
     * @param list<string>   $things    ids, at most KEPT
     *
     * @throws InvalidEvidence when there are fewer than no days
     */
    public function __construct(
        public int $days = 0,
        public int $countedAt = 0,
        public ?LocalDate $first = null,
        public ?LocalDate $last = null,
        public array $activities = [],
        public array $things = [],
    ) {
        if ($days < 0) {
            throw InvalidEvidence::count($days);
        }
    }

    /** After one more success: a try without help, or a closing mark that says alone. */
    public function with(Attempt|Closing $unaided): self
    {
        $at = $unaided->at->getTimestamp();
        $counts = 0 === $this->days || $at - $this->countedAt >= self::HOURS_APART * 3600;

        return new self(
            $this->days + ($counts ? 1 : 0),
            $counts ? $at : $this->countedAt,
            $this->first ?? $unaided->day,
            $unaided->day,
            self::added($this->activities, [$unaided->activityId]),
            self::added($this->things, $unaided->thingIds),
        );
    }

    /** Whole days between the first success and the last. */
    public function daysBetween(): int
    {
        return null === $this->first || null === $this->last ? 0 : $this->first->daysUntil($this->last);
    }

    /**
     * @param list<string> $kept
     * @param list<string> $more
     *
     * @return list<string>
     */
    private static function added(array $kept, array $more): array
    {
        foreach ($more as $id) {
            if (\count($kept) < self::KEPT && !\in_array($id, $kept, true)) {
                $kept[] = $id;
            }
        }

        return $kept;
    }
}
