<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** What the journal shows of one child: then and now, facts, guesses, ways of working. */
final readonly class AlongView
{
    /**
     * @param list<StrandThenView>  $strands
     * @param list<FactSquareView>  $squares
     * @param list<WeekOfWaysView>  $ways
     * @param array<string, string> $wayWords way => what it is called, in order
     */
    public function __construct(
        public WhoView $child,
        public string $today,
        public string $then,
        public string $first,
        public array $strands,
        public array $squares,
        public GuessesView $guesses,
        public array $ways,
        public array $wayWords,
        public string $waysSay,
    ) {
    }
}
