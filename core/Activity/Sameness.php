<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** How far the things of one role must be the same. */
enum Sameness: string
{
    /** All of one kind. */
    case Alike = 'alike';
    /** Of as few kinds as there are enough of. */
    case Mixed = 'mixed';
    /** One each of so many kinds. */
    case Kinds = 'kinds';
    /** The same, each clearly longer than the one before. */
    case Sizes = 'sizes';
}
