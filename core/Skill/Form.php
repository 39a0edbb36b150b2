<?php

declare(strict_types=1);

namespace Pindle\Core\Skill;

/** What a child works with, in the order it is met: things before drawings before written signs. */
enum Form: string
{
    case Things = 'things';
    case Pictures = 'pictures';
    case Symbols = 'symbols';
}
