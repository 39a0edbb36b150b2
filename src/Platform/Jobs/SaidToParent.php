<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

/** An exception whose message is for the parent. */
interface SaidToParent extends \Throwable
{
}
