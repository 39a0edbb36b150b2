<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Which way the numbers of a set lean. */
enum Tilt
{
    /** A sitting that went hard, or that the parent wants easier: half of what is asked at the step is smaller. */
    case Smaller;
    case Even;
    /** One that the parent wants to go further: half is bigger. */
    case Bigger;
}
