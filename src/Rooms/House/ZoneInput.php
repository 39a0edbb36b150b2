<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Symfony\Component\Validator\Constraints as Assert;

/** The time zone a household lives in. */
final readonly class ZoneInput
{
    public function __construct(
        #[Assert\Timezone(message: 'There is no such time zone.')]
        #[Assert\Length(max: 60)]
        public string $zone,
    ) {
    }
}
