<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** Something for any time today: no clock, one tap when it happened. */
final readonly class MomentView
{
    public function __construct(
        public string $childId,
        public string $childName,
        public int $thread,
        public string $activityId,
        public string $name,
        public string $say,
        public bool $happened,
    ) {
    }
}
