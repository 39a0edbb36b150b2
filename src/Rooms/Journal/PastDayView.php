<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** One day: what was planned, what of it was done and what was left, and all that was written down beside it. */
final readonly class PastDayView
{
    /**
     * @param list<MinutesView>    $minutes
     * @param list<PastSetUpView>  $setUps
     * @param list<InsteadView>    $instead
     * @param list<ElsewhereView>  $elsewhere
     * @param list<PhotographView> $photographs
     */
    public function __construct(
        public string $date,
        public string $called,
        public array $minutes,
        public array $setUps,
        public array $instead,
        public array $elsewhere,
        public array $photographs,
    ) {
    }
}
