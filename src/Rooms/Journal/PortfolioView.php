<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** What a portfolio is made of. */
final readonly class PortfolioView
{
    /**
     * @param list<WhoView>     $children
     * @param list<PastDayView> $days  from the first to the last, those on which anything was done or written down
     * @param list<PageView>    $pages
     * @param int               $photographs that are chosen
     * @param int               $parts       PDFs that they make
     * @param int               $most        that go into one
     */
    public function __construct(
        public string $from,
        public string $to,
        public string $title,
        public array $children,
        public array $days,
        public array $pages,
        public int $photographs,
        public int $parts,
        public int $most,
        public string $footnote,
    ) {
    }
}
