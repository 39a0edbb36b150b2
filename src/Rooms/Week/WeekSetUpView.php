<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** A set-up of a day, in short. */
final readonly class WeekSetUpView
{
    /** @param list<string> $steps in words */
    public function __construct(public string $id, public string $name, public int $start, public int $end, public bool $isDone, public array $steps)
    {
    }
}
