<?php

declare(strict_types=1);

namespace Pindle\Core\Child;

/** How a question is put: to be answered, or named and shown by the parent with the child joining in. */
enum Asking: string
{
    /** Under so many months the usual way is to say along. */
    public const SAY_ALONG_UNDER_MONTHS = 48;

    case Ask = 'ask';
    case SayAlong = 'say-along';
}
