<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Jobs;

/** How a job ended. */
final readonly class Finished
{
    /** @param string|null $file name of a file that was made */
    public function __construct(public string $said, public ?string $file = null)
    {
    }
}
