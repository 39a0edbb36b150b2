<?php

declare(strict_types=1);

namespace Pindle\Core\Advice;

/** What an idea asks next, where it is more than said. */
enum Asks: string
{
    /** The same question, at once. */
    case Again = 'again';
    /** The same question, before the last one. */
    case Later = 'later';
    /** One of the questions made beforehand. */
    case Spare = 'spare';
    /** Only an easy one, and then it is over. */
    case LastEasy = 'last-easy';
}
