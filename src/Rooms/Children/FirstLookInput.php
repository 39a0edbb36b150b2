<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

use Pindle\App\Platform\Http\Texts;

/** What the parent says is there already, before a first look begins. */
final readonly class FirstLookInput
{
    /** @param list<string> $canAlready step ids */
    public function __construct(
        #[Texts(most: 200)]
        public array $canAlready = [],
    ) {
    }
}
