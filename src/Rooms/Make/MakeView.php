<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

/** The sheets that can be printed, and what can lie on them. */
final readonly class MakeView
{
    /**
     * @param list<SheetCardView> $sheets
     * @param list<ToScaleView>   $things that somebody measured
     * @param list<string>        $wanted sheets that what is planned today or tomorrow asks for
     */
    public function __construct(public array $sheets, public array $things, public array $wanted)
    {
    }
}
