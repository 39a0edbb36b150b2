<?php

declare(strict_types=1);

namespace Pindle\Core\Question\Sight;

use Pindle\Core\Question\Comparison;
use Pindle\Core\Question\Picture;
use Pindle\Core\Question\Sight;

/** Two numerals and room for a sign between them; or one numeral, the sign, and room for the other; or both and the sign, to read. */
final readonly class Sign implements Sight
{
    public function __construct(public int $a, public ?int $b, public ?Comparison $sign = null)
    {
    }

    public function picture(): Picture
    {
        return Picture::Sign;
    }
}
