<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Table;

use Pindle\Core\Advice\Idea;

/** A question made beforehand for an idea. */
final readonly class SpareView
{
    public function __construct(public Idea $idea, public TurnView $turn)
    {
    }
}
