<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** A list of things as it was read, line by line. */
final readonly class ListView
{
    /** @param list<ListLineView> $lines */
    public function __construct(public array $lines, public int $add, public int $change, public int $refused, public bool $written)
    {
    }
}
