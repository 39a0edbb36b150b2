<?php

declare(strict_types=1);

namespace Pindle\Core\Planning;

use Pindle\Core\Calendar\Span;

/** A piece of one child's thread: one state for some minutes, and the set-up they sit at or play beside. */
final readonly class Stretch
{
    public function __construct(public ChildState $state, public Span $span, public ?string $setUpKey = null)
    {
    }
}
