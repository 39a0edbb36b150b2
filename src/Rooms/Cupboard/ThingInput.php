<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Pindle\Core\Thing\Shape;
use Symfony\Component\Validator\Constraints as Assert;

/** A thing to add, or to change: then with the version last seen. */
final readonly class ThingInput
{
    /**
     * @param list<float>|null $size three sides in millimetres; null when nobody has measured it
     * @param list<string>     $traits
     * @param list<string>     $allergens
     */
    public function __construct(
        #[Assert\NotBlank(message: 'What is it called?', normalizer: 'trim')]
        #[Assert\Length(max: 60, maxMessage: 'A name has at most 60 letters.')]
        #[Assert\Regex('/[<>\x00-\x1f]/', match: false, message: 'A name has no < or > in it.')]
        public string $name,
        #[Assert\Range(min: 0, max: 1000, notInRangeMessage: 'An amount is between 0 and 1000.')]
        public int $amount,
        #[Assert\Count(min: 3, max: 3, exactMessage: 'Three sides, or none.')]
        #[Assert\All([new Assert\Range(min: 1, max: 3000, notInRangeMessage: 'A side is between 1 and 3000 mm.')])]
        public ?array $size = null,
        public Shape $shape = Shape::Unknown,
        #[Assert\Count(max: 20)]
        #[Assert\All([new Assert\Length(max: 40)])]
        public array $traits = [],
        #[Assert\Count(max: 20)]
        #[Assert\All([new Assert\Length(max: 40)])]
        public array $allergens = [],
        #[Assert\Range(min: 0.1, max: 5000, notInRangeMessage: 'One of them weighs between 0.1 and 5000 grams.')]
        public ?float $mass = null,
        #[Assert\Range(min: 0, max: 2000, notInRangeMessage: 'They differ by between 0 and 2000 grams.')]
        public ?float $massDeviation = null,
        #[Assert\Range(min: 1, max: 12, notInRangeMessage: 'Between 1 and 12 colours.')]
        public int $colours = 1,
        public ?int $version = null,
    ) {
    }
}
