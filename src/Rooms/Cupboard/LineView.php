<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Pindle\Core\Thing\Shape;

/** What was understood of one line, to be confirmed. */
final readonly class LineView
{
    /**
     * @param list<float>|null $size     as written, else as usual for an ordinary thing of that name
     * @param bool             $sizeIsUsual whether the size was not written but taken from the list of ordinary things
     */
    public function __construct(
        public string $name,
        public int $amount,
        public ?array $size,
        public bool $sizeIsUsual,
        public Shape $shape,
        public string $picture,
        public ?string $shipped,
    ) {
    }
}
