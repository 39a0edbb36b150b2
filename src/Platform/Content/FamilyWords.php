<?php

declare(strict_types=1);

namespace Pindle\App\Platform\Content;

/** What a parent reads of one activity family. */
final readonly class FamilyWords
{
    /**
     * @param list<string>          $show
     * @param array<string, string> $say     ask => its own words for it
     * @param list<string>          $methods worth noticing here
     * @param list<string>          $slips   that can happen here
     */
    public function __construct(
        public string $name,
        public string $inShort,
        public string $layOut,
        public array $show,
        public string $predict,
        public array $say,
        public array $methods,
        public array $slips,
        public string $easier,
        public string $further,
        public string $shown,
        public string $partDone,
        public string $bare,
        public string $twist,
        public string $toddler,
        public string $childTurn,
        public string $check,
        public string $tidy,
        public ?string $waiting,
    ) {
    }
}
