<?php

declare(strict_types=1);

namespace Pindle\App\Content;

use Pindle\Core\Evidence\Method;
use Pindle\Core\Evidence\Slip;
use Pindle\Core\Printable\SheetKind;

/** What a parent reads of one activity. */
final readonly class ActivityWords
{
    /**
     * @param list<string>          $show
     * @param array<string, string> $say     ask => its own words for it
     * @param list<Method>          $methods worth noticing here
     * @param list<Slip>            $slips   that can happen here
     * @param list<SheetKind>       $sheets  that go with it, besides those of its props
     * @param string|null           $withoutThings what is laid out where drawings or numerals stand for the things; null where it is the same
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
        public ?string $withoutThings = null,
        public array $sheets = [],
    ) {
    }
}
