<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** When taking away is first offered. */
enum TakingBegins: string
{
    case AfterJoining = 'after-joining';
    case FromTheStart = 'from-the-start';
}
