<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

use Pindle\Core\Calendar\LocalDate;

/** A mark that the parent set, with a note. It holds until later evidence moves it. */
final readonly class HandMark extends Seen
{
    public function __construct(string $id, string $stepId, public Mark $mark, public string $note, \DateTimeImmutable $at, LocalDate $day, string $deviceId)
    {
        parent::__construct($id, $stepId, $at, $day, $deviceId);
    }
}
