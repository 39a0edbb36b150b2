<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** A day to look ahead at: what it allows, and what is planned for it already. */
final readonly class DayAhead
{
    /**
     * @param DayRequest       $request with what is known of the children today
     * @param list<SetUp>|null $planned what is planned and still ahead; null where the day is not planned yet
     */
    public function __construct(public DayRequest $request, public ?array $planned = null)
    {
    }
}
