<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Activities;

/** The games this house knows, and which new one would open most. */
final readonly class RepertoireView
{
    /**
     * @param list<GameView>  $games the most used first
     * @param list<OpensView> $opens most first
     * @param int             $aWeek new ones a week at most
     * @param int             $enough about so many carry a house
     */
    public function __construct(public array $games, public array $opens, public int $aWeek, public int $enough)
    {
    }
}
