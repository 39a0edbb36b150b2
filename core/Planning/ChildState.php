<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What a child is doing at a minute of the day. */
enum ChildState: string
{
    case Sit = 'sit';
    case Free = 'free';
    case Beside = 'beside';
    /** On the parent's lap: too young for a sitting, and the parent sits with another child. */
    case Lap = 'lap';
    case Asleep = 'asleep';
}
