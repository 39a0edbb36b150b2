<?php

declare(strict_types=1);

namespace Pindle\App\Today;

use Pindle\Core\Advice\DecisionKind;
use Pindle\Core\Advice\DecisionReason;
use Pindle\Core\Evidence\Mark;
use Pindle\Core\Evidence\Slip;

/** What followed from a sitting, as stored. */
final readonly class StoredDecision
{
    /**
     * @param array<string, int> $values
     * @param list<string>       $opens  step ids
     */
    public function __construct(public DecisionKind $kind, public DecisionReason $reason, public array $values, public array $opens, public Mark $before, public Mark $after, public ?Slip $remedy)
    {
    }
}
