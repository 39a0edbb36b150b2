<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\Validator\Constraints as Assert;

/** A line or two in the parent's own words. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Note extends Assert\Compound
{
    protected function getConstraints(array $options): array
    {
        return [
            new Assert\Length(max: 200, maxMessage: 'A note has at most 200 letters.'),
            new Assert\Regex('/[\x{0}-\x{8}\x{b}\x{c}\x{e}-\x{1f}\x{7f}]/u', match: false, message: 'There is a letter in it that cannot be shown.'),
        ];
    }
}
