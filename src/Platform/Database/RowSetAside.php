<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Database;

/** A stored row was set aside because it cannot be read. Said inside the transaction. */
final readonly class RowSetAside
{
    /** @param array<string, mixed> $row column => value, as it was */
    public function __construct(public string $table, public array $row)
    {
    }
}
