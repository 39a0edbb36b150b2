<?php

declare(strict_types=1);

namespace Pindle\Core\Evidence;

/** What one of a child's last sittings used, so that the next ones differ. */
final readonly class LastSitting
{
    public const KEPT = 2;

    /**
     * @param list<string> $thingIds
     * @param bool         $brandNew whether a step was tried for the first time in it
     */
    public function __construct(public string $sittingId, public string $familyId, public array $thingIds, public bool $brandNew)
    {
    }

    /**
     * @param list<self> $sittings older first
     *
     * @return list<self> with the sitting of this try as the newest
     */
    public static function after(array $sittings, OneTry $try, bool $brandNew): array
    {
        $last = $sittings[\count($sittings) - 1] ?? null;
        if ($last?->sittingId === $try->sittingId) {
            array_pop($sittings);
            $brandNew = $brandNew || $last->brandNew;
        }

        return [...\array_slice($sittings, 1 - self::KEPT), new self($try->sittingId, $try->familyId, $try->thingIds, $brandNew)];
    }
}
