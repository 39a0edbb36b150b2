<?php

declare(strict_types=1);

namespace Pindle\Core\Question;

/** Where a question stands in its set: the first and last on what is sure, the others easier, at or harder within the step, or a check of it. */
enum Level: string
{
    case Sure = 'sure';
    case Easier = 'easier';
    case At = 'at';
    case Harder = 'harder';

    /** One of the three questions of a check: open, at the step, without help. */
    case Check = 'check';
}
