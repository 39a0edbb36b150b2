<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What a question was put for. */
enum Purpose: string
{
    case Sitting = 'sitting';

    /** A tiny task of a first look: what it says is in the prior already, so it is not weighed a second time. */
    case Look = 'look';

    /** One of the three questions that settle what closing marks alone cannot. */
    case Check = 'check';
}
