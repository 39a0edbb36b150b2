<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** A line of a list of things: what it would do, or did. */
final readonly class ListLineView
{
    /**
     * @param int    $line as it stands in the file, from 1
     * @param string $says in words; of what is refused, with the field
     */
    public function __construct(public int $line, public string $name, public ?int $amount, public LineDoes $does, public string $says)
    {
    }
}
