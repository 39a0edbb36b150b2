<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\Validator\Constraints as Assert;

/** A page or two in the parent's own words. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Paragraphs extends Assert\Compound
{
    protected function getConstraints(array $options): array
    {
        return [
            new Assert\Length(max: 4000, maxMessage: 'That is more than two pages: at most {{ limit }} letters.'),
            new Assert\Regex('/[\x{0}-\x{8}\x{b}\x{c}\x{e}-\x{1f}\x{7f}]/u', match: false, message: 'There is a letter in it that cannot be shown.'),
        ];
    }
}
