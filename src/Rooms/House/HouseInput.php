<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\House;

use Pindle\App\Platform\Http\KnownSettings;
use Symfony\Component\Validator\Constraints as Assert;

/** What the whole house chooses, with the version last seen. */
final readonly class HouseInput
{
    /** @param array<string, string> $settings setting => answer; what is left out has its default */
    public function __construct(
        #[KnownSettings]
        public array $settings,
        #[Assert\PositiveOrZero]
        public int $version,
    ) {
    }
}
