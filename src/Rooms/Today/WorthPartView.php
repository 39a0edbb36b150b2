<?php

declare(strict_types=1);

namespace Pindle\App\Rooms\Today;

/** One part of what a sitting is worth: a term that is added, or a factor that multiplies. */
final readonly class WorthPartView
{
    public function __construct(public string $words, public float $value, public bool $isTerm)
    {
    }
}
