<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Journal;

/** An amount that was guessed and then counted. */
final readonly class GuessView
{
    public function __construct(public string $day, public int $guess, public int $counted, public bool $ofOthers, public float $off)
    {
    }
}
