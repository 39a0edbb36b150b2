<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\Core\Evidence\Mark;

/** Where a step of one child stands: its mark, and what is said beside it. */
final readonly class StandingView
{
    /**
     * @param bool        $taken     taken as known: nobody has looked, or something that can be done stands on it
     * @param bool        $look      worth a look
     * @param string|null $beside    what else there is to say: "one miss", "last seen 3 Oct", "right, not yet quick"
     * @param string|null $since     day from which it is Can do
     */
    public function __construct(
        public Mark $mark,
        public bool $taken,
        public bool $look,
        public ?string $beside,
        public bool $setByHand,
        public ?string $since,
    ) {
    }
}
