<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\SheetKind;

/** A sheet as it will be printed. */
final readonly class SheetView
{
    /**
     * @param list<string> $pages   SVG, in millimetres
     * @param list<string> $tools   in words
     * @param float        $width   of a page in millimetres
     */
    public function __construct(
        public SheetKind $kind,
        public string $name,
        public array $pages,
        public float $width,
        public int $minutes,
        public array $tools,
    ) {
    }
}
