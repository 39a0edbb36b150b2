<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What one of a child's last sittings used, so that the next ones differ. */
final readonly class LastSitting
{
    public const KEPT = 2;

    /**
     * @param list<string> $thingIds
     * @param list<string> $stepIds  steps tried in it
     */
    public function __construct(public string $sittingId, public string $activityId, public array $thingIds, public array $stepIds)
    {
    }

    /**
     * @param list<self> $sittings older first
     *
     * @return list<self> with the sitting of this try as the newest
     */
    public static function after(array $sittings, Attempt $attempt): array
    {
        if ($attempt->isLook) {
            return $sittings;
        }
        $last = $sittings[\count($sittings) - 1] ?? null;
        $steps = [$attempt->stepId];
        if ($last?->sittingId === $attempt->sittingId) {
            array_pop($sittings);
            $steps = \in_array($attempt->stepId, $last->stepIds, true) ? $last->stepIds : [...$last->stepIds, $attempt->stepId];
        }

        return [...\array_slice($sittings, 1 - self::KEPT), new self($attempt->sittingId, $attempt->activityId, $attempt->thingIds, $steps)];
    }
}
