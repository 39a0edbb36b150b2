<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** The safe copies in the folder of the household. */
final readonly class CopiesView
{
    /** @param list<CopyView> $copies newest first */
    public function __construct(public array $copies)
    {
    }
}
