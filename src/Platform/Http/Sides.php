<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\Validator\Constraints as Assert;

/** Three sides in millimetres. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Sides extends Assert\Compound
{
    protected function getConstraints(array $options): array
    {
        return [new Assert\Sequentially([
            new Assert\Type('list', 'Three sides, or none.'),
            new Assert\Count(min: 3, max: 3, exactMessage: 'Three sides, or none.'),
            new Assert\All([new Assert\Sequentially([
                new Assert\NotNull(message: 'A side is a number of millimetres.'),
                new Assert\Type(['int', 'float'], 'A side is a number of millimetres.'),
                new Assert\Range(min: 1, max: 3000, notInRangeMessage: 'A side is between 1 and 3000 mm.'),
            ])]),
        ])];
    }
}
