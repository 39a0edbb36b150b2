<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Calendar\LocalDate;

/** What follows on a day from the sittings before it. */
final readonly class FollowUps
{
    /**
     * @param array<string, array<string, LocalDate>>    $resting child id => step id => the first day it may come back
     * @param array<string, array<string, DecisionKind>> $chosen  child id => step id => what the parent chose, where no sitting of that step came since
     */
    public function __construct(public array $resting, public array $chosen)
    {
    }
}
