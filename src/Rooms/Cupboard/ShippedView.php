<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** One of the ordinary things to tick. */
final readonly class ShippedView
{
    /** @param list<float> $size */
    public function __construct(public string $id, public string $name, public int $amount, public array $size, public string $picture, public bool $ticked)
    {
    }
}
