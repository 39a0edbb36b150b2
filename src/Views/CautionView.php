<?php

declare(strict_types=1);

namespace Pindle\App\Views;

/** A word of care: a chip, and what is one tap behind it. */
final readonly class CautionView
{
    public function __construct(public string $short, public string $say, public string $why, public string $source, public bool $blocked)
    {
    }
}
