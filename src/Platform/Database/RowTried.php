<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

/** A stored row was read to see whether it can be. Who knows more of it throws where it makes no sense. */
final readonly class RowTried
{
    public function __construct(public object $entity)
    {
    }
}
