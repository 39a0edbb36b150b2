<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Evidence\Attempt;
use Pindle\Core\Evidence\ChildRecord;

/** A tap as it was recorded. */
final readonly class Tapped
{
    /** @param list<Attempt> $attempts of the sitting so far, this one last; empty where nothing is advised: it was recorded before, or the sitting is over */
    public function __construct(public Attempt $attempt, public ChildRecord $record, public ?Asked $asked = null, public array $attempts = [])
    {
    }
}
