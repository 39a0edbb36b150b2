<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** What was done instead of the plan. */
final readonly class OtherwiseView
{
    /**
     * @param string      $id    by which it is taken back; that of the set-up where it was a game
     * @param string|null $words in the parent's own words; none where it was a game
     */
    public function __construct(public string $id, public ?string $words)
    {
    }
}
