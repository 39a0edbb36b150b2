<?php

declare(strict_types=1);

namespace Pindle\App\Platform;

/** Which Pindle this is. */
final class Release
{
    public const NUMBER = '0.7.0';
}
