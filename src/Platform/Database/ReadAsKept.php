<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

/** Something that should be made anew is read as it was kept, for nothing can be written down now. Such an answer is not for keeping. */
final readonly class ReadAsKept
{
}
