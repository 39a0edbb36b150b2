<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

/** What the parent is about at a time, besides being there. */
enum ParentState: string
{
    /** May talk and watch: what is spoken or wants free hands only of the child. */
    case ArmsFull = 'arms-full';
    /** Feeding a little one or putting them to sleep: there for nobody else. */
    case Settling = 'settling';
    /** Not there. */
    case Away = 'away';
}
