<?php

declare(strict_types=1);

namespace Pindle\Core\Calendar;

/** A time of a day as a calendar outside knows it. Those with the same key are the same one, however it changes. */
final readonly class Appointment
{
    public function __construct(public string $key, public LocalDate $date, public Span $span, public string $title, public string $notes = '')
    {
    }
}
