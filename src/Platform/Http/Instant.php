<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Http;

use Symfony\Component\Validator\Constraints as Assert;

/** When something was, in milliseconds since 1970 as the device has it. */
#[\Attribute(\Attribute::TARGET_PROPERTY | \Attribute::TARGET_PARAMETER)]
final class Instant extends Assert\Compound
{
    /** The first moment of the year 2100. */
    public const LAST = 4_102_444_800_000;

    protected function getConstraints(array $options): array
    {
        return [new Assert\Range(min: 1, max: self::LAST, notInRangeMessage: 'When was it?')];
    }
}
