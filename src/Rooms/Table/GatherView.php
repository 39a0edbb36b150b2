<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

/** Something to lay out. */
final readonly class GatherView
{
    /**
     * @param string|null $picture SVG
     * @param string|null $keptAt  where it is kept, where that was said
     */
    public function __construct(public string $words, public ?string $picture, public ?string $keptAt)
    {
    }
}
