<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

/** What likely comes for one child on a day. */
final readonly class LikelyChildView
{
    /**
     * @param list<LikelySetUpView> $setUps
     * @param list<string>          $due    steps, in words, of which a look falls due
     */
    public function __construct(public string $childId, public array $setUps, public array $due)
    {
    }
}
