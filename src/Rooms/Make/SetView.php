<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

/** What days want, as one set to print. */
final readonly class SetView
{
    /**
     * @param list<SetSheetView> $sheets
     * @param list<string>       $without names of what is wanted and cannot be printed
     */
    public function __construct(public array $sheets, public int $pages, public int $minutes, public array $without)
    {
    }
}
