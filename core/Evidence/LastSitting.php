<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What one of a child's last sittings used, so that the next ones differ. */
final readonly class LastSitting
{
    public const KEPT = 2;

    /**
     * @param list<string> $thingIds
     */
    public function __construct(public string $sittingId, public string $activityId, public array $thingIds)
    {
    }

    /**
     * @param list<self> $sittings older first
     *
     * @return list<self> with the sitting of this try or closing mark as the newest
     */
    public static function after(array $sittings, Attempt|Closing $seen): array
    {
        if ($seen instanceof Attempt && $seen->isLook()) {
            return $sittings;
        }
        if (($sittings[\count($sittings) - 1] ?? null)?->sittingId === $seen->sittingId) {
            array_pop($sittings);
        }

        return [...\array_slice($sittings, 1 - self::KEPT), new self($seen->sittingId, $seen->activityId, $seen->thingIds)];
    }
}
