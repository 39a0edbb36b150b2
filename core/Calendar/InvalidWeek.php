<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** Days or a week that cannot be. */
final class InvalidWeek extends \InvalidArgumentException
{
    /**
     * @param string                            $reason content has the sentence, where a parent can bring it about
     * @param array<string, int|LocalDate>      $values for it
     */
    private function __construct(string $message, public readonly string $reason, public readonly array $values = [])
    {
        parent::__construct($message);
    }

    public static function backwards(LocalDate $from, LocalDate $to): self
    {
        return new self(\sprintf('Days from %s to %s.', $from->toString(), $to->toString()), 'backwards', ['from' => $from, 'to' => $to]);
    }

    public static function tooLong(int $days): self
    {
        return new self(\sprintf('%d days at a time.', $days), 'too-long', ['days' => $days, 'most' => DayRange::MOST]);
    }

    public static function overlap(Span $first, Span $second): self
    {
        return new self(\sprintf('One window until minute %d, another from minute %d.', $first->end, $second->start), 'overlap');
    }

    public static function minutes(int $minutes): self
    {
        return new self(\sprintf('%d minutes of maths a day is not 0, nor %d to %d.', $minutes, DayUse::FEWEST_MINUTES, DayUse::MOST_MINUTES), 'minutes');
    }

    public static function weekday(int $weekday): self
    {
        return new self(\sprintf('Weekday %d is not 1 (Monday) to 7 (Sunday).', $weekday), 'weekday');
    }
}
