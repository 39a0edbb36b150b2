<?php

declare(strict_types=1);

namespace Pindle\App\Plan;

/** What becomes of what is planned when something about the day changes. */
enum Fill
{
    /** All but what is held is planned anew. */
    case Anew;
    /** It stays where it can; room that is left is filled. */
    case Around;
    /** It stays where it can, and nothing is put in. */
    case Nothing;
}
