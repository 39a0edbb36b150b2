<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

use Pindle\Core\Journal\FactSquare;

/** A square of facts: a row for each first number. */
final readonly class FactSquareView
{
    /**
     * @param list<FactRowView>  $rows
     * @param array<string, int> $counts standing => how many
     */
    public function __construct(public FactSquare $square, public string $name, public array $rows, public array $counts, public string $says)
    {
    }
}
