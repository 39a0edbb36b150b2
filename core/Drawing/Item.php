<?php

declare(strict_types=1);

namespace Pindle\Core\Drawing;

/** Marks that together are one thing in a drawing: a cork, a plate, a card. A drawing is asked what lies in it by these. */
final readonly class Item implements Mark
{
    /**
     * @param string     $what  id of the thing, or the name of the gear
     * @param list<Mark> $marks
     * @param bool       $faint an outline: taken away, still to come, or for showing only
     */
    public function __construct(public string $what, public array $marks, public bool $faint = false)
    {
    }
}
