<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** An appointment that was given to a calendar outside: under which id, and how often it changed since. */
final readonly class Filed
{
    /** A calendar is told so many days long that an appointment is none any more. */
    public const TOLD_DAYS = 30;

    /**
     * @param string         $uid       for good, whatever becomes of it
     * @param int            $sequence  0 at first, and one more with every change (RFC 5545, 3.8.7.4)
     * @param LocalDate|null $cancelled since when it is none any more
     */
    public function __construct(public string $uid, public Appointment $appointment, public int $sequence = 0, public ?LocalDate $cancelled = null)
    {
    }

    /**
     * What is given now, after what was given before.
     *
     * @param list<self>         $before
     * @param list<Appointment>  $now    from today to the last day that is given
     * @param callable(): string $uid    a new one
     *
     * @return list<self> what is dropped for good left out
     */
    public static function after(array $before, array $now, LocalDate $today, callable $uid): array
    {
        $filed = [];
        foreach ($before as $one) {
            $filed[$one->appointment->key] = $one;
        }
        $after = [];
        foreach ($now as $appointment) {
            $one = $filed[$appointment->key] ?? null;
            $after[] = match (true) {
                null === $one => new self($uid(), $appointment),
                $one->appointment == $appointment && null === $one->cancelled => $one,
                default => new self($one->uid, $appointment, $one->sequence + 1),
            };
            unset($filed[$appointment->key]);
        }
        foreach ($filed as $one) {
            if (($one->cancelled ?? $one->appointment->date)->daysUntil($today) > self::TOLD_DAYS) {
                continue;
            }
            $isGone = null === $one->cancelled && !$today->isAfter($one->appointment->date);
            $after[] = $isGone ? new self($one->uid, $one->appointment, $one->sequence + 1, $today) : $one;
        }

        return $after;
    }

    /** Whether a calendar is to be told of it: what is over stays there as it was. */
    public function isTold(LocalDate $today): bool
    {
        return null !== $this->cancelled || !$today->isAfter($this->appointment->date);
    }
}
