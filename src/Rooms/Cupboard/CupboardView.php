<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Cupboard;

/** What the house has, and the ordinary things it may have. */
final readonly class CupboardView
{
    /**
     * @param list<ThingView>   $things
     * @param list<ShippedView> $shipped
     */
    public function __construct(public array $things, public array $shipped)
    {
    }
}
