<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How a child first meets an amount. It nudges which activities come first and never locks any out. */
enum WayIn: string
{
    case SeeIt = 'see-it';
    case TouchAndCount = 'touch-and-count';
    case Bars = 'bars';
    case MoveAndTell = 'move-and-tell';
}
