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
     * @param list<string> $lacking letters of names that the printed face has not, by name; they are left out or written otherwise
     */
    public function __construct(
        public SheetKind $kind,
        public string $name,
        public array $pages,
        public float $width,
        public int $reach,
        public int $minutes,
        public array $tools,
        public bool $isCut,
        public array $lacking,
    ) {
    }
}
