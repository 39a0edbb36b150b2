<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

use Pindle\Core\Printable\MadeState;
use Pindle\Core\Printable\SheetKind;

/** Something that was made and is kept. */
final readonly class KeptView
{
    /**
     * @param string         $name      what it is, and what it was drawn for
     * @param SheetKind|null $kind      the sheet it was printed on
     * @param array<string, string> $as how it was asked for, to print it again
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?SheetKind $kind,
        public array $as,
        public MadeState $state,
        public ?string $keptAt,
        public int $pagesDone,
        public int $version,
    ) {
    }
}
