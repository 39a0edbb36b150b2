<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\Validator\Constraints as Assert;

/** A list of short texts: so many at most, each so long at most. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Texts extends Assert\Compound
{
    /**
     * @param int<0, max> $most
     * @param int<0, max> $least
     * @param int<1, max> $longest letters of each
     */
    public function __construct(public readonly int $most, public readonly int $longest = 40, public readonly int $least = 0)
    {
        parent::__construct();
    }

    protected function getConstraints(array $options): array
    {
        return [new Assert\Sequentially([
            new Assert\Type('list', 'This should be a list.'),
            new Assert\Count(
                min: $this->least,
                max: $this->most,
                minMessage: 'At least {{ limit }} is wanted here.',
                maxMessage: 'At most {{ limit }} fit here.',
            ),
            new Assert\All([new Assert\Sequentially([
                new Assert\NotNull(message: 'This should be a text.'),
                new Assert\Type('string', 'This should be a text.'),
                new Assert\Length(min: 1, max: $this->longest, minMessage: 'Nothing is written here.', maxMessage: 'At most {{ limit }} letters fit here.'),
                new Assert\Regex(Name::UNPRINTABLE, match: false, message: 'There is a letter in it that cannot be shown.'),
            ])]),
        ])];
    }
}
