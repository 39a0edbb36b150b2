<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Evidence\Mark;

/** One step, then and now. */
final readonly class StepThenView
{
    public function __construct(public string $id, public string $words, public Mark $then, public Mark $now)
    {
    }
}
