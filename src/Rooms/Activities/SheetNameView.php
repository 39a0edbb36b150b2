<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

use Pindle\Core\Printable\SheetKind;

/** A sheet that goes with an activity. */
final readonly class SheetNameView
{
    public function __construct(public SheetKind $kind, public string $name)
    {
    }
}
