<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** The letter of one child and month. */
final readonly class LetterView
{
    /**
     * @param array<string, string> $months      month => what it is called, newest first: those in which anything was seen
     * @param list<PhotographView>  $photographs of the month, to choose one
     * @param list<string>          $own         what the parent noted of the child in the month
     */
    public function __construct(
        public WhoView $child,
        public string $month,
        public string $called,
        public array $months,
        public string $text,
        public bool $isKept,
        public int $version,
        public ?string $photographId,
        public array $photographs,
        public array $own,
        public string $footnote,
    ) {
    }
}
