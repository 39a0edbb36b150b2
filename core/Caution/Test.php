<?php

declare(strict_types=1);

namespace Pindle\Core\Caution;

/** What a caution looks at. Trait looks for one word among the traits of the thing, and for the names of the rule in its name. */
enum Test: string
{
    case SmallPart = 'small-part';
    case SmallBall = 'small-ball';
    /** What a child is allergic to. */
    case Allergen = 'allergen';
    /** The same by a word that nobody knows: asked about at all that is or was food. */
    case AskedAllergen = 'asked-allergen';
    case Food = 'food';
    case Trait = 'trait';
}
