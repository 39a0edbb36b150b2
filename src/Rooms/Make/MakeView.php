<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Make;

/** The sheets that can be printed, what can lie on them, what is wanted, and what is made already. */
final readonly class MakeView
{
    /**
     * @param list<SheetCardView> $sheets
     * @param list<ToScaleView>   $things
     * @param list<DayWantsView>  $wanted today, tomorrow, this week
     * @param list<KeptView>      $kept
     */
    public function __construct(public array $sheets, public array $things, public array $wanted, public array $kept)
    {
    }
}
