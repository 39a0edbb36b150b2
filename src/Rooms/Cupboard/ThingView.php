<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Pindle\App\Views\CautionView;
use Pindle\Core\Thing\Shape;

/** A thing as the screens see it, with what it is not safe for. */
final readonly class ThingView
{
    /**
     * @param list<float>|null $size
     * @param list<string>     $traits
     * @param list<string>     $allergens
     * @param list<CautionView> $safety
     * @param list<string>     $can     what it can do
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $single,
        public int $amount,
        public ?array $size,
        public Shape $shape,
        public array $traits,
        public array $allergens,
        public string $picture,
        public ?string $shipped,
        public ?float $mass,
        public ?float $massDeviation,
        public int $colours,
        public array $safety,
        public array $can,
        public ?string $keptAt,
        public int $version,
    ) {
    }
}
