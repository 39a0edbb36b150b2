<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\SheetKind;

/** One sheet of a set. */
final readonly class SetSheetView
{
    /** @param string|null $refused why it cannot be drawn; then it has no pages */
    public function __construct(
        public SheetKind $kind,
        public string $name,
        public string $propId,
        public string $setUpId,
        public string $for,
        public int $pages,
        public int $minutes,
        public ?string $refused,
    ) {
    }
}
