<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

/** The safe copies in the folder of the household. */
final readonly class CopiesView
{
    /**
     * @param list<CopyView> $copies newest first
     * @param string         $takes  what they take, in a sentence
     * @param string|null    $full   when they fill the disk; null where that is far off
     */
    public function __construct(public array $copies, public string $takes, public ?string $full)
    {
    }
}
