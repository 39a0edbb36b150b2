<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** What a caution looks at. Trait looks for one word among the traits of the thing. */
enum Test: string
{
    case SmallPart = 'small-part';
    case SmallBall = 'small-ball';
    case Allergen = 'allergen';
    case Trait = 'trait';
}
