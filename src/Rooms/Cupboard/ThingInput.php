<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

use Pindle\App\Platform\Http\Name;
use Pindle\App\Platform\Http\Sides;
use Pindle\App\Platform\Http\Texts;
use Pindle\Core\Thing\Ability;
use Pindle\Core\Thing\Shape;
use Symfony\Component\Validator\Constraints as Assert;

/** A thing to add, or to change: then with the version last seen. */
final readonly class ThingInput
{
    /**
     * @param list<float>|null $size three sides in millimetres; null when nobody has measured it
     * @param list<string>     $traits
     * @param list<string>     $allergens
     * @param list<Ability>|null $can what it can do; null where nobody was asked
     */
    public function __construct(
        #[Name('What is it called?')]
        public string $name,
        #[Assert\Range(min: 0, max: 1000, notInRangeMessage: 'An amount is between 0 and 1000.')]
        public int $amount,
        #[Sides]
        public ?array $size = null,
        public Shape $shape = Shape::Unknown,
        #[Texts(most: 20)]
        public array $traits = [],
        #[Texts(most: 20)]
        public array $allergens = [],
        #[Assert\Range(min: 0.1, max: 5000, notInRangeMessage: 'One of them weighs between 0.1 and 5000 grams.')]
        public ?float $mass = null,
        #[Assert\Range(min: 0, max: 2000, notInRangeMessage: 'They differ by between 0 and 2000 grams.')]
        public ?float $massDeviation = null,
        #[Assert\Range(min: 1, max: 12, notInRangeMessage: 'Between 1 and 12 colours.')]
        public int $colours = 1,
        #[Assert\Count(max: 20)]
        public ?array $can = null,
        #[Assert\Sequentially([
            new Assert\Length(max: 60, maxMessage: 'Say it in at most 60 letters.'),
            new Assert\Regex(Name::UNPRINTABLE, match: false, message: 'There is a letter in it that cannot be shown.'),
        ])]
        public ?string $keptAt = null,
        public ?int $version = null,
    ) {
    }
}
