<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What a child is doing at a minute of the day. */
enum ChildState: string
{
    case Sit = 'sit';
    case Free = 'free';
    case Beside = 'beside';
    case Asleep = 'asleep';
}
