<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\Variant;

/** A way in which a sheet can be drawn. */
final readonly class VariantView
{
    public function __construct(public Variant $variant, public string $name)
    {
    }
}
