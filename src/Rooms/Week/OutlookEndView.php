<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Week;

use Pindle\App\Views\WantView;

/** What an outlook comes to. */
final readonly class OutlookEndView
{
    /**
     * @param list<WaitsView>       $waits
     * @param array<string, string> $missed date => what becomes of a day that did not come about, in words
     * @param list<WantView>        $make   what these days want made and nobody has made
     * @param list<SaveView>        $save   things worth saving up
     */
    public function __construct(public array $waits, public array $missed, public array $make, public array $save)
    {
    }
}
