<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** Why a step was chosen: the part of its value that speaks loudest. Content has the sentence. */
enum Reason: string
{
    case Ready = 'ready';
    case Builds = 'builds';
    case FindingOut = 'finding-out';
    case LittleSeen = 'little-seen';
    case KeepGoing = 'keep-going';
    case AlmostThere = 'almost-there';
    case WantsMore = 'wants-more';
    case OpensMore = 'opens-more';
    case Due = 'due';
    case Slipped = 'slipped';
    case OneMiss = 'one-miss';
    case CheckDue = 'check-due';
    case LeftAlone = 'left-alone';
    case Doubted = 'doubted';
    case Pinned = 'pinned';
    case InFocus = 'in-focus';

    /** Whether the step is looked at again, for it could be done. */
    public function isLook(): bool
    {
        return \in_array($this, [self::Due, self::Slipped, self::OneMiss], true);
    }
}
