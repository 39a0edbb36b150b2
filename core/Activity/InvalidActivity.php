<?php

declare(strict_types=1);

namespace Pindle\Core\Activity;

/** An activity whose numbers cannot be. */
final class InvalidActivity extends \InvalidArgumentException
{
    public static function setUp(string $id, int $minutes): self
    {
        return new self(\sprintf('%s is laid out in %d to %d minutes, not in %d.', $id, 0, Activity::LONGEST_SET_UP, $minutes));
    }

    public static function seconds(string $id, int $seconds): self
    {
        return new self(\sprintf('A question of %s takes %d to %d seconds, not %d.', $id, Activity::QUICKEST, Activity::SLOWEST, $seconds));
    }
}
