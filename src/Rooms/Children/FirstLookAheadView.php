<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Children;

/** Where a first look would stand after each answer to the task that is due. */
final readonly class FirstLookAheadView
{
    public function __construct(
        public FirstLookView $atOnce,
        public FirstLookView $workedItOut,
        public FirstLookView $withHelp,
        public FirstLookView $notYet,
    ) {
    }
}
