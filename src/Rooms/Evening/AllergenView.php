<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Evening;

final readonly class AllergenView
{
    public function __construct(public string $id, public string $name)
    {
    }
}
