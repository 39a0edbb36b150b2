<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** What to do with a step after a sitting. */
enum DecisionKind: string
{
    case MoveOn = 'move-on';
    case RestIt = 'rest-it';
    case Easier = 'easier';
    case Further = 'further';
    case Again = 'again';

    /** Days that a step rests where the parent chooses so: as after one that had enough; or as long as a step that is left for others. */
    private const RESTS = 2;
    private const MOVED_ON = 14;

    /** Days that a step is left alone when the parent chooses this; 0 where it comes again with the next plan. */
    public function restDays(): int
    {
        return match ($this) {
            self::RestIt => self::RESTS,
            self::MoveOn => self::MOVED_ON,
            self::Easier, self::Further, self::Again => 0,
        };
    }
}
