<?php

declare(strict_types=1);

namespace Pindle\Core\Printable;

/** The sheet a prop can be printed on, the way it is drawn for that, and how far it goes where that is always the same. */
final readonly class PropSheet
{
    /** @param int|null $reach null where it goes as far as is asked */
    public function __construct(public SheetKind $kind, public Variant $variant, public ?int $reach = null)
    {
    }
}
