<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** A number and three groups, two of which make it: the one that is named, the one that fits, and one that does not. */
final readonly class Groups implements Sight
{
    /** @var array{int, int, int} */
    public array $groups;

    public function __construct(public int $whole, int $named)
    {
        $fits = $whole - $named;
        // Any other number makes the whole with neither.
        $other = $fits + 1 !== $named ? $fits + 1 : $fits + 2;
        $this->groups = [$named, $fits, $other];
    }

    public function picture(): Picture
    {
        return Picture::Groups;
    }
}
