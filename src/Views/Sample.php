<?php

declare(strict_types=1);

namespace Pindle\App\Views;

use Pindle\Core\Planning\Lack;
use Pindle\Core\Planning\SetUp;

/** An activity laid out for a child nobody knows, with what the house has: what it takes, or what it lacks. */
final readonly class Sample
{
    public function __construct(public SetUp $setUp, public ?Lack $lack)
    {
    }
}
