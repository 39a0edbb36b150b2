<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Copies;

/** A safe copy as it lies in the folder. */
final readonly class Copy
{
    /** @param string $why one word: daily, asked, renewal, restore */
    public function __construct(public string $name, public \DateTimeImmutable $made, public string $why, public int $bytes)
    {
    }
}
